import { startTransition, useEffect, useState } from 'react'
import { planOf } from '@/core/plan/planOf'
import type { MatrixCell } from '@/core/sizing/matrix'
import { useHousehold } from '@/ui/household/HouseholdContext'
import { isHidden } from './optionOrder'
import { SimulationClient } from '@/worker/simulationClient'

/** Changes come in bursts; the matrix waits until the options themselves have been run. */
const QUIET_MS = 700
const WORKERS = 2

/** A cell of the table, or why there is none. */
export type MatrixOutcome = MatrixCell | { failure: string }

export const cellKey = (scenarioId: string, systemId: string) => `${scenarioId} ${systemId}`

/** Every option against every scenario of the household, one after the other in a worker of its own. */
export function useScenarioMatrix(): ReadonlyMap<string, MatrixOutcome> {
  const household = useHousehold((state) => state.household)
  const [cells, setCells] = useState<ReadonlyMap<string, MatrixOutcome>>(new Map())
  useEffect(() => {
    if (household.scenarios.length < 2) return
    // the outage on show first, the others shared out among two workers
    const { chosen, scenarios, powerSystems } = household
    const waiting = [...scenarios.map(({ id }) => id)].sort(
      (one, other) => Number(other === chosen.scenarioId) - Number(one === chosen.scenarioId),
    )
    const shown = powerSystems.filter((system) => !isHidden(system))
    const clients = Array.from({ length: Math.min(WORKERS, waiting.length) }, () => new SimulationClient())
    let isCurrent = true
    const work = async (client: SimulationClient) => {
      for (let scenarioId = waiting.shift(); scenarioId && isCurrent; scenarioId = waiting.shift()) {
        const plans = shown.map(({ id }) => planOf(household, scenarioId, id))
        const found: MatrixOutcome[] = await client
          .cells(plans)
          .catch((error: Error) => plans.map(() => ({ failure: error.message })))
        if (!isCurrent) return
        startTransition(() =>
          setCells((known) => {
            const next = new Map(known)
            shown.forEach(({ id }, i) => next.set(cellKey(scenarioId!, id), found[i]))
            return next
          }),
        )
      }
    }
    const timer = setTimeout(() => clients.forEach((client) => void work(client)), QUIET_MS)
    return () => {
      isCurrent = false
      clearTimeout(timer)
      for (const client of clients) client.dispose()
    }
  }, [household])
  return cells
}
