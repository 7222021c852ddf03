import { createStore } from 'zustand/vanilla'
import type { Household } from '@/core/plan/household'
import type { Evaluation } from '@/words/answer/evaluation'
import type { FieldKeeper, HeldText } from '../field/drafts'
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
  /** of the household as shown, or the last that could be computed; null until there is one */
  evaluation: Evaluation | null
  /** why the household as shown has no evaluation of its own; null while it has, or is being computed */
  failure: string | null
  /** the household with what is being typed, on trial; null while nothing is */
  trial: Household | null
  /** what was typed and refused, by field */
  heldTexts: ReadonlyMap<string, HeldText>
  past: Household[]
  future: Household[]
  /** changes the household, as one step of undo */
  edit: (edit: Edit) => void
  undo: () => void
  redo: () => void
  /** runs edits so that they are shown and not made, on the household as it stands; null ends the trial */
  tryOut: (change: (() => void) | null) => void
  /** whether edits are only tried out just now */
  isTryingOut: () => boolean
  /** keeps what was refused in a field, or lets it go */
  hold: (key: string, held: HeldText | null) => void
  setEvaluation: (evaluation: Evaluation) => void
  setFailure: (failure: string) => void
  setSave: (save: SaveState) => void
  saved: (version: number, savedAt: string, household: Household) => void
  /** takes the state someone else saved, keeping one's own a step of undo away */
  takeNewer: (newer: Stored) => void
  /** keeps one's own state, to be saved over the newer one */
  keepMine: (newer: Stored) => void
}

const STEPS_KEPT = 200

/** The household a page works on, its history, and how its saving stands. */
export function createHouseholdStore(stored: Stored, evaluation: Evaluation | null) {
  /** where edits go while they are only tried out */
  let trial: Household | null = null
  return createStore<HouseholdState>((set, get) => ({
    householdId: stored.id,
    household: stored.household,
    version: stored.version,
    savedAt: stored.savedAt,
    save: { kind: 'saved' },
    evaluation,
    failure: null,
    trial: null,
    heldTexts: new Map(),
    past: [],
    future: [],
    edit: (edit) => {
      if (trial) {
        trial = edit(trial)
        return
      }
      const { household, past } = get()
      const next = edit(household)
      if (next === household) return
      set({
        household: next,
        trial: null,
        past: [...past.slice(1 - STEPS_KEPT), household],
        future: [],
        save: afterChange(get().save),
      })
    },
    undo: () => {
      const { past, future, household } = get()
      const last = past[past.length - 1]
      if (!last) return
      set({
        household: last,
        trial: null,
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
        trial: null,
        past: [...past, household],
        future: future.slice(1),
        save: afterChange(get().save),
      })
    },
    tryOut: (change) => {
      const { household, trial: shown } = get()
      if (!change) {
        if (shown) set({ trial: null })
        return
      }
      trial = household
      try {
        change()
        set({ trial: trial === household ? null : trial })
      } finally {
        trial = null
      }
    },
    isTryingOut: () => trial !== null,
    hold: (key, held) => {
      const { heldTexts } = get()
      if (!held && !heldTexts.has(key)) return
      const next = new Map(heldTexts)
      if (held) next.set(key, held)
      else next.delete(key)
      set({ heldTexts: next })
    },
    setEvaluation: (next) => set({ evaluation: next, failure: null }),
    setFailure: (failure) => set({ failure }),
    setSave: (save) => set({ save }),
    saved: (version, savedAt, household) =>
      set({ version, savedAt, save: { kind: get().household === household ? 'saved' : 'unsaved' } }),
    takeNewer: (newer) =>
      set({
        household: newer.household,
        trial: null,
        version: newer.version,
        savedAt: newer.savedAt,
        past: [...get().past, get().household],
        future: [],
        save: { kind: 'saved' },
      }),
    keepMine: (newer) => set({ version: newer.version, save: { kind: 'unsaved' } }),
  }))
}

/** A change waits to be saved, unless the visitor must first say which of two states counts. */
const afterChange = (save: SaveState): SaveState => (save.kind === 'stale' ? save : { kind: 'unsaved' })

export type HouseholdStore = ReturnType<typeof createHouseholdStore>

/** What stands before the visitor: the household, with what is being typed. */
export const shownHousehold = ({ household, trial }: HouseholdState): Household => trial ?? household

/** The store as the fields know it. */
export function fieldKeeperOf(store: HouseholdStore): FieldKeeper {
  return {
    get heldTexts() {
      return store.getState().heldTexts
    },
    hold: (key, held) => store.getState().hold(key, held),
    tryOut: (change) => store.getState().tryOut(change),
    subscribe: (listener) =>
      store.subscribe((now, before) => {
        if (now.heldTexts !== before.heldTexts) listener()
      }),
  }
}
