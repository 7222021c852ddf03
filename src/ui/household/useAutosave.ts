import { useEffect } from 'react'
import type { Household } from '@/core/plan/household'
import { clearDraft, findDraft, writeDraft } from './draft'
import { sameHousehold } from './sameHousehold'
import { saveHousehold } from './saving'
import type { HouseholdStore } from './store'

const QUIET_MS = 500
const RETRY_MS = 4000
const MOST_UNANSWERED = 3

/**
 * Saves changes a moment after the last one. Until the server has confirmed them they are kept in the
 * browser as a draft, so that a reload or a database that is away loses nothing; a failed save is tried again.
 */
export function useAutosave(store: HouseholdStore): void {
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined
    let saving = false
    // sent, and no answer came: one of them may be what the server has, as when a page is left while it saves
    let unanswered: Household[] = []
    const isOwn = (stored: Household) => unanswered.some((one) => sameHousehold(one, stored))

    const save = async () => {
      const { save: state, household, version, householdId } = store.getState()
      if (saving || (state.kind !== 'unsaved' && state.kind !== 'failed')) return
      saving = true
      unanswered = [...unanswered.slice(1 - MOST_UNANSWERED), household]
      store.getState().setSave({ kind: 'saving' })
      const outcome = await saveHousehold(householdId, version, household)
      saving = false
      if (outcome.kind === 'saved') {
        unanswered = []
        store.getState().saved(outcome.version, outcome.savedAt, household)
      } else if (outcome.kind === 'stale') {
        const { newer } = outcome
        const isMine = isOwn(newer.household)
        unanswered = []
        // a save of this page's own arrived though its answer was lost: what was changed since goes on top of it
        if (isMine) {
          const isSame = sameHousehold(newer.household, household)
          store.getState().saved(newer.version, newer.savedAt, isSame ? household : newer.household)
        } else store.getState().setSave({ kind: 'stale', newer })
      } else store.getState().setSave({ kind: 'failed', message: outcome.message, faulty: outcome.faulty })
      schedule()
    }
    const schedule = () => {
      const { save: state } = store.getState()
      clearTimeout(timer)
      if (state.kind === 'unsaved') timer = setTimeout(save, QUIET_MS)
      if (state.kind === 'failed' && !state.faulty) timer = setTimeout(save, RETRY_MS)
    }

    const unsubscribe = store.subscribe((now, before) => {
      if (now.save.kind === 'saved') clearDraft(now.householdId)
      else if (now.household !== before.household)
        writeDraft(now.householdId, {
          baseVersion: now.version,
          household: now.household,
          sent: unanswered.at(-1),
        })
      if (now.household !== before.household || now.save !== before.save) schedule()
    })

    const { householdId, version, household: asLoaded } = store.getState()
    let isOver = false
    void findDraft(householdId).then((draft) => {
      if (!draft || isOver) return
      const { household: now, version: current, edit, setSave, savedAt } = store.getState()
      if (sameHousehold(draft.household, now)) return clearDraft(householdId)
      unanswered = [...(draft.sent ? [draft.sent] : []), draft.household, ...unanswered]
      if (now !== asLoaded) {
        // something was changed before the draft was read: it is put one step of undo away
        edit(() => draft.household)
        edit(() => now)
      } else if (draft.baseVersion === version || isOwn(now)) edit(() => draft.household)
      else {
        // another window saved after this draft was begun: it is put one step of undo away, not over the newer state
        edit(() => draft.household)
        setSave({ kind: 'stale', newer: { id: householdId, version: current, savedAt, household: now } })
      }
    })

    const flush = () => {
      if (document.visibilityState === 'hidden') void save()
    }
    document.addEventListener('visibilitychange', flush)
    return () => {
      isOver = true
      unsubscribe()
      clearTimeout(timer)
      document.removeEventListener('visibilitychange', flush)
    }
  }, [store])
}
