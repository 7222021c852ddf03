import { createStore } from 'zustand/vanilla'

/** What screen readers are told of what a key or a drag did. */
export const announcements = createStore<{ words: string; count: number }>(() => ({ words: '', count: 0 }))

/** Tells it, also where it is the same as before. */
export const announce = (words: string): void =>
  announcements.setState(({ count }) => ({ words, count: count + 1 }))
