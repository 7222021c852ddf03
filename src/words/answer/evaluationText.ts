import type { Evaluation } from './evaluation'

/** What JSON has no sign for: a number without end, and a curve's numbers. */
type Marked = { $: string; of?: number[] }

function marked(value: unknown): unknown {
  if (typeof value === 'number' && !Number.isFinite(value)) return { $: String(value) }
  if (value instanceof Float32Array) return { $: '32', of: Array.from(value) }
  if (value instanceof Float64Array) return { $: '64', of: Array.from(value) }
  return value
}

function meant(value: unknown): unknown {
  if (typeof value !== 'object' || value === null || !('$' in value)) return value
  const { $, of } = value as Marked
  if (!of) return Number($)
  return $ === '32' ? Float32Array.from(of) : Float64Array.from(of)
}

/** An evaluation as one text: as that it is sent with a page and read there much faster than as an object. */
export const evaluationText = (evaluation: Evaluation): string =>
  JSON.stringify(evaluation, (_, value) => marked(value))

/** The evaluation of such a text, as it was. */
export const evaluationOf = (text: string): Evaluation =>
  JSON.parse(text, (_, value) => meant(value)) as Evaluation
