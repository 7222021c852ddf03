import { told } from '../quantity/told'
import type { Fault } from './fault'

const HALF_A_PAIR = /[\uD800-\uDFFF]/u

/** No document of ours is nested so deep: what is will be refused for its shape. */
const DEEPEST = 64

/** The first text in a document, names of fields included, that holds half a character and so can be stored nowhere; null when there is none. */
export function brokenText(value: unknown, path = '', depth = 0): Fault | null {
  if (typeof value === 'string')
    return HALF_A_PAIR.test(value)
      ? { path: path || 'document', message: told('document.halfACharacter') }
      : null
  if (typeof value !== 'object' || value === null || depth > DEEPEST) return null
  for (const [key, inner] of Object.entries(value)) {
    if (HALF_A_PAIR.test(key)) return { path: path || 'document', message: told('document.halfAName') }
    const at = Array.isArray(value) ? `${path}[${key}]` : path ? `${path}.${key}` : key
    const fault = brokenText(inner, at, depth + 1)
    if (fault) return fault
  }
  return null
}
