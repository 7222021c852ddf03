import type * as z from 'zod'
import type { entrySchema, runHeadSchema } from './runSchema'

/** A run: a stretch of time in which a plan meets the house, either tried on purpose or in a real outage. */

export const RUN_FORMAT = 'yotrope-run'
export const RUN_VERSION = 2

export const RUN_LIMITS = {
  /** entries of one run */
  entries: 10_000,
  /** runs of a household */
  runs: 200,
  /** a photo, made smaller on the device */
  photoBytes: 1_000_000,
  /** photos of a household, all its runs together */
  photos: 300,
  photosBytes: 100_000_000,
}

export type Entry = z.infer<typeof entrySchema>
export type EntryOf<K extends Entry['kind']> = Extract<Entry, { kind: K }>
export type Reading = EntryOf<'reading'>
export type RunHead = z.infer<typeof runHeadSchema>

/** Minutes from the start of a run to a moment in UTC; below 0 before it. */
export const minuteOf = ({ startedAt }: Pick<RunHead, 'startedAt'>, at: string): number =>
  (Date.parse(at) - Date.parse(startedAt)) / 60_000

/** The entries that hold, oldest first: corrected ones left out, each once. */
export function standingEntries(entries: readonly Entry[]): readonly Entry[] {
  const known = standing.get(entries)
  if (known) return known
  const replaced = new Set(entries.flatMap(({ replaces }) => (replaces ? [replaces] : [])))
  const seen = new Set<string>()
  const found = entries
    .filter(({ id }) => {
      if (replaced.has(id) || seen.has(id)) return false
      seen.add(id)
      return true
    })
    .map((entry) => ({ entry, ms: Date.parse(entry.at) }))
    .sort((a, b) => a.ms - b.ms || (a.entry.id < b.entry.id ? -1 : 1))
    .map(({ entry }) => entry)
  standing.set(entries, found)
  return found
}

/** A log of ten thousand is asked for again and again, and never changed in its place. */
const standing = new WeakMap<readonly Entry[], readonly Entry[]>()

/** A run with all that was written down in it, and its photos in base64. */
export interface WholeRun {
  head: RunHead
  entries: Entry[]
  photos?: { id: string; jpeg: string }[]
}

/** What a run is written as. */
export const runFile = ({ head, ...log }: WholeRun) => ({
  format: RUN_FORMAT,
  version: RUN_VERSION,
  ...head,
  ...log,
})
