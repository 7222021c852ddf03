import { afterEach, expect, jest, test } from '@jest/globals'
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react'
import { useEffect } from 'react'
import { flushSync } from 'react-dom'
import { demoHousehold } from '@/catalog/demoHousehold'
import { NoWorker, inHousehold } from '../../../tests/support/inHousehold'
import { evaluate } from '../../../tests/support/saidEvaluation'
import { planOf } from '@/core/plan/planOf'
import type { Evaluation } from '@/words/answer/evaluation'
import { changeLoad } from './edits'
import { HouseholdProvider, useHouseholdStore, usePlan } from './HouseholdContext'
import type { HouseholdStore } from './store'

globalThis.Worker = NoWorker as unknown as typeof Worker
afterEach(() => localStorage.clear())

let store: HouseholdStore
function Page({ take }: { take: (store: HouseholdStore) => void }) {
  const used = useHouseholdStore()
  useEffect(() => {
    take(used)
  }, [take, used])
  return <output>{usePlan().loads[0].name}</output>
}
const show = () => inHousehold(household, <Page take={(used) => void (store = used)} />)
const shown = () => screen.getByRole('status').textContent
const household = demoHousehold()
const [load] = household.loads
const rename = (name: string) => store.getState().edit(changeLoad(load.id, { name }))

test('what is typed is shown when the page finds time, an edit at once', async () => {
  show()
  await act(async () => {
    flushSync(() => store.getState().tryOut(() => rename('typed')))
    expect(shown()).toBe(load.name)
  })
  expect(shown()).toBe('typed')
  await act(async () => {
    flushSync(() => rename('made'))
    expect(shown()).toBe('made')
  })
})

test('a trial of what stood before an edit is shown no more', async () => {
  show()
  await act(async () => {
    flushSync(() => store.getState().tryOut(() => rename('typed')))
  })
  await act(async () => {
    flushSync(() => {
      rename('made')
      store.getState().tryOut(() => rename('typed anew'))
    })
    expect(shown()).toBe('made')
  })
  expect(shown()).toBe('typed anew')
})

test('curves are asked for when all of the page is there, an answer that did not come with it at once', async () => {
  const begun: number[] = []
  globalThis.Worker = class extends NoWorker {
    constructor() {
      super()
      begun.push(1)
    }
  } as unknown as typeof Worker
  const readyState = jest.spyOn(document, 'readyState', 'get').mockReturnValue('interactive')
  const stored = { id: 'h', version: 1, savedAt: '2027-01-01T10:00:00.000Z', household }
  const whole = evaluate(planOf(household), { runs: 20 })
  const page = (evaluation: Evaluation | null) =>
    render(
      <HouseholdProvider stored={stored} evaluation={evaluation}>
        {null}
      </HouseholdProvider>,
    )
  page(whole)
  expect(begun).toHaveLength(0)
  page({ ...whole, hasTraces: false })
  expect(begun).toHaveLength(0)
  page(null)
  expect(begun).toHaveLength(1)
  readyState.mockReturnValue('complete')
  fireEvent(window, new Event('load'))
  await waitFor(() => expect(begun).toHaveLength(2))
  readyState.mockRestore()
  globalThis.Worker = NoWorker as unknown as typeof Worker
})
