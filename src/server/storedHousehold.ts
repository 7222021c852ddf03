import 'server-only'
import { LRUCache } from 'lru-cache'
import { database } from '@/db/client'
import type { Household } from '@/core/plan/household'
import { type SaveOutcome, type StoredHousehold, findHousehold, saveHousehold } from '@/db/households'
import type { Visitor } from './visitor'

/** Letters of JSON kept in memory, of all households together. */
const MOST_LETTERS = 5_000_000

export interface KeptHousehold {
  stored: StoredHousehold
  /** JSON of the household, as pages carry it */
  text: string
}

const held = globalThis as { yotropeHouseholds?: LRUCache<string, KeptHousehold> }
const cache = () =>
  (held.yotropeHouseholds ??= new LRUCache({
    maxSize: MOST_LETTERS,
    sizeCalculation: (kept) => kept.text.length,
  }))

/**
 * A household as it is saved, if the visitor may see it; null otherwise. What was read once is kept by its version: whether the
 * visitor may see it and which version it has was asked of the database with the session. Nobody changes what is returned.
 */
export async function storedHousehold(
  { userId, households }: Visitor,
  householdId: string,
): Promise<KeptHousehold | null> {
  const mark = households.find(({ id }) => id === householdId)
  if (!mark) return null
  const known = cache().get(householdId)
  if (known?.stored.version === mark.version) return known
  const stored = await findHousehold(database(), userId, householdId)
  if (!stored) return null
  return keep(stored)
}

function keep(stored: StoredHousehold): KeptHousehold {
  const kept = { stored, text: JSON.stringify(stored.household) }
  cache().set(stored.id, kept)
  return kept
}

/** Saves a household, see `saveHousehold`, and keeps it as the one that is read next. */
export async function saveStored(
  userId: string,
  householdId: string,
  baseVersion: number,
  household: Household,
): Promise<SaveOutcome> {
  const known = cache().get(householdId)?.stored ?? null
  const outcome = await saveHousehold(
    database(),
    userId,
    householdId,
    baseVersion,
    household,
    new Date(),
    known,
  )
  if (outcome.kind === 'saved')
    keep({ id: householdId, version: outcome.version, savedAt: outcome.savedAt, household })
  return outcome
}
