import { startTransition, useEffect, useState } from 'react'
import { planOf } from '@/core/plan/planOf'
import { fitsPlan } from '@/ui/household/fitsPlan'
import { useHousehold } from '@/ui/household/HouseholdContext'
import { type Outcome, SimulationClient } from '@/worker/simulationClient'

const QUIET_MS = 120

/**
 * Every option run against the chosen outage, in a worker of their own so that the chosen one's answer
 * never waits. By power system; what is not run yet is missing, what could not be computed says why.
 */
export function useOptionEvaluations(): ReadonlyMap<string, Outcome> {
  const household = useHousehold((state) => state.household)
  const current = useHousehold((state) => state.evaluation)
  const failure = useHousehold((state) => state.failure)
  const [others, setOthers] = useState<ReadonlyMap<string, Outcome>>(new Map())
  const [client] = useState(() => new SimulationClient())
  useEffect(() => () => client.dispose(), [client])
  useEffect(() => {
    let isCurrent = true
    const timer = setTimeout(async () => {
      for (const { id } of household.powerSystems) {
        if (!isCurrent) return
        if (id === household.chosen.powerSystemId) continue
        const outcome = await client.attempt(planOf(household, household.chosen.scenarioId, id))
        // a table of them all is drawn anew for each, as the page finds time
        if (isCurrent) startTransition(() => setOthers((known) => new Map(known).set(id, outcome)))
      }
    }, QUIET_MS)
    return () => {
      isCurrent = false
      clearTimeout(timer)
    }
  }, [household, client])
  const all = new Map(others)
  const { powerSystemId } = household.chosen
  if (failure !== null) all.set(powerSystemId, { kind: 'failed', message: failure })
  else if (current) all.set(powerSystemId, { kind: 'done', evaluation: current })
  else all.delete(powerSystemId)
  for (const system of household.powerSystems) {
    const outcome = all.get(system.id)
    // run before a source came or went: it is run anew
    if (outcome?.kind === 'done' && !fitsPlan({ powerSystem: system }, outcome.evaluation.result))
      all.delete(system.id)
  }
  return all
}
