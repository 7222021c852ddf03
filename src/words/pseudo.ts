import type { CompiledMessage } from 'icu-minify/format'
import letters from './accents.json' with { type: 'json' }

// some are written twice: about a third more letters
const { plain, accented: accents, twice } = letters

/** A compiled message in the pseudo-language; its values stay as they are. */
export function toPseudo(message: CompiledMessage): CompiledMessage {
  return partOf(message) as CompiledMessage
}

/** Text, or a list of texts and nodes. */
const partOf = (part: unknown): unknown =>
  typeof part === 'string' ? accented(part) : Array.isArray(part) ? part.map(nodeOf) : part

/** A node is a text, the number of a plural, or a list: a value's name; name, kind and choices; or a tag's name and what stands in it. */
function nodeOf(node: unknown): unknown {
  if (!Array.isArray(node)) return partOf(node)
  const [name, kind, ...rest] = node as [string, unknown, ...unknown[]]
  if (node.length === 1) return node
  const isTag = typeof kind !== 'number' || kind === 0
  if (isTag) return [name, ...[kind, ...rest].map(nodeOf)]
  const choices = rest[0]
  if (typeof choices !== 'object' || choices === null || !('other' in choices)) return node
  return [
    name,
    kind,
    Object.fromEntries(Object.entries(choices).map(([choice, part]) => [choice, partOf(part)])),
  ]
}

/** Letters with accents, vowels twice. */
export function accented(text: string): string {
  return text.replace(/[A-Za-z]/g, (letter) => {
    const to = accents[plain.indexOf(letter)]
    return twice.includes(letter) ? to + to : to
  })
}
