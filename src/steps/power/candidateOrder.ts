import { type RowContext, gates } from './candidateRows'

/** How candidates may be put in order: what each is sorted by, the smallest first. */
export const ORDERS: Record<string, { words: string; by: ((context: RowContext) => number) | null }> = {
  kept: { words: 'as added', by: null },
  price: {
    words: 'by price',
    by: ({ sources }) => sources.reduce((sum, { price }) => sum + (price ?? Infinity), 0),
  },
  hours: { words: 'by hours, longest first', by: (context) => -(gates(context)?.lasts.runtimeMin ?? 0) },
  weight: {
    words: 'by heaviest piece',
    by: ({ sources }) => Math.max(...sources.map(({ weightKg }) => weightKg ?? Infinity)),
  },
}

/** Those shown, the pinned ones first, each group in the order asked for. */
export function inOrder(contexts: readonly RowContext[], order: string): RowContext[] {
  const by = ORDERS[order]?.by
  const shown = contexts.filter(({ system }) => system.shown !== 'hidden')
  const sorted = by ? [...shown].sort((a, b) => by(a) - by(b)) : shown
  const isPinned = ({ system }: RowContext) => system.shown === 'pinned'
  return [...sorted.filter(isPinned), ...sorted.filter((context) => !isPinned(context))]
}
