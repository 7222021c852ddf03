import { useEffect, useState } from 'react'
import type { Plan } from '@/core/plan/document'
import { planOf } from '@/core/plan/planOf'
import { SimulationClient } from '@/worker/simulationClient'
import { useHouseholdStore } from './HouseholdContext'

/** Changes come in bursts of keystrokes; advice waits until they pause. */
const QUIET_MS = 350

/**
 * Something the worker works out beside the evaluation, whenever the household rests; null until it is there. It stays
 * on show while newer advice is worked out.
 *
 * @param ask must keep its identity
 */
export function useAdvice<T>(ask: (client: SimulationClient, plan: Plan) => Promise<T>): T | null {
  const store = useHouseholdStore()
  const [advice, setAdvice] = useState<T | null>(null)
  useEffect(() => {
    const client = new SimulationClient()
    let timer: ReturnType<typeof setTimeout>
    let asked = 0
    const work = async () => {
      const mine = ++asked
      const found = await ask(client, planOf(store.getState().household)).catch(() => null)
      if (mine === asked && found !== null) setAdvice(found)
    }
    timer = setTimeout(work, QUIET_MS)
    const unsubscribe = store.subscribe(({ household }, before) => {
      if (household === before.household) return
      clearTimeout(timer)
      timer = setTimeout(work, QUIET_MS)
    })
    return () => {
      asked = -1
      clearTimeout(timer)
      unsubscribe()
      client.dispose()
    }
  }, [store, ask])
  return advice
}
