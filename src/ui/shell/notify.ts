import { createStore } from 'zustand/vanilla'
import type { Household } from '@/core/plan/household'

/** The last thing worth a notice: what was done, and the household after it. */
export const notices = createStore<{ words: string; after: Household | null; count: number }>(() => ({
  words: '',
  after: null,
  count: 0,
}))

/** Says what was done, with a key that takes it back. @param after the household as it is after it */
export const notify = (words: string, after: Household): void =>
  notices.setState(({ count }) => ({ words, after, count: count + 1 }))
