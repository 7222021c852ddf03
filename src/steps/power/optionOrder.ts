import { ownEntry } from '@/core/plan/builtInIds'
import type { PowerSystem } from '@/core/plan/schema'
import { optionOrder } from '@/words/en/pages/power'
import { wordsOf } from '@/words/translate'
import { type RowContext, gates } from './optionRows'

const say = wordsOf(optionOrder)

/** Longer than any runtime that is told, minutes. */
const MOST_MIN = 1e6

/** Minutes it lasts, with the confidence asked for; what does not carry or start all comes after what does. */
function hoursOf(context: RowContext): number {
  const found = gates(context)
  if (!found) return 0
  const holds = found.carries.verdict !== 'short' && found.starts.verdict !== 'short'
  const minutes = Math.min(MOST_MIN, found.lasts.runtimeMin)
  return holds ? minutes : minutes - 2 * MOST_MIN
}

/** How options may be put in order: what each is sorted by, the smallest first. */
export const ORDERS: Record<string, { words: string; by: ((context: RowContext) => number) | null }> = {
  kept: { words: say('asAdded'), by: null },
  price: {
    words: say('byPrice'),
    by: ({ sources }) => sources.reduce((sum, { price }) => sum + (price ?? Infinity), 0),
  },
  hours: { words: say('byHoursLongestFirst'), by: (context) => -hoursOf(context) },
  weight: {
    words: say('byHeaviestPiece'),
    by: ({ sources }) => Math.max(...sources.map(({ weightKg }) => weightKg ?? Infinity)),
  },
}

/** Whether a system is kept out of the table; one that was pinned is pinned again when it is shown. */
export const isHidden = ({ shown }: Pick<PowerSystem, 'shown'>) =>
  shown === 'hidden' || shown === 'hidden pin'

/** Those shown, the pinned ones first, each group in the order asked for. */
export function inOrder(contexts: readonly RowContext[], order: string): RowContext[] {
  const by = ownEntry(ORDERS, order)?.by
  const shown = contexts.filter(({ system }) => !isHidden(system))
  const sorted = by ? [...shown].sort((a, b) => by(a) - by(b)) : shown
  const isPinned = ({ system }: RowContext) => system.shown === 'pinned'
  return [...sorted.filter(isPinned), ...sorted.filter((context) => !isPinned(context))]
}
