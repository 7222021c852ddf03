'use client'
import { type ReactNode, createContext, useContext, useDeferredValue, useMemo, useState } from 'react'
import { useStore } from 'zustand'
import type { Plan } from '@/core/plan/document'
import type { Household } from '@/core/plan/household'
import type { Evaluation } from '@/words/answer/evaluation'
import { FieldKeeperContext } from '../field/drafts'
import { UnitsContext } from '../field/units'
import { planFor } from './planFor'
import {
  type HouseholdState,
  type HouseholdStore,
  type Stored,
  createHouseholdStore,
  fieldKeeperOf,
} from './store'
import { useAutosave } from './useAutosave'
import { useLiveEvaluation } from './useLiveEvaluation'

const Context = createContext<HouseholdStore | null>(null)
/** the household as it is shown */
const ShownContext = createContext<Household | null>(null)

/** Holds the household for all its pages, saves its changes and keeps its evaluation current. */
export function HouseholdProvider(props: {
  stored: Stored
  evaluation: Evaluation | null
  children: ReactNode
}) {
  const [store] = useState(() => createHouseholdStore(props.stored, props.evaluation))
  const [keeper] = useState(() => fieldKeeperOf(store))
  const units = useStore(store, ({ household }) => household.profile.units)
  useLiveEvaluation(store)
  useAutosave(store)
  return (
    <Context.Provider value={store}>
      <FieldKeeperContext.Provider value={keeper}>
        <UnitsContext.Provider value={units}>
          <Shown store={store}>{props.children}</Shown>
        </UnitsContext.Provider>
      </FieldKeeperContext.Provider>
    </Context.Provider>
  )
}

/** The household as it is shown. What is being typed follows as the page finds time: the field itself and the answer come first. */
function Shown({ store, children }: { store: HouseholdStore; children: ReactNode }) {
  const household = useStore(store, (state) => state.household)
  const trial = useStore(store, (state) => state.trial)
  const later = useDeferredValue(useMemo(() => ({ household, trial }), [household, trial]))
  // an edit is shown at once, and a trial of what stood before it no more
  const isLater = trial !== null && later.household === household
  return (
    <ShownContext.Provider value={(isLater ? later.trial : null) ?? household}>
      {children}
    </ShownContext.Provider>
  )
}

export function useHouseholdStore(): HouseholdStore {
  const store = useContext(Context)
  if (!store) throw new Error('used outside a household')
  return store
}

/** A part of the household's state. */
export function useHousehold<T>(select: (state: HouseholdState) => T): T {
  return useStore(useHouseholdStore(), select)
}

export const useScenario = () =>
  useHousehold(({ household }) => household.scenarios.find(({ id }) => id === household.chosen.scenarioId)!)

export const usePowerSystem = () =>
  useHousehold(({ household }) =>
    household.powerSystems.find(({ id }) => id === household.chosen.powerSystemId)!,
  )

/**
 * The plan of the chosen scenario and power system as it is shown, with what is being typed. One for all who ask; fields and
 * their changes take the household itself.
 */
export function usePlan(): Plan {
  const household = useContext(ShownContext)
  if (!household) throw new Error('used outside a household')
  return planFor(household)
}
