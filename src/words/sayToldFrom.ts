import type { Told, ToldValue } from '@/core/quantity/told'
import { type Saying, factText } from './factWords'
import { type Messages, sayFrom } from './translate'

/** Says a fact of the core. */
export type SayTold = (fact: Told, saying: Saying) => string

/** The one way from a fact of the core to words: says it by messages, and those within it. */
export function sayToldFrom(messages: Messages): SayTold {
  const say = sayFrom(messages)
  const sayFact: SayTold = ({ what, with: values }, saying) => {
    const said: Record<string, string | number> = {}
    for (const [name, value] of Object.entries(values)) {
      said[name] = textOf(name, value, saying)
      // messages count by it
      if (typeof value === 'number') said[`${name}N`] = value
    }
    return say(what, said)
  }
  const textOf = (name: string, value: ToldValue, saying: Saying): string => {
    if (isTold(value)) return sayFact(value, saying)
    if (isList(value))
      return factText(
        name,
        value.map((one) => (typeof one === 'string' ? one : sayFact(one, saying))),
        saying,
      )
    return factText(name, value, saying)
  }
  return sayFact
}

const isList = (value: ToldValue): value is readonly (string | Told)[] => Array.isArray(value)
const isTold = (value: ToldValue): value is Told =>
  typeof value === 'object' && value !== null && !isList(value)
