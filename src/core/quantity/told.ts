/** What a message is said with: the ending of a value's name tells its unit (`limitW`, `coldestC`, `lastsLongMin`). */
export type ToldValue = string | number | boolean | null | readonly (string | Told)[] | Told

/** A fact to be said: which one (the message of `src/words/en/told`), and what it is said with. */
export interface Told {
  what: string
  with: Readonly<Record<string, ToldValue>>
}

/** What was read cannot be: a fact to be said by whoever asked for it to be read. */
export class ToldError extends RangeError {
  constructor(readonly fact: Told) {
    super(fact.what)
    this.name = 'ToldError'
  }
}

/** @example told('source.asleep', { thresholdW: 15 }) */
export const told = (what: string, values: Told['with'] = {}): Told => ({ what, with: values })
