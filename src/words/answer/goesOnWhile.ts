import type { HangsOn } from '@/core/sizing/answer'
import { goesOnWhile as goesOnWhileWords } from '../en/facts'
import { listed } from '../listed'
import { wordsOf } from '../translate'

const say = wordsOf(goesOnWhileWords)

const WORDS: Record<HangsOn, string> = {
  weather: say('thisWeatherLasts'),
  fuel: say('thereIsFuel'),
  grid: say('theGridComesBackSo'),
}

/** What it hangs on that a plan goes on. @example "while this weather lasts and there is fuel" */
export const goesOnWhile = (hangsOn: readonly HangsOn[]): string =>
  hangsOn.length ? say('whileWord', { hangsOn: listed(hangsOn.map((one) => WORDS[one])) }) : say('asPlanned')
