import type { PlateKind } from '../plan/limits'
import type { Behaviour, Cycling, HouseholdLoad, Start } from '../plan/schema'
import { type Quantity, quantity } from '../quantity/quantity'
import { type Told, told } from '../quantity/told'
import { labelStandsForC } from './coldBox'
import { DEFROST_MARGIN_W, type LabelResult } from './label'

/** One figure a label changes, as it was and as it will be; null for what was not there. */
export interface Change {
  what: 'start' | 'running' | 'average' | 'defrost' | 'betweenCycles' | 'idle' | 'minutesEach'
  /** W; minutes where it is how long it runs each time */
  before: number | null
  after: number
}

export interface LabelChanges {
  part: Partial<HouseholdLoad>
  changes: Change[]
  /** said beside them: what the label's figure is taken for */
  note: Told | null
}

/** Volts × amps this much above the compressor's watts are the defrost heater's. Common practice, no source. */
const HEATER_TIMES = 2

/**
 * The parts of a load that its label changes, and what each was before. Nothing else of the load changes.
 *
 * On a refrigerator with a defrost heater volts × amps far above its compressor's are the heater's limit; a heater's own
 * printed watts count as printed, and a box without a heater gets none.
 */
export function labelChanges(load: HouseholdLoad, result: LabelResult, kind: PlateKind): LabelChanges {
  const { behaviour } = load
  const { runningW, averageW, whCycle, startVa, limitW } = result
  const changes: Change[] = []
  const part: Partial<HouseholdLoad> = {}
  let note: Told | null = null
  const tell = (what: Change['what'], before: number | null, after: number) => {
    if (before !== null && Math.abs(before - after) < 0.05) return
    changes.push({ what, before, after })
  }
  const start = startVa === null ? null : startOf(load.start, startVa, result)
  if (start) {
    tell('start', load.start?.watts.value ?? null, start.watts.value)
    part.start = start
  }
  const put = (next: Behaviour) => (part.behaviour = next)
  const idle = result.idleW
  if (behaviour.kind === 'cycling') {
    const isHeater =
      kind === 'cold box' &&
      result.isLimitOnly &&
      behaviour.defrost !== undefined &&
      (limitW?.value ?? 0) > HEATER_TIMES * behaviour.runningW.value
    const next: Cycling = { ...behaviour }
    if (runningW && !isHeater) {
      tell('running', behaviour.runningW.value, runningW.value)
      next.runningW = runningW
      // heating runs as many hours whatever its motor draws: its average follows its watts
      if (behaviour.follows?.mode === 'heating' && !averageW && behaviour.averageW.evidence === 'typical') {
        const scaled =
          Math.round((10 * behaviour.averageW.value * runningW.value) / behaviour.runningW.value) / 10
        tell('average', behaviour.averageW.value, scaled)
        next.averageW = { ...behaviour.averageW, value: scaled }
        if (behaviour.blower)
          next.blower = {
            ...behaviour.blower,
            watts: {
              ...behaviour.blower.watts,
              value:
                Math.round((10 * behaviour.blower.watts.value * runningW.value) / behaviour.runningW.value) /
                10,
            },
          }
      }
    }
    const heater: Quantity<'W'> | null =
      result.defrostW ??
      (isHeater && limitW
        ? { ...limitW, value: Math.round((limitW.value + DEFROST_MARGIN_W) * 10) / 10 }
        : null)
    if (heater && behaviour.defrost) {
      tell('defrost', behaviour.defrost.watts.value, heater.value)
      next.defrost = { ...behaviour.defrost, watts: heater }
      if (isHeater && !result.defrostW)
        note = told('labelNote.heater', {
          marginW: DEFROST_MARGIN_W,
          compressorW: behaviour.runningW.value,
        })
    } else if (result.defrostW) note = told('labelNote.noHeater')
    if (averageW) {
      tell('average', behaviour.averageW.value, averageW.value)
      next.averageW = averageW
      if (behaviour.follows?.mode === 'cooling') {
        // a label's energy is told for a room of 32 °C with its doors shut
        next.follows = {
          ...behaviour.follows,
          knownAtC: quantity(labelStandsForC(behaviour.follows.setC.value), '°C', 'label', {
            plusMinus: 1.5,
          }),
        }
        if (behaviour.doors) next.doors = { ...behaviour.doors, knownADay: 0 }
        note ??= told('labelNote.warmRoom', { labelRoomC: 32 })
      }
    } else if (next.averageW.value > Math.max(next.runningW.value, next.defrost?.watts.value ?? 0)) {
      const most = Math.max(next.runningW.value, next.defrost?.watts.value ?? 0)
      tell('average', behaviour.averageW.value, most)
      next.averageW = { ...behaviour.averageW, value: most }
      note ??= told('labelNote.averageFollows')
    }
    if (idle) {
      tell('betweenCycles', behaviour.idleW?.value ?? null, idle.value)
      next.idleW = idle
    }
    put(next)
    return { part: changes.length ? part : {}, changes, note }
  }
  if (behaviour.kind === 'session' && whCycle) {
    const watts = runningW?.value ?? behaviour.runningW.value
    const minutes = Math.min(
      1440,
      Math.max(0.05, Math.round((whCycle.value / Math.max(1, watts)) * 600) / 10),
    )
    tell('running', behaviour.runningW.value, watts)
    changes.push({
      what: 'minutesEach',
      before: behaviour.minutesEach.value,
      after: minutes,
    })
    put({
      ...behaviour,
      runningW: runningW ?? behaviour.runningW,
      minutesEach: quantity(minutes, 'min', 'label', { times: 1.3 }),
    })
    return { part, changes, note }
  }
  const used = kind === 'electronics' ? electronicsInUse(load, result) : null
  if (used) note = told('labelNote.electronics', { share: used.share })
  const running = used?.watts ?? runningW ?? (averageW && behaviour.kind === 'constant' ? averageW : null)
  if (running) {
    tell('running', behaviour.runningW.value, running.value)
    put({ ...behaviour, runningW: running })
  }
  if (idle && behaviour.kind === 'charging') {
    tell('idle', behaviour.idleW.value, idle.value)
    put({ ...(part.behaviour ?? behaviour), idleW: idle } as Behaviour)
  }
  return { part: changes.length ? part : {}, changes, note }
}

/**
 * What electronics use of what their label states: some 0.55 of it, breathing aids less, since it allows for heating water
 * and the hardest breath. Common practice, no source.
 */
const USE_OF_LABEL = { electronics: 0.55, breathing: 0.45 }
const USE_TIMES = 1.4
const BREATHING = /cpap|bipap|breath|apn/i
/** What is printed on lamps they draw. */
const LAMPS = /light|lamp|bulb|led\b/i

/** Watts in use behind a label that is a ceiling; null where it is none: lamps, uses of some minutes, energy printed. */
function electronicsInUse(
  { name, behaviour }: Pick<HouseholdLoad, 'name' | 'behaviour'>,
  { limitW, averageW }: LabelResult,
): { share: number; watts: Quantity<'W'> } | null {
  if (behaviour.kind !== 'constant' && behaviour.kind !== 'scheduled') return null
  if (!limitW || averageW || LAMPS.test(name)) return null
  const share = BREATHING.test(name) ? USE_OF_LABEL.breathing : USE_OF_LABEL.electronics
  const value = Math.round(limitW.value * share * 10) / 10
  return { share, watts: { ...limitW, value, spread: { times: USE_TIMES } } }
}

function startOf(before: Start | null, startVa: number, { facts }: LabelResult): Start {
  const { hp, codeLetter } = facts
  return {
    watts: quantity(Math.min(50_000, startVa), 'W', 'label'),
    seconds: before?.seconds ?? quantity(0.3, 's', 'typical', { times: 2 }),
    ...(hp !== null && codeLetter ? { basis: { kind: 'code letter', hp, letter: codeLetter } } : {}),
  }
}
