import type { Units } from '@/core/quantity/units'
import { formatTemperature } from '@/core/reading/inUnits'

/** What the panels' part rests on where nobody said how cold it gets; without its full stop. */
export const coldGuessText = (guessC: number, units: Units): string =>
  `That the panels may be connected rests on a guess: never colder than ${formatTemperature(guessC, units)}`
