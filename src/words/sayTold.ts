import type { Told, ToldValue } from '@/core/quantity/told'
import { told } from './en/told'
import { type Saying, factText } from './factWords'
import { sayFrom } from './translate'

const say = sayFrom(told)

/** Says a fact of the core, and those within it. */
export function sayTold({ what, with: values }: Told, saying: Saying): string {
  const said: Record<string, string | number> = {}
  for (const [name, value] of Object.entries(values)) {
    said[name] = isTold(value) ? sayTold(value, saying) : factText(name, value, saying)
    // messages count by it
    if (typeof value === 'number') said[`${name}N`] = value
  }
  return say(what, said)
}

const isTold = (value: ToldValue): value is Told =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
