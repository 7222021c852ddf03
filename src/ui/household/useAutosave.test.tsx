import { afterEach, beforeEach, expect, jest, test } from '@jest/globals'
import { act, renderHook } from '@testing-library/react'
import { demoHousehold } from '@/catalog/demoHousehold'
import type { Household } from '@/core/plan/household'
import { findDraft, writeDraft } from './draft'
import { type Stored, createHouseholdStore } from './store'
import { useAutosave } from './useAutosave'

const named = (name: string): Household => {
  const household = demoHousehold()
  return { ...household, profile: { ...household.profile, name } }
}
const renamed = (name: string) => (household: Household) => ({
  ...household,
  profile: { ...household.profile, name },
})

/** A server that keeps one household: each save it hears counts, whether its answer arrives or not. */
class Server {
  stored: Stored = { id: 'h', version: 1, savedAt: '2027-01-01T10:00:00.000Z', household: named('first') }
  losesAnswers = false

  readonly fetch = async (_: unknown, init?: { body?: unknown }) => {
    const { baseVersion, household } = JSON.parse(String(init?.body)) as {
      baseVersion: number
      household: Household
    }
    const isStale = baseVersion !== this.stored.version
    if (!isStale) this.stored = { ...this.stored, version: baseVersion + 1, household }
    if (this.losesAnswers) throw new TypeError('network')
    const body = isStale
      ? { newer: this.stored }
      : { version: this.stored.version, savedAt: this.stored.savedAt }
    return { ok: !isStale, status: isStale ? 409 : 200, json: async () => structuredClone(body) }
  }
}

const fetchBefore = globalThis.fetch
let server: Server

beforeEach(() => {
  jest.useFakeTimers()
  localStorage.clear()
  server = new Server()
  globalThis.fetch = server.fetch as unknown as typeof fetch
})
afterEach(() => {
  jest.useRealTimers()
  globalThis.fetch = fetchBefore
})

const pass = (ms = 1000) => act(() => jest.advanceTimersByTimeAsync(ms))

/** A window that opens what the server has, or what it had when it was asked. */
async function openWindow(stored = server.stored) {
  const store = createHouseholdStore(stored, null)
  const hook = renderHook(() => useAutosave(store))
  await pass(1)
  return { store, leave: hook.unmount, name: () => store.getState().household.profile.name }
}

test('a save whose answer was lost, and a change since: both are there, and nobody else is blamed', async () => {
  const { store } = await openWindow()
  server.losesAnswers = true
  store.getState().edit(renamed('second'))
  await pass()
  expect(store.getState().save.kind).toBe('failed')
  server.losesAnswers = false
  store.getState().edit(renamed('third'))
  await pass()
  await pass()
  expect(store.getState().save.kind).toBe('saved')
  expect(server.stored).toMatchObject({ version: 3, household: { profile: { name: 'third' } } })
})

test('left while it saved, with a change since: opened again, the change is made on top of the save', async () => {
  server.losesAnswers = true
  const first = await openWindow()
  first.store.getState().edit(renamed('second'))
  await pass()
  first.store.getState().edit(renamed('third'))
  first.leave()
  server.losesAnswers = false
  expect(server.stored.household.profile.name).toBe('second')
  const again = await openWindow()
  await pass()
  await pass()
  expect(again.name()).toBe('third')
  expect(again.store.getState().save.kind).toBe('saved')
  expect(server.stored.household.profile.name).toBe('third')
})

test('opened again before the save arrived: what is changed then goes on top of it', async () => {
  const asItWas = server.stored
  server.stored = { ...asItWas, version: 2, household: named('second') }
  writeDraft('h', { baseVersion: 1, household: named('second') })
  const { store, name } = await openWindow(asItWas)
  await pass(100)
  expect(name()).toBe('second')
  store.getState().edit(renamed('third'))
  await pass()
  await pass()
  expect(store.getState().save.kind).toBe('saved')
  expect(server.stored).toMatchObject({ version: 3, household: { profile: { name: 'third' } } })
})

test('what somebody else saved meanwhile is asked about, and one’s own draft stays', async () => {
  const { store } = await openWindow()
  server.stored = { ...server.stored, version: 2, household: named('theirs') }
  store.getState().edit(renamed('mine'))
  await pass()
  expect(store.getState().save).toMatchObject({
    kind: 'stale',
    newer: { household: { profile: { name: 'theirs' } } },
  })
  expect(server.stored.household.profile.name).toBe('theirs')
  expect((await findDraft('h'))?.household.profile.name).toBe('mine')
})
