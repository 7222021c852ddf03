import type { HangsOn } from '@/core/sizing/answer'

const WORDS: Record<HangsOn, string> = {
  weather: 'this weather lasts',
  fuel: 'there is fuel',
  grid: 'the grid comes back so',
}

/** What it hangs on that a plan goes on. @example "while this weather lasts and there is fuel" */
export const goesOnWhile = (hangsOn: readonly HangsOn[]): string =>
  hangsOn.length ? `while ${hangsOn.map((one) => WORDS[one]).join(' and ')}` : 'as planned'
