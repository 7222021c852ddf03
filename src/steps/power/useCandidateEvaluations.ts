import { useEffect, useState } from 'react'
import { planOf } from '@/core/plan/planOf'
import type { Evaluation } from '@/core/sizing/evaluate'
import { useHousehold } from '@/ui/household/HouseholdContext'
import { SimulationClient } from '@/worker/simulationClient'

const QUIET_MS = 120

/**
 * Every candidate run against the chosen outage, in a worker of their own so that the chosen one's answer
 * never waits. By power system; what is not run yet is missing.
 */
export function useCandidateEvaluations(): ReadonlyMap<string, Evaluation> {
  const household = useHousehold((state) => state.household)
  const current = useHousehold((state) => state.evaluation)
  const [others, setOthers] = useState<ReadonlyMap<string, Evaluation>>(new Map())
  const [client] = useState(() => new SimulationClient())
  useEffect(() => () => client.dispose(), [client])
  useEffect(() => {
    let isCurrent = true
    const timer = setTimeout(async () => {
      for (const { id } of household.powerSystems) {
        if (!isCurrent) return
        if (id === household.chosen.powerSystemId) continue
        const evaluation = await client.evaluate(planOf(household, household.chosen.scenarioId, id))
        if (isCurrent) setOthers((known) => new Map(known).set(id, evaluation))
      }
    }, QUIET_MS)
    return () => {
      isCurrent = false
      clearTimeout(timer)
    }
  }, [household, client])
  return new Map(others).set(household.chosen.powerSystemId, current)
}
