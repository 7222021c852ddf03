import type { Household } from '@/core/plan/household'
import { saving } from '@/words/en/ui/shell'
import { wordsOf } from '@/words/translate'
import type { Stored } from './store'

const say = wordsOf(saving)

export type SaveAnswer =
  | { kind: 'saved'; version: number; savedAt: string }
  | { kind: 'stale'; newer: Stored }
  /** `faulty`: the household itself was refused, so trying again as it is would not help */
  | { kind: 'failed'; message: string; faulty: boolean }

/** Saves a household on the server. Never throws: what went wrong is in the answer. */
export async function saveHousehold(
  householdId: string,
  baseVersion: number,
  household: Household,
): Promise<SaveAnswer> {
  try {
    const response = await fetch(`/api/households/${householdId}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ baseVersion, household }),
    })
    const body = await response.json()
    if (response.ok) return { kind: 'saved', version: body.version, savedAt: body.savedAt }
    if (response.status === 409 && body.newer) return { kind: 'stale', newer: body.newer }
    return { kind: 'failed', message: body.error?.message ?? say('notSaved'), faulty: response.status < 500 }
  } catch {
    return {
      kind: 'failed',
      message: say('yotropeIsNotAnsweringWhatYou'),
      faulty: false,
    }
  }
}
