import { dcFactor } from '../load/dcFeed'
import { peakRunningW } from '../load/peak'
import type { Plan } from '../plan/document'
import type { Load, Source } from '../plan/schema'
import type { Quantity } from '../quantity/quantity'
import { hoursOf, weatherOf } from '../simulation/compile'
import { type Requirement, requirementOf } from './requirement'

/** A part of a source with a limit of its own; empty: all its outlets together. */
export type SourcePart =
  '' | 'in this heat' | 'leg A' | 'leg B' | 'one outlet' | 'direct current' | 'a long start'

/** One limit of a source against what its loads ask of it. */
export interface Strain {
  unit: 'W' | 'VA'
  part: SourcePart
  requirement: Requirement
  /** W, or VA where that is the limit */
  neededW: number
  limitW: number
  /** the label's value behind the limit */
  limit: Quantity
  /** the load that decides */
  binding: Load | null
}

const isDc = ({ volts }: Load) => volts === 12

/**
 * What a source's loads ask of its continuous watts: all together, each leg, one outlet, the direct-current
 * sockets. Heat where it stands lowers the first two.
 *
 * @param loads those it carries
 * @returns the strains, largest share of its limit first
 */
export function carryStrains(source: Source, loads: readonly Load[], plan: Plan): Strain[] {
  const { outfit } = source
  const hot = hotShare(source, plan)
  const mains = loads.filter((load) => !isDc(load))
  const askedBy = (some: readonly Load[]) => requirementOf(some, ...asked(plan))
  const strains: Strain[] = []
  const add = (
    part: SourcePart,
    requirement: Requirement,
    limit: Quantity,
    limitW: number,
    unit: Strain['unit'] = 'W',
  ) =>
    strains.push({
      unit,
      part,
      requirement,
      neededW: requirement.runningW,
      limitW,
      limit,
      binding: requirement.running[0] ?? null,
    })
  const hotWords = hot < 1 ? 'in this heat' : ''
  add(hotWords, askedBy(mains), source.continuousW, source.continuousW.value * hot)
  const inverter = source.bank?.inverter
  if (inverter) {
    const limit = { ...source.continuousW, value: inverter.continuousVa }
    add('', askedBy(mains.map(inVoltAmps)), limit, inverter.continuousVa, 'VA')
  }
  if (outfit?.legW) {
    for (const leg of ['A', 'B'] as const) {
      const onLeg = mains.filter((load) => load.volts === 120 && load.leg === leg)
      const both = mains.filter(({ volts }) => volts === 240).map(halved)
      const limit = { ...source.continuousW, value: outfit.legW }
      add(`leg ${leg}` as const, askedBy([...onLeg, ...both]), limit, outfit.legW * hot)
    }
  }
  if (outfit && outfit.outlets.count > 0) {
    const largest = byPeak(mains.filter(({ volts }) => volts !== 240))[0]
    const limitW = outfit.outlets.ampsEach * (largest?.volts ?? 120)
    if (largest) add('one outlet', askedBy([largest]), { ...source.continuousW, value: limitW }, limitW)
  }
  const direct = loads.filter(isDc).map((load) => atItsSocket(load, plan))
  if (direct.length > 0 && outfit?.dc) {
    const limitW = outfit.dc.socketW + outfit.dc.usbW
    add('direct current', askedBy(direct), { ...source.continuousW, value: limitW }, limitW)
  }
  return strains.sort((a, b) => b.neededW / Math.max(1, b.limitW) - a.neededW / Math.max(1, a.limitW))
}

/**
 * What starts ask: the worst start against the surge watts, and starts that last longer than the source
 * holds its surge against the continuous watts.
 */
export function startStrains(source: Source, loads: readonly Load[], plan: Plan): Strain[] {
  const mains = loads.filter((load) => !isDc(load))
  const of = (some: readonly Load[], part: SourcePart, limit: Quantity): Strain => {
    const requirement = requirementOf(some, ...asked(plan))
    return {
      unit: 'W',
      part,
      requirement,
      neededW: requirement.startW,
      limitW: limit.value,
      limit,
      binding: requirement.starter,
    }
  }
  const strains = [of(mains, '', source.surgeW)]
  const isLong = ({ start }: Load) => start !== null && start.seconds.value > source.surgeS.value
  if (mains.some(isLong)) {
    const longOnly = mains.map((load) => (isLong(load) ? load : { ...load, start: null }))
    strains.push(of(longOnly, 'a long start', source.continuousW))
  }
  return strains.sort((a, b) => b.neededW / Math.max(1, b.limitW) - a.neededW / Math.max(1, a.limitW))
}

const asked = (plan: Plan) =>
  [plan.scenario.startsAt, plan.scenario.durationH * 60, plan.household.surgeSchool] as const

const byPeak = (loads: readonly Load[]) =>
  [...loads].sort((a, b) => peakRunningW(b.behaviour) - peakRunningW(a.behaviour))

/** Motors draw more volt-amps than watts. Common practice, no source. */
const MOTOR_POWER_FACTOR = 0.75

/** A load as the inverter's volt-amps see it. */
function inVoltAmps(load: Load): Load {
  const { behaviour } = load
  const isMotor =
    behaviour.kind === 'pump' || (behaviour.kind === 'cycling' && behaviour.drive?.kind !== 'inverter')
  if (!isMotor) return load
  const { runningW } = behaviour
  return {
    ...load,
    behaviour: {
      ...behaviour,
      runningW: { ...runningW, value: runningW.value / MOTOR_POWER_FACTOR },
    } as Load['behaviour'],
  }
}

/** A 240 V load as each leg sees it. */
const halved = (load: Load): Load => scaled(load, 1 / 2)

/** A load on direct current as its socket sees it: its converter and its lead take beside it. */
const atItsSocket = (load: Load, plan: Plan): Load =>
  scaled(
    load,
    dcFactor(
      load,
      plan.wiring?.loads?.find(({ loadId }) => loadId === load.id),
    ),
  )

function scaled(load: Load, by: number): Load {
  const { behaviour, start } = load
  const times = <T extends Quantity>(quantity: T): T => ({ ...quantity, value: quantity.value * by })
  return {
    ...load,
    behaviour: { ...behaviour, runningW: times(behaviour.runningW) } as Load['behaviour'],
    start: start && { ...start, watts: times(start.watts) },
  }
}

/** Share of its continuous watts a source gives at the hottest hour of the outage where it stands. */
export function hotShare(source: Source, plan: Plan): number {
  const derating = source.outfit?.hotDerating
  if (!derating) return 1
  const hours = hoursOf(plan.scenario.durationH * 60)
  const hottest = Math.max(...weatherOf(plan.scenario, hours)[source.where ?? 'indoors'])
  return Math.max(0, 1 - derating.perKFraction * Math.max(0, hottest - derating.aboveC))
}
