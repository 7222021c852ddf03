import type { Refill } from '../plan/refill'
import type { Scenario } from '../plan/schema'

/** The coldest panels have to bear, °C, and whether it was typed or guessed. */
export interface RecordLow {
  celsius: number
  isGuess: boolean
}

/**
 * The coldest it has been where people live, by degrees of latitude: what inland places of the north reach, and
 * the milder south with its seas. Rounded from memory to the cold side, since too warm a guess destroys.
 */
const COLDEST: Record<'north' | 'south', readonly [latitudeDeg: number, celsius: number][]> = {
  north: [
    [0, 5],
    [15, 0],
    [25, -12],
    [30, -20],
    [35, -31],
    [40, -38],
    [45, -43],
    [50, -47],
    [60, -54],
    [90, -60],
  ],
  south: [
    [0, 5],
    [15, 0],
    [25, -8],
    [35, -14],
    [45, -23],
    [55, -28],
    [90, -60],
  ],
}
/** A record is this much colder than the low of a storm somebody planned for. Common practice, no source. */
const BELOW_PLANNED_K = 12

/** The coldest a place may have seen, °C, from its latitude and from the cold of the outage itself: a guess. */
export function guessedRecordLowC({ place, outdoor, sky }: Scenario): number {
  const table = COLDEST[place.latitudeDeg >= 0 ? 'north' : 'south']
  const latitude = Math.abs(place.latitudeDeg)
  const above = Math.max(
    1,
    table.findIndex(([deg]) => deg >= latitude),
  )
  const [[fromDeg, fromC], [toDeg, toC]] = [table[above - 1], table[above]]
  const ofPlace = fromC + ((toC - fromC) * (latitude - fromDeg)) / (toDeg - fromDeg)
  const planned = sky?.kind === 'measured' ? Math.min(...sky.temperatureC) : outdoor.lowC
  return Math.round(Math.min(ofPlace, planned - BELOW_PLANNED_K))
}

/** The record low that was typed, or else the guess. */
export const recordLowOf = ({ recordLowC }: Pick<Refill, 'recordLowC'>, scenario: Scenario): RecordLow =>
  recordLowC === null
    ? { celsius: guessedRecordLowC(scenario), isGuess: true }
    : { celsius: recordLowC, isGuess: false }
