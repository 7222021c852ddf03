import type { Units } from '@/core/quantity/units'
import { formatTemperature } from '@/words/inUnits'
import { coldGuessText as coldGuessTextWords } from '../en/facts'
import { wordsOf } from '../translate'

const say = wordsOf(coldGuessTextWords)

/** What the panels' part rests on where nobody said how cold it gets; without its full stop. */
export const coldGuessText = (guessC: number, units: Units): string =>
  say('thatThePanelsMayBeConnected', { temperature: formatTemperature(guessC, units) })
