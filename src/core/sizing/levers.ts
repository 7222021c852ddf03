import { momentOf } from '../plan/momentOf'
import type { Plan } from '../plan/document'
import type { ChargingTimes, Refill } from '../plan/refill'
import type { Load, Source, Steering } from '../plan/schema'
import { findPowerLevers } from './powerLevers'
import { DAY_MIN, type DayWindow, clockOf, formatWindow, minuteOfDay } from '../plan/clock'
import { servesFor } from '../load/servesFor'
import { leftOutWhy } from '../simulation/compile'
import { bearsOffH, offCost } from './offCost'
import { findRefillLevers } from './refillLevers'
import { outdoorC } from '../weather/temperature'
import { formatDegrees, formatTemperature, formatVolume } from '../reading/inUnits'

/** What a lever does to a load or to the hours of the generator in this outage, or to equipment for good. */
export type LeverChange =
  | { loadId: string; on?: boolean; steering?: Steering; volts?: 12 }
  | { sourceId: string; source: Source }
  | { refill: Refill }
  | { charging: ChargingTimes }

/** Something that can be done, in words, and what it would gain. */
export interface Lever {
  id: string
  /** what to do */
  words: string
  /** what it costs, or what must be heeded */
  note: string
  change: LeverChange
  /** has to be bought: told after what costs nothing */
  isBought?: true
}

/** Set-backs offered, in kelvin. Common practice, no source. */
const SET_BACK_K = { heating: 4, cooling: 2 }
const NIGHT: DayWindow = { from: '23:00', to: '06:30' }
const DAY: DayWindow = { from: '10:00', to: '18:00' }
/** Food keeps outdoors below this. Source: FDA, 40 °F. */
const FOOD_KEEPS_C = 4
/** Frozen food stays hard below this, with room to spare. From memory. */
const FROZEN_KEEPS_C = -5
/** A box is offered to be off for so many hours a day, common practice. */
const LEAST_OFF_H = 3
const MOST_OFF_H = 8
const COOKING = /microwave|kettle|coffee|toaster|oven|cook|range|plate|hob/i
const NETWORK = /network|router|fibre|modem|switch|satellite|internet/i

/** Every lever the program sees in a plan: none that changes nothing, none on what is already off. */
export function findLevers(plan: Plan): Lever[] {
  const carried = plan.loads.filter((load) => leftOutWhy(load, plan) === null)
  return [
    ...carried.flatMap((load) =>
      // with the only load off there would be nothing left to last
      leversOf(load, plan).filter(({ change }) => carried.length > 1 || !isOff(change)),
    ),
    ...findPowerLevers(plan),
    ...findRefillLevers(plan),
  ]
}

const isOff = (change: LeverChange) => 'on' in change && change.on === false

function leversOf(load: Load, plan: Plan): Lever[] {
  const { behaviour, name, steering, tier } = load
  const levers: Lever[] = []
  const lever = (id: string, words: string, note: string, change: { on?: boolean; steering?: Steering }) =>
    levers.push({ id: `${load.id} ${id}`, words, note, change: { loadId: load.id, ...change } })
  const steer = (more: Steering): { steering: Steering } => ({ steering: { ...steering, ...more } })
  const night = asleepOf(plan)
  const serves = servesFor(load)
  const isFood = serves === 'cold food' || serves === 'frozen food'
  const bearsH = bearsOffH(load, plan)
  // off altogether for the whole outage, off for a stretch of every day
  const mayBeOff = !load.medical && bearsH === Infinity && serves !== 'warm house'
  const { units } = plan.household
  const costWords = (minutes: number | null, otherwise: string) => offCost(load, plan, minutes) ?? otherwise
  const outageMin = plan.scenario.durationH * 60

  if (tier !== 'critical' && (mayBeOff || (tier === 'optional' && isFood && !load.medical)))
    lever('drop', `Leave ${name} off`, costWords(outageMin, tierNote(tier)), { on: false })
  if (tier === 'flexible' && mayBeOff && !steering?.offDaily?.length)
    lever(
      'night',
      `${name} off ${formatWindow(night, units.clock)}`,
      costWords(lengthMin(night), 'while the house is asleep'),
      steer({ offDaily: [night] }),
    )
  if (NETWORK.test(name) && tier === 'critical' && !load.medical && !steering?.offDaily?.length)
    lever(
      'night',
      `${name} off ${formatWindow(night, units.clock)}`,
      'no calls over the internet meanwhile',
      steer({ offDaily: [night] }),
    )
  if (isFood && !load.medical) {
    for (const [id, window] of [
      ['off by night', night],
      ['off by day', DAY],
    ] as const) {
      const short = shortened(window, bearsH)
      if (steering?.offDaily?.length || !short) continue
      lever(
        id,
        `${name} off ${formatWindow(short, units.clock)}`,
        `${costWords(lengthMin(short), '')}; it catches up afterwards`,
        steer({ offDaily: [short] }),
      )
    }
    if (!steering?.setBackK)
      lever(
        'set-back',
        `${name} set ${formatDegrees(SET_BACK_K.cooling, units)} warmer`,
        serves === 'frozen food'
          ? `frozen food no warmer than ${formatTemperature(-15, units)}`
          : `no warmer than ${formatTemperature(4, units)} inside`,
        steer({ setBackK: SET_BACK_K.cooling }),
      )
    if (warmestC(plan) < (serves === 'frozen food' ? FROZEN_KEEPS_C : FOOD_KEEPS_C))
      lever(
        'outdoors',
        `Food from ${name} outdoors, ${name} off`,
        `below ${formatTemperature(serves === 'frozen food' ? -5 : 4, units)} all through; shade, shut boxes, no animals`,
        { on: false },
      )
  }
  if (serves === 'cooled rooms' && !load.medical && !steering?.setBackK)
    lever(
      'set-back',
      `${name} set ${formatDegrees(SET_BACK_K.cooling, units)} warmer`,
      costWords(null, ''),
      steer({ setBackK: SET_BACK_K.cooling }),
    )
  if (serves === 'warm house' && !load.medical && !steering?.setBackK)
    lever(
      'set-back',
      `${name} set ${formatDegrees(SET_BACK_K.heating, units)} cooler`,
      'the house cools slowly; mind pipes and people',
      steer({ setBackK: SET_BACK_K.heating }),
    )
  if (serves === 'water' && !load.medical)
    lever(
      'drawn water',
      `Draw water beforehand, ${name} off`,
      `${formatVolume(4, units)} a person and day to drink, more to flush`,
      { on: false },
    )
  if (plan.household.cooksWithGas && COOKING.test(name) && !load.medical)
    lever(
      'gas',
      `Cook with gas, ${name} off`,
      'open a window, have a CO alarm; never a camping stove indoors',
      { on: false },
    )
  // two ways to the same thing are told once: the one without electricity, which says how
  const offs = levers.filter(({ change }) => isOff(change))
  return offs.length < 2 ? levers : levers.filter(({ id }) => id !== `${load.id} drop`)
}

/** Minutes of a daily window. */
const lengthMin = ({ from, to }: DayWindow) =>
  (minuteOfDay(to) - minuteOfDay(from) + DAY_MIN) % DAY_MIN || DAY_MIN

/** The last hours of a window that a box bears; null where that is hardly worth it. */
function shortened(window: DayWindow, bearsH: number): DayWindow | null {
  const hours = Math.min(lengthMin(window) / 60, Math.floor(bearsH), MOST_OFF_H)
  if (hours < LEAST_OFF_H) return null
  return { from: clockOf((minuteOfDay(window.to) - hours * 60 + DAY_MIN) % DAY_MIN), to: window.to }
}

const tierNote = (tier: Load['tier']) =>
  tier === 'optional' ? 'Optional: goes first' : 'Flexible: may be paused'

const asleepOf = ({ scenario }: Plan): DayWindow => {
  const window = scenario.asleep[0]
  return window ? { from: window.from, to: window.to } : NIGHT
}

const warmestC = ({ scenario }: Plan) =>
  Math.max(...Array.from({ length: 24 }, (_, h) => outdoorC(scenario.outdoor, h)))

/** The plan with a lever applied; the plan handed in stays as it is. */
export function withChange(plan: Plan, change: LeverChange): Plan {
  if ('refill' in change) return { ...plan, refill: change.refill }
  if ('charging' in change) return { ...plan, scenario: { ...plan.scenario, charging: change.charging } }
  if ('sourceId' in change) {
    const { powerSystem } = plan
    const sources = powerSystem.sources.map((source) =>
      source.id === change.sourceId ? change.source : source,
    )
    return { ...plan, powerSystem: { ...powerSystem, sources } }
  }
  const { loadId, on, steering, volts } = change
  return {
    ...plan,
    loads: plan.loads.map((load) =>
      load.id === loadId
        ? {
            ...load,
            ...(on === undefined ? {} : { on }),
            ...(steering ? { steering } : {}),
            ...(volts ? { volts } : {}),
          }
        : load,
    ),
  }
}

/** A stretch of a pause in words. @example pauseWords(plan, { fromMin: 300, toMin: 420 }) // "Friday 23:00 – Saturday 01:00" */
export function pauseWords(
  plan: Pick<Plan, 'scenario' | 'household'>,
  { fromMin, toMin }: { fromMin: number; toMin: number },
): string {
  return `${momentOf(plan, fromMin)} – ${momentOf(plan, toMin)}`
}
