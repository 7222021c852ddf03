import { type ServesFor, servesFor } from '../load/servesFor'
import type { Plan } from '../plan/document'
import type { Load } from '../plan/schema'
import { formatDuration, formatNumber } from '../quantity/format'
import { hoursOf, weatherOf } from '../simulation/compile'
import { formatTemperature } from '../reading/inUnits'

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
      return plan.scenario.rain === 'dry' ? Infinity : 0
    case 'animals':
      return 0
    default:
      return Infinity
  }
}

/**
 * What it costs to keep a load off: a sentence without its full stop; null where nothing suffers.
 *
 * @param minutes for how long; null where that is not known
 */
export function offCost(load: Load, plan: Plan, minutes: number | null): string | null {
  const long = minutes === null ? 'for long' : `for ${formatDuration(minutes)}`
  if (load.medical)
    return `whoever depends on ${load.name} goes without it ${long}: ask its supplier what to do in an outage`
  const hours = minutes === null ? null : minutes / 60
  const isTooLong = (keepsH: number) => hours !== null && hours > keepsH
  const serves: ServesFor = servesFor(load)
  switch (serves) {
    case 'cold food':
      return isTooLong(REFRIGERATOR_KEEPS_H)
        ? `longer than the 4 h a closed refrigerator keeps cold: throw out what was above ${formatTemperature(4, plan.household.units)} for 2 h`
        : 'keep it shut: closed it stays cold enough for about 4 h'
    case 'frozen food': {
      const keepsH = freezerKeepsH(load)
      return isTooLong(keepsH)
        ? `longer than the ${formatNumber(keepsH)} h it stays frozen kept shut: food in it is lost`
        : `keep it shut: so full it stays frozen for about ${formatNumber(keepsH)} h, less in the heat`
    }
    case 'warm house': {
      if (hours === null) return 'the house cools meanwhile; mind pipes, the old and the ill'
      const insideC = cooledTo(plan, hours)
      const pipes = insideC < PIPES_AT_RISK_C ? '; pipes may freeze: drain them or keep them warm' : ''
      return `the house falls to about ${formatTemperature(insideC, plan.household.units)}${pipes}`
    }
    case 'frost guard':
      return coldestC(plan) < 2 ? 'what it keeps from freezing freezes' : null
    case 'cooled rooms':
      return 'rooms grow hot; mind the old, the ill and small children'
    case 'animals':
      return `mind the animals: they are without it ${long}`
    case 'pit':
      return plan.scenario.rain === 'dry' ? null : 'the pit goes on filling: watch its level'
    case 'water':
      return 'no water is drawn meanwhile: fill cans beforehand'
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
