import { startTransition, useEffect, useState } from 'react'
import type { Plan } from '@/core/plan/document'
import { planFor } from './planFor'
import { SimulationClient } from '@/worker/simulationClient'
import { SimulationWorker } from '@/worker/simulationWorker'
import { useHouseholdStore } from './HouseholdContext'
import type { HouseholdState } from './store'

/** Asks the worker; `show` may be called with what is known so far. */
export type Ask<T> = (client: SimulationClient, plan: Plan, show: (advice: T) => void) => Promise<T>

/** All advice of a page comes from one worker, in turn: the answer keeps a processor, and what was run before is run quickly. */
const advisor = new SimulationWorker()

/** Changes come in bursts of keystrokes; advice waits until they pause. */
const QUIET_MS = 350

/** The evaluation is there with its curves, or there will be none. */
const hasAnswer = ({ evaluation, failure }: HouseholdState) => evaluation?.hasTraces || failure !== null

/**
 * Something the worker works out beside the evaluation, whenever the household rests; null until it is there. It stays
 * on show while newer advice is worked out.
 *
 * @param ask must keep its identity
 * @param isWanted whether anybody looks at it; until then nothing is worked out
 */
export function useAdvice<T>(ask: Ask<T>, isWanted = true): T | null {
  const store = useHouseholdStore()
  const [advice, setAdvice] = useState<T | null>(null)
  useEffect(() => {
    if (!isWanted) return
    const client = new SimulationClient(advisor)
    let timer: ReturnType<typeof setTimeout> | undefined
    let asked = 0
    let isBusy = false
    const work = async () => {
      const mine = ++asked
      // the newest question goes first: one that is still at work is given up
      if (isBusy) client.giveUp()
      isBusy = true
      const show = (found: T) => {
        // what is known so far never holds a key up; what comes after the end is older than it
        if (mine === asked && isBusy) startTransition(() => setAdvice(found))
      }
      const found = await ask(client, planFor(store.getState().household), show).catch(() => null)
      if (mine !== asked) return
      isBusy = false
      // advice that could not be computed must not leave that of the plan before on show
      startTransition(() => setAdvice(found))
    }
    // at first the answer itself and its curves have the machine to themselves
    let isFirst = !hasAnswer(store.getState())
    if (!isFirst) timer = setTimeout(work, QUIET_MS)
    const unsubscribe = store.subscribe((now, before) => {
      const isReady = isFirst && hasAnswer(now)
      if (now.household === before.household && !isReady) return
      isFirst = false
      clearTimeout(timer)
      timer = setTimeout(work, QUIET_MS)
    })
    return () => {
      asked = -1
      clearTimeout(timer)
      unsubscribe()
      client.dispose()
    }
  }, [store, ask, isWanted])
  return advice
}
