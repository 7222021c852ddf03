import { createStore } from 'zustand/vanilla'
import type { Household } from '@/core/plan/household'
import type { Evaluation } from '@/core/sizing/evaluate'
import type { Edit } from './edits'

/** A household as the server handed it out. */
export interface Stored {
  id: string
  version: number
  savedAt: string
  household: Household
}

export type SaveState =
  | { kind: 'saved' }
  | { kind: 'saving' }
  | { kind: 'unsaved' }
  | { kind: 'failed'; message: string; faulty: boolean }
  | { kind: 'stale'; newer: Stored }

export interface HouseholdState {
  householdId: string
  household: Household
  version: number
  savedAt: string
  save: SaveState
  evaluation: Evaluation
  past: { household: Household; group: string | null }[]
  future: Household[]
  /** changes the household; edits of one group (typing in one field) undo together */
  edit: (edit: Edit, group?: string) => void
  undo: () => void
  redo: () => void
  setEvaluation: (evaluation: Evaluation) => void
  setSave: (save: SaveState) => void
  saved: (version: number, savedAt: string, household: Household) => void
  /** takes the state someone else saved, keeping one's own a step of undo away */
  takeNewer: (newer: Stored) => void
  /** keeps one's own state, to be saved over the newer one */
  keepMine: (newer: Stored) => void
}

const STEPS_KEPT = 200

/** The household a page works on, its history, and how its saving stands. */
export function createHouseholdStore(stored: Stored, evaluation: Evaluation) {
  return createStore<HouseholdState>((set, get) => ({
    householdId: stored.id,
    household: stored.household,
    version: stored.version,
    savedAt: stored.savedAt,
    save: { kind: 'saved' },
    evaluation,
    past: [],
    future: [],
    edit: (edit, group) => {
      const { household, past } = get()
      const next = edit(household)
      if (next === household) return
      const goesOn = group !== undefined && past[past.length - 1]?.group === group
      set({
        household: next,
        past: goesOn ? past : [...past.slice(1 - STEPS_KEPT), { household, group: group ?? null }],
        future: [],
        save: afterChange(get().save),
      })
    },
    undo: () => {
      const { past, future, household } = get()
      const last = past[past.length - 1]
      if (!last) return
      set({
        household: last.household,
        past: past.slice(0, -1),
        future: [household, ...future],
        save: afterChange(get().save),
      })
    },
    redo: () => {
      const { past, future, household } = get()
      if (!future[0]) return
      set({
        household: future[0],
        past: [...past, { household, group: null }],
        future: future.slice(1),
        save: afterChange(get().save),
      })
    },
    setEvaluation: (next) => set({ evaluation: next }),
    setSave: (save) => set({ save }),
    saved: (version, savedAt, household) =>
      set({ version, savedAt, save: { kind: get().household === household ? 'saved' : 'unsaved' } }),
    takeNewer: (newer) =>
      set({
        household: newer.household,
        version: newer.version,
        savedAt: newer.savedAt,
        past: [...get().past, { household: get().household, group: null }],
        future: [],
        save: { kind: 'saved' },
      }),
    keepMine: (newer) => set({ version: newer.version, save: { kind: 'unsaved' } }),
  }))
}

/** A change waits to be saved, unless the visitor must first say which of two states counts. */
const afterChange = (save: SaveState): SaveState => (save.kind === 'stale' ? save : { kind: 'unsaved' })

export type HouseholdStore = ReturnType<typeof createHouseholdStore>
