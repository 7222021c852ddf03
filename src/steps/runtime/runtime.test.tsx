import { beforeAll, expect, jest, test } from '@jest/globals'
import { act, screen } from '@testing-library/react'
import { useEffect } from 'react'
import userEvent from '@testing-library/user-event'
import { NoWorker, inHousehold } from '../../../tests/support/inHousehold'
import { demoHousehold } from '@/catalog/demoHousehold'
import { planOf } from '@/core/plan/planOf'
import { removeLoad } from '@/ui/household/edits'
import { useHouseholdStore, usePlan } from '@/ui/household/HouseholdContext'
import { tryLevers } from '@/core/sizing/tryLevers'
import { withLosses } from '@/core/sizing/leverLosses'
import { sayLever } from '@/words/levers/sayLever'
import { SimulationClient } from '@/worker/simulationClient'
import { BuysHours } from './BuysHours'

/** Sees at once whatever it is asked to watch. */
class SeesAll {
  constructor(private readonly tell: (entries: { isIntersecting: boolean }[]) => void) {}
  observe = () => this.tell([{ isIntersecting: true }])
  disconnect = () => {}
}

beforeAll(() => {
  Object.assign(globalThis, { Worker: NoWorker, IntersectionObserver: SeesAll })
})

const sample = demoHousehold()
const plan = planOf(sample)
const tried = [...tryLevers(plan, 1, 20)].at(-1)!
const levers = withLosses(plan, tried)
  .map((lever) => sayLever(lever, plan.household))
  .filter(({ change }) => 'loadId' in change)

type Store = ReturnType<typeof useHouseholdStore>

function Page({ told }: { told: (store: Store) => void }) {
  const store = useHouseholdStore()
  useEffect(() => told(store), [store, told])
  return <BuysHours plan={usePlan()} />
}

test('the key does what stands first on show, not what was tried for a load that is gone', async () => {
  jest.spyOn(SimulationClient.prototype, 'rankLevers').mockResolvedValue(levers)
  const told = jest.fn<(store: Store) => void>()
  inHousehold(sample, <Page told={told} />)
  await screen.findByRole('button', { name: new RegExp(levers[0].words) })
  const [store] = told.mock.calls[0]
  const first = levers[0].change as { loadId: string }
  act(() => store.getState().edit(removeLoad(first.loadId)))
  const without = store.getState().household
  await userEvent.keyboard('b')
  const { household } = store.getState()
  expect(household).not.toBe(without)
  expect(household.loads.map(({ id }) => id)).toEqual(without.loads.map(({ id }) => id))
})
