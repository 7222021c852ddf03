/** What a message is said with: the ending of a value's name tells its unit (`limitW`, `coldestC`, `lastsLongMin`). */
export type ToldValue = string | number | boolean | null | readonly string[] | Told

/** A fact to be said: which one (the message of `src/words/en/told`), and what it is said with. */
export interface Told {
  what: string
  with: Readonly<Record<string, ToldValue>>
}

/** @example told('source.asleep', { thresholdW: 15 }) */
export const told = (what: string, values: Told['with'] = {}): Told => ({ what, with: values })
