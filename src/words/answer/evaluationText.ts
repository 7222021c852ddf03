import type { Evaluation } from './evaluation'

/** What JSON has no sign for: a number without end, and a curve's numbers. */
type Marked = { $: string; of?: unknown[] }

function marked(value: unknown): unknown {
  if (typeof value === 'number' && !Number.isFinite(value)) return { $: String(value) }
  if (value instanceof Float32Array) return { $: '32', of: Array.from(value) }
  if (value instanceof Float64Array) return { $: '64', of: Array.from(value) }
  return value
}

/** What was marked, in its place again. By hand: a reviver is called for every value, which takes several times as long. */
function meant(value: unknown): unknown {
  if (typeof value !== 'object' || value === null) return value
  if ('$' in value) {
    const { $, of } = value as Marked
    if (!of) return Number($)
    const numbers = of.map((number) => meant(number) as number)
    return $ === '32' ? Float32Array.from(numbers) : Float64Array.from(numbers)
  }
  const held = value as Record<string, unknown>
  for (const key in held) if (typeof held[key] === 'object') held[key] = meant(held[key])
  return value
}

/** An evaluation as one text: as that it is sent with a page and read there much faster than as an object. */
export const evaluationText = (evaluation: Evaluation): string =>
  JSON.stringify(evaluation, (_, value) => marked(value))

/** The evaluation of such a text, as it was. */
export const evaluationOf = (text: string): Evaluation => meant(JSON.parse(text)) as Evaluation
