import { useEffect, useState } from 'react'
import { planOf } from '@/core/plan/planOf'
import { useHousehold } from '@/ui/household/HouseholdContext'
import { SimulationClient } from '@/worker/simulationClient'

/** Changes come in bursts; the matrix waits until the candidates themselves have been run. */
const QUIET_MS = 700

/** How one candidate comes out in one scenario. */
export interface MatrixCell {
  holds: boolean
  /** reached with the scenario's confidence, minutes */
  runtimeMin: number
  /** carries and starts everything */
  carries: boolean
}

export const cellKey = (scenarioId: string, systemId: string) => `${scenarioId} ${systemId}`

/** Every candidate against every scenario of the household, one after the other in a worker of its own. */
export function useScenarioMatrix(): ReadonlyMap<string, MatrixCell> {
  const household = useHousehold((state) => state.household)
  const [cells, setCells] = useState<ReadonlyMap<string, MatrixCell>>(new Map())
  useEffect(() => {
    if (household.scenarios.length < 2) return
    const client = new SimulationClient()
    let isCurrent = true
    const timer = setTimeout(async () => {
      for (const { id: systemId, shown } of household.powerSystems) {
        if (shown === 'hidden') continue
        for (const { id: scenarioId } of household.scenarios) {
          if (!isCurrent) return
          const { gates } = await client.evaluate(planOf(household, scenarioId, systemId))
          const carries = gates.carries.verdict === 'holds' && gates.starts.verdict === 'holds'
          const cell = {
            carries,
            holds: carries && gates.lasts.verdict === 'holds',
            runtimeMin: gates.lasts.runtimeMin,
          }
          if (isCurrent) setCells((known) => new Map(known).set(cellKey(scenarioId, systemId), cell))
        }
      }
    }, QUIET_MS)
    return () => {
      isCurrent = false
      clearTimeout(timer)
      client.dispose()
    }
  }, [household])
  return cells
}
