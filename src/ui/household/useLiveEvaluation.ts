import { useEffect } from 'react'
import { planFor } from './planFor'
import { SimulationClient } from '@/worker/simulationClient'
import { whenSettled } from '../shell/whenIdle'
import { type HouseholdStore, shownHousehold } from './store'

/** At the latest so long after all that the page began with is there. */
const LATEST_MS = 1000

/**
 * Runs the chosen plan in the worker whenever the household changes or something is typed, and at first where the page came
 * without an evaluation or without its curves; a newer change takes a waiting one's place.
 */
export function useLiveEvaluation(store: HouseholdStore): void {
  useEffect(() => {
    const client = new SimulationClient()
    let isOver = false
    const compute = async () => {
      const outcome = await client.evaluateNewest(planFor(shownHousehold(store.getState())))
      if (!outcome || isOver) return
      if (outcome.kind === 'done') store.getState().setEvaluation(outcome.evaluation)
      else store.getState().setFailure(outcome.message)
    }
    // curves wait until the page answers, so that the two do not hold each other up; the answer itself does not wait
    const { evaluation } = store.getState()
    const takeBack = evaluation && !evaluation.hasTraces ? whenSettled(() => void compute(), LATEST_MS) : null
    if (!evaluation) void compute()
    // who comes to a field will soon type in it
    const entered = new AbortController()
    const practise = ({ target }: FocusEvent) => {
      if (!(target instanceof Element && target.matches('input, textarea'))) return
      entered.abort()
      void client.practise(planFor(store.getState().household))
    }
    document.addEventListener('focusin', practise, { signal: entered.signal })
    const unsubscribe = store.subscribe((now, before) => {
      if (shownHousehold(now) !== shownHousehold(before)) void compute()
    })
    return () => {
      isOver = true
      takeBack?.()
      entered.abort()
      unsubscribe()
      client.dispose()
    }
  }, [store])
}
