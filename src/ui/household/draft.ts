import type { Household } from '@/core/plan/household'
import { PLAN_VERSION } from '@/core/plan/limits'

/** Changes the server has not confirmed yet, and the version they were made on. */
export interface Draft {
  baseVersion: number
  household: Household
  /** a state between the two that was on its way to the server when the last change was made */
  sent?: Household
}

/** A draft as the browser keeps it, with the version of its document. */
interface KeptDraft extends Draft {
  documentVersion: number
}

const prefixOf = (householdId: string) => `yotrope-draft-${householdId}`
const TAB = 'yotrope-tab'
const lockOf = (tabId: string) => `${TAB}-${tabId}`

let ownTab: string | null = null

/** This window's name, which it keeps over a reload; windows offline side by side must not share a draft. */
function tabId(): string {
  if (ownTab) return ownTab
  try {
    ownTab = sessionStorage.getItem(TAB)
    if (!ownTab) sessionStorage.setItem(TAB, (ownTab = freshTab()))
  } catch {
    ownTab = freshTab()
  }
  return ownTab
}

const freshTab = () => Math.floor(Math.random() * 2 ** 52).toString(36)

/**
 * Holds this window's name for as long as it is open. A window that was duplicated has the name of the other: it takes a new
 * one. Where the browser knows no locks (plain http from another device) names are taken as they are.
 */
function holdTab(): Promise<void> {
  return (holding ??= takeName())
}

let holding: Promise<void> | null = null

async function takeName(): Promise<void> {
  if (typeof navigator === 'undefined' || !navigator.locks) return
  const take = (name: string) =>
    new Promise<boolean>((resolve) => {
      void navigator.locks
        .request(lockOf(name), { ifAvailable: true }, (lock) => {
          resolve(lock !== null)
          // never settles: the browser lets go of it with the window
          return lock ? new Promise(() => {}) : undefined
        })
        .catch(() => resolve(true))
    })
  if (await take(tabId())) return
  ownTab = freshTab()
  try {
    sessionStorage.setItem(TAB, ownTab)
  } catch {
    // named for as long as the page is open, then
  }
  await take(ownTab)
}

export function writeDraft(householdId: string, draft: Draft): void {
  try {
    const kept: KeptDraft = { documentVersion: PLAN_VERSION, ...draft }
    localStorage.setItem(`${prefixOf(householdId)}-${tabId()}`, JSON.stringify(kept))
  } catch {
    // a browser without room or permission saves to the server all the same
  }
}

/** Takes away this window's draft. */
export function clearDraft(householdId: string): void {
  remove(`${prefixOf(householdId)}-${tabId()}`)
}

/**
 * The draft that is this window's: its own, or one that a window which is gone has left. It is read and upgraded as anything
 * from outside; one that cannot be read stays where it is.
 */
export async function findDraft(householdId: string): Promise<Draft | null> {
  await holdTab()
  const own = `${prefixOf(householdId)}-${tabId()}`
  const left = await leftBehind(householdId)
  for (const key of [own, ...left]) {
    const draft = await readDraft(key)
    if (!draft) continue
    if (key !== own) {
      writeDraft(householdId, draft)
      remove(key)
    }
    return draft
  }
  return null
}

/** Keys of drafts of windows that are open no more; the key without a window's name is of an older release. */
async function leftBehind(householdId: string): Promise<string[]> {
  const prefix = prefixOf(householdId)
  let keys: string[]
  try {
    keys = Object.keys(localStorage).filter((key) => key === prefix || key.startsWith(`${prefix}-`))
  } catch {
    return []
  }
  const open = new Set(
    (await (typeof navigator === 'undefined' ? undefined : navigator.locks)?.query())?.held?.map(
      ({ name }) => name,
    ),
  )
  return keys.filter((key) => !open.has(lockOf(key.slice(prefix.length + 1))))
}

async function readDraft(key: string): Promise<Draft | null> {
  try {
    const text = localStorage.getItem(key)
    if (!text) return null
    const { documentVersion = 0, baseVersion, household, sent } = JSON.parse(text) as Partial<KeptDraft>
    // the checker is large: it is fetched only where there is a draft
    const { readHouseholdOf } = await import('@/core/plan/householdFile')
    const reading = readHouseholdOf(documentVersion, household)
    if (!reading.ok || !Number.isInteger(baseVersion)) return null
    const before = sent && readHouseholdOf(documentVersion, sent)
    return {
      baseVersion: baseVersion!,
      household: reading.household,
      ...(before?.ok && { sent: before.household }),
    }
  } catch {
    return null
  }
}

function remove(key: string): void {
  try {
    localStorage.removeItem(key)
  } catch {
    // nothing was kept, then
  }
}
