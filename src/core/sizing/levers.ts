import type { Plan } from '../plan/document'
import type { ChargingTimes, Refill } from '../plan/refill'
import type { Load, Source, Steering } from '../plan/schema'
import type { LeverAct, LeverNote } from './leverSaying'
import { findPowerLevers } from './powerLevers'
import { DAY_MIN, type DayWindow, clockOf, minuteOfDay } from '../plan/clock'
import { servesFor } from '../load/servesFor'
import { leftOutWhy } from '../simulation/compile'
import { bearsOffH, offCost } from './offCost'
import { findRefillLevers } from './refillLevers'
import { outdoorC } from '../weather/temperature'

/** What a lever does to a load or to the hours of the generator in this outage, or to equipment for good. */
export type LeverChange =
  | { loadId: string; on?: boolean; steering?: Steering; volts?: 12 }
  | { sourceId: string; source: Source }
  | { refill: Refill }
  | { charging: ChargingTimes }

/** Something that can be done, and what it costs or asks; null where that is nothing. */
export interface Lever {
  id: string
  act: LeverAct
  note: LeverNote | null
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
/** Frozen food set back is to stay below this. Common practice, no source. */
const FROZEN_BELOW_C = -15
/** A person's to drink. Source: common emergency guidance, a US gallon a day. */
const WATER_A_DAY_L = 4
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
  const { name, steering, tier } = load
  const levers: Lever[] = []
  const lever = (
    id: string,
    act: LeverAct,
    leverNote: LeverNote | null,
    change: { on?: boolean; steering?: Steering },
  ) => levers.push({ id: `${load.id} ${id}`, act, note: leverNote, change: { loadId: load.id, ...change } })
  const steer = (more: Steering): { steering: Steering } => ({ steering: { ...steering, ...more } })
  const night = asleepOf(plan)
  const serves = servesFor(load)
  const isFood = serves === 'cold food' || serves === 'frozen food'
  const bearsH = bearsOffH(load, plan)
  // off altogether for the whole outage, off for a stretch of every day
  const mayBeOff = !load.medical && bearsH === Infinity && serves !== 'warm house'
  /** what keeping it off costs; something else where nothing suffers */
  const cost = (minutes: number | null, otherwise: LeverNote | null, catchesUp = false): LeverNote | null => {
    const cost = offCost(load, plan, minutes)
    return cost === null ? otherwise : { is: 'cost', cost, catchesUp }
  }
  const outageMin = plan.scenario.durationH * 60
  const offDaily = (window: DayWindow): LeverAct => ({ is: 'off daily', name, window })

  if (tier !== 'critical' && (mayBeOff || (tier === 'optional' && isFood && !load.medical)))
    lever('drop', { is: 'leave off', name }, cost(outageMin, { is: 'tier', tier }), { on: false })
  if (tier === 'flexible' && mayBeOff && !steering?.offDaily?.length)
    lever('night', offDaily(night), cost(lengthMin(night), { is: 'asleep' }), steer({ offDaily: [night] }))
  if (NETWORK.test(name) && tier === 'critical' && !load.medical && !steering?.offDaily?.length)
    lever('night', offDaily(night), { is: 'no calls' }, steer({ offDaily: [night] }))
  if (isFood && !load.medical) {
    for (const [id, window] of [
      ['off by night', night],
      ['off by day', DAY],
    ] as const) {
      const short = shortened(window, bearsH)
      if (steering?.offDaily?.length || !short) continue
      lever(id, offDaily(short), cost(lengthMin(short), null, true), steer({ offDaily: [short] }))
    }
    const isFrozen = serves === 'frozen food'
    if (!steering?.setBackK)
      lever(
        'set-back',
        { is: 'warmer', name, byK: SET_BACK_K.cooling },
        isFrozen
          ? { is: 'no warmer', celsius: FROZEN_BELOW_C, what: 'frozen' }
          : { is: 'no warmer', celsius: FOOD_KEEPS_C, what: 'cold' },
        steer({ setBackK: SET_BACK_K.cooling }),
      )
    const keepsC = isFrozen ? FROZEN_KEEPS_C : FOOD_KEEPS_C
    if (warmestC(plan) < keepsC)
      lever(
        'outdoors',
        { is: 'food outdoors', name },
        { is: 'outdoors below', celsius: keepsC },
        { on: false },
      )
  }
  if (serves === 'cooled rooms' && !load.medical && !steering?.setBackK)
    lever(
      'set-back',
      { is: 'warmer', name, byK: SET_BACK_K.cooling },
      cost(null, null),
      steer({ setBackK: SET_BACK_K.cooling }),
    )
  if (serves === 'warm house' && !load.medical && !steering?.setBackK)
    lever(
      'set-back',
      { is: 'cooler', name, byK: SET_BACK_K.heating },
      { is: 'house cools' },
      steer({ setBackK: SET_BACK_K.heating }),
    )
  if (serves === 'water' && !load.medical)
    lever(
      'drawn water',
      { is: 'draw water', name },
      { is: 'water a day', litres: WATER_A_DAY_L },
      { on: false },
    )
  if (plan.household.cooksWithGas && COOKING.test(name) && !load.medical)
    lever('gas', { is: 'cook with gas', name }, { is: 'open a window' }, { on: false })
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
