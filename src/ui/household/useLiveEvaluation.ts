import { useEffect } from 'react'
import { planOf } from '@/core/plan/planOf'
import { SimulationClient } from '@/worker/simulationClient'
import { type HouseholdStore, shownHousehold } from './store'

/** Runs the chosen plan in the worker whenever the household changes or something is typed; a newer change takes a waiting one's place. */
export function useLiveEvaluation(store: HouseholdStore): void {
  useEffect(() => {
    const client = new SimulationClient()
    const unsubscribe = store.subscribe(async (now, before) => {
      const household = shownHousehold(now)
      if (household === shownHousehold(before)) return
      const evaluation = await client.evaluateNewest(planOf(household))
      if (evaluation) store.getState().setEvaluation(evaluation)
    })
    return () => {
      unsubscribe()
      client.dispose()
    }
  }, [store])
}
