import type { Plan } from '../plan/document'
import type { DayWindow } from '../plan/clock'
import type { ChargingTimes, Refill } from '../plan/refill'
import type { Load, Source, Steering } from '../plan/schema'
import { findPowerLevers } from './powerLevers'
import { formatMoment } from '../plan/clock'
import { leftOutWhy } from '../simulation/compile'
import { DEFAULT_SEED } from '../simulation/simulate'
import { runtimesOf } from './runtimes'
import { findRefillLevers } from './refillLevers'
import { outdoorC } from '../weather/temperature'

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

export interface RankedLever extends Lever {
  /** hours the supply lasts longer, mean over the same runs with and without it */
  gainH: number
}

/** Set-backs offered, in kelvin. Common practice, no source. */
const SET_BACK_K = { heating: 4, cooling: 2 }
const NIGHT: DayWindow = { from: '23:00', to: '06:30' }
const DAY: DayWindow = { from: '10:00', to: '18:00' }
/** Food keeps outdoors below this. Source: FDA, 40 °F. */
const FOOD_KEEPS_C = 4
/** Frozen food stays hard below this, with room to spare. From memory. */
const FROZEN_KEEPS_C = -5
const COOKING = /microwave|kettle|coffee|toaster|oven|cook|range|plate|hob/i
const NETWORK = /network|router|fibre|modem|switch|satellite|internet/i

/** Every lever the program sees in a plan: none that changes nothing, none on what is already off. */
export function findLevers(plan: Plan): Lever[] {
  return [
    ...plan.loads.filter((load) => leftOutWhy(load, plan) === null).flatMap((load) => leversOf(load, plan)),
    ...findPowerLevers(plan),
    ...findRefillLevers(plan),
  ]
}

function leversOf(load: Load, plan: Plan): Lever[] {
  const { behaviour, name, steering, tier } = load
  const levers: Lever[] = []
  const lever = (id: string, words: string, note: string, change: { on?: boolean; steering?: Steering }) =>
    levers.push({ id: `${load.id} ${id}`, words, note, change: { loadId: load.id, ...change } })
  const steer = (more: Steering): { steering: Steering } => ({ steering: { ...steering, ...more } })
  const night = asleepOf(plan)
  const isCold = behaviour.kind === 'cycling' && behaviour.follows?.mode === 'cooling' && behaviour.box
  const isFreezer = behaviour.kind === 'cycling' && (behaviour.follows?.setC.value ?? 0) < -10
  const isHeating = behaviour.kind === 'cycling' && behaviour.follows?.mode === 'heating'

  if (tier !== 'hold' && !load.medical) lever('drop', `Leave ${name} off`, tierNote(tier), { on: false })
  if (tier === 'ration' && !load.medical && !steering?.offDaily?.length && !isCold)
    lever(
      'night',
      `${name} off ${night.from}–${night.to}`,
      'while the house is asleep',
      steer({ offDaily: [night] }),
    )
  if (NETWORK.test(name) && tier === 'hold' && !load.medical && !steering?.offDaily?.length)
    lever(
      'night',
      `${name} off ${night.from}–${night.to}`,
      'no calls over the internet meanwhile',
      steer({ offDaily: [night] }),
    )
  if (isCold && !load.medical) {
    if (!steering?.offDaily?.length) {
      lever(
        'off by night',
        `${name} off ${night.from}–${night.to}`,
        'keep it shut; it catches up afterwards',
        steer({ offDaily: [night] }),
      )
      lever(
        'off by day',
        `${name} off ${DAY.from}–${DAY.to}`,
        'keep it shut; it catches up afterwards',
        steer({ offDaily: [DAY] }),
      )
    }
    if (!steering?.setBackK)
      lever(
        'set-back',
        `${name} set ${SET_BACK_K.cooling} °C warmer`,
        isFreezer ? 'frozen food no warmer than −15 °C' : 'no warmer than 4 °C inside',
        steer({ setBackK: SET_BACK_K.cooling }),
      )
    if (warmestC(plan) < (isFreezer ? FROZEN_KEEPS_C : FOOD_KEEPS_C))
      lever(
        'outdoors',
        `Food from ${name} outdoors, ${name} off`,
        `below ${isFreezer ? '−5' : '4'} °C all through; shade, shut boxes, no animals`,
        { on: false },
      )
  }
  if (isHeating && !steering?.setBackK)
    lever(
      'set-back',
      `${name} set ${SET_BACK_K.heating} °C cooler`,
      'the house cools slowly; mind pipes and people',
      steer({ setBackK: SET_BACK_K.heating }),
    )
  if (behaviour.kind === 'pump' && behaviour.inflowFollows === 'use')
    lever(
      'drawn water',
      `Draw water beforehand, ${name} off`,
      '4 L a person and day to drink, more to flush',
      { on: false },
    )
  if (plan.household.cooksWithGas && COOKING.test(name))
    lever(
      'gas',
      `Cook with gas, ${name} off`,
      'open a window, have a CO alarm; never a camping stove indoors',
      { on: false },
    )
  // two ways to the same thing are told once: the one without electricity, which says how
  const offs = levers.filter(({ change }) => 'on' in change && change.on === false)
  return offs.length < 2 ? levers : levers.filter(({ id }) => id !== `${load.id} drop`)
}

const tierNote = (tier: Load['tier']) => (tier === 'spare' ? 'Spare: goes first' : 'Ration: may be paused')

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

const RUNS = 60
/** A lever that gains less is not worth telling. */
const LEAST_GAIN_H = 0.05

/**
 * The levers by hours gained, most first, those that cost nothing before those that do. Every variant runs with the same draws, load by load, so that the order
 * does not flicker from one look to the next; runs that outlast the horizon count as long as it is.
 */
export function rankLevers(plan: Plan, runs = RUNS, seed = DEFAULT_SEED): RankedLever[] {
  const base = runtimesOf(plan, runs, seed)
  return findLevers(plan)
    .map((lever) => {
      const with_ = runtimesOf(withChange(plan, lever.change), runs, seed)
      let gained = 0
      for (let run = 0; run < runs; run++) gained += with_[run] - base[run]
      return { ...lever, gainH: gained / runs / 60 }
    })
    .filter(({ gainH }) => gainH >= LEAST_GAIN_H)
    .sort((a, b) => Number(a.isBought ?? false) - Number(b.isBought ?? false) || b.gainH - a.gainH)
}

/** A stretch of a pause in words. @example pauseWords(plan, { fromMin: 300, toMin: 420 }) // "Friday 23:00 – Saturday 01:00" */
export function pauseWords(
  { scenario }: Plan,
  { fromMin, toMin }: { fromMin: number; toMin: number },
): string {
  return `${formatMoment(scenario.startsAt, fromMin)} – ${formatMoment(scenario.startsAt, toMin)}`
}
