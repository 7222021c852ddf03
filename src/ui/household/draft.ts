import type { Household } from '@/core/plan/household'

/** Changes the server has not confirmed yet, and the version they were made on. */
export interface Draft {
  baseVersion: number
  household: Household
}

const keyOf = (householdId: string) => `yotrope-draft-${householdId}`

export function writeDraft(householdId: string, draft: Draft): void {
  try {
    localStorage.setItem(keyOf(householdId), JSON.stringify(draft))
  } catch {
    // a browser without room or permission saves to the server all the same
  }
}

export function readDraft(householdId: string): Draft | null {
  try {
    const text = localStorage.getItem(keyOf(householdId))
    return text ? (JSON.parse(text) as Draft) : null
  } catch {
    return null
  }
}

export function clearDraft(householdId: string): void {
  try {
    localStorage.removeItem(keyOf(householdId))
  } catch {
    // nothing was kept, then
  }
}
