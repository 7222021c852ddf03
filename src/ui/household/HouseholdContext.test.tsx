import { afterEach, expect, test } from '@jest/globals'
import { act, screen } from '@testing-library/react'
import { useEffect } from 'react'
import { flushSync } from 'react-dom'
import { demoHousehold } from '@/catalog/demoHousehold'
import { NoWorker, inHousehold } from '../../../tests/support/inHousehold'
import { changeLoad } from './edits'
import { useHouseholdStore, usePlan } from './HouseholdContext'
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
