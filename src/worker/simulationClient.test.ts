import { expect, test } from '@jest/globals'
import { demoHousehold } from '@/catalog/demoHousehold'
import { planOf } from '@/core/plan/planOf'
import { SimulationClient } from './simulationClient'
import type { SimulationWorker } from './simulationWorker'

const plan = planOf(demoHousehold())

/** A worker that answers each question with how many runs were asked for, one microtask later. */
function countingWorker(isBroken = false) {
  const asked: (number | undefined)[] = []
  const evaluate = async (_: unknown, options?: { runs?: number }) => {
    asked.push(options?.runs)
    if (isBroken) throw new Error('broken')
    return options?.runs
  }
  const worker = { ask: (question: (jobs: unknown) => unknown) => question({ evaluate }) }
  return { asked, client: new SimulationClient(worker as unknown as SimulationWorker) }
}

test('practice goes on in pieces until a question comes, which then waits for one of them at most', async () => {
  const { asked, client } = countingWorker()
  const practice = client.practise(plan)
  expect(asked).toHaveLength(1)
  const outcome = client.evaluateNewest(plan)
  await practice
  expect(asked).toEqual([100, undefined])
  expect((await outcome)?.kind).toBe('done')
})

test('practice that nobody disturbs ends by itself, and what fails in it is no failure', async () => {
  const { asked, client } = countingWorker(true)
  await client.practise(plan)
  expect(asked.length).toBeGreaterThan(1)
  expect(asked.length).toBeLessThan(40)
})
