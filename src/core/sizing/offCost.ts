import { type ServesFor, servesFor } from '../load/servesFor'
import type { Plan } from '../plan/document'
import type { Load } from '../plan/schema'
import { type Told, told } from '../quantity/told'
import { hoursOf, weatherOf } from '../simulation/compile'

/** A closed refrigerator keeps its food for so long; a full and a half-full freezer theirs. Source: FDA/USDA. */
const REFRIGERATOR_KEEPS_H = 4
const FREEZER_KEEPS_H = { full: 48, half: 24 }
/** An emptier one. From memory. */
const EMPTY_FREEZER_KEEPS_H = 12
/** Off every day, frozen food is to stay hard, not only refreezable: a third of the hours it keeps. From memory. */
const DAILY_MARGIN = 3
/** Time constant of a house. From memory. */
const HOUSE_TAU_H = 40
/** Colder than this inside, pipes in outer walls are near freezing. Common practice, no source. */
const PIPES_AT_RISK_C = 8

/** Hours a load may be off before what depends on it suffers; Infinity where nothing does. */
export function bearsOffH(load: Load, plan: Plan): number {
  const serves = servesFor(load)
  if (load.medical) return 0
  switch (serves) {
    case 'cold food':
      return REFRIGERATOR_KEEPS_H
    case 'frozen food':
      return (freezerKeepsH(load) * warmthShare(load, plan)) / DAILY_MARGIN
    case 'frost guard':
      return coldestC(plan) < 2 ? 0 : Infinity
    case 'pit':
      // ground water comes in dry weather too, and nobody is awake to see it rise
      return 0
    case 'animals':
      return 0
    default:
      return Infinity
  }
}

/**
 * What it costs to keep a load off; null where nothing suffers.
 *
 * @param minutes for how long; null where that is not known
 */
export function offCost(load: Load, plan: Plan, minutes: number | null): Told | null {
  if (load.medical) return told('off.medical', { name: load.name, offLongMin: minutes })
  const hours = minutes === null ? null : minutes / 60
  const isTooLong = (keepsH: number) => hours !== null && hours > keepsH
  const serves: ServesFor = servesFor(load)
  switch (serves) {
    case 'cold food':
      return isTooLong(REFRIGERATOR_KEEPS_H)
        ? told('off.coldTooLong', { keepsH: REFRIGERATOR_KEEPS_H, aboveC: 4 })
        : told('off.cold', { keepsH: REFRIGERATOR_KEEPS_H })
    case 'frozen food': {
      const keepsH = freezerKeepsH(load)
      return isTooLong(keepsH) ? told('off.frozenTooLong', { keepsH }) : told('off.frozen', { keepsH })
    }
    case 'warm house': {
      if (hours === null) return told('off.houseCools')
      const insideC = cooledTo(plan, hours)
      return told('off.houseFalls', { insideC, pipesFreeze: insideC < PIPES_AT_RISK_C })
    }
    case 'frost guard':
      return coldestC(plan) < 2 ? told('off.freezes') : null
    case 'cooled rooms':
      return told('off.roomsHot')
    case 'animals':
      return told('off.animals', { offLongMin: minutes })
    case 'pit':
      return told('off.pit')
    case 'water':
      return told('off.water')
    case 'nothing':
      return null
  }
}

function freezerKeepsH({ behaviour }: Load): number {
  const fill = behaviour.kind === 'cycling' ? (behaviour.box?.fillFraction ?? 0.5) : 0.5
  return fill >= 0.75 ? FREEZER_KEEPS_H.full : fill >= 0.4 ? FREEZER_KEEPS_H.half : EMPTY_FREEZER_KEEPS_H
}

/** Share of the usual hours that frozen food keeps where it is warmer than a room: by the difference of temperatures. */
function warmthShare({ behaviour }: Load, plan: Plan): number {
  if (behaviour.kind !== 'cycling' || !behaviour.follows) return 1
  const { surroundings } = behaviour.follows
  const around =
    typeof surroundings === 'string'
      ? Math.max(...weatherOf(plan.scenario, hoursOf(plan.scenario.durationH * 60))[surroundings])
      : surroundings.aboutC.value
  return Math.min(1, (20 - -18) / Math.max(1, around - -18))
}

/** T(t) = T_out + (T₀ − T_out)·e^(−t/τ), with the mean outdoors. */
function cooledTo({ scenario }: Plan, hours: number): number {
  const outdoors = weatherOf(scenario, hoursOf(scenario.durationH * 60)).outdoors
  const meanC = outdoors.reduce((sum, celsius) => sum + celsius, 0) / outdoors.length
  return meanC + (scenario.indoorC - meanC) * Math.exp(-hours / HOUSE_TAU_H)
}

const coldestC = ({ scenario }: Plan) =>
  Math.min(...weatherOf(scenario, hoursOf(scenario.durationH * 60)).outdoors)
