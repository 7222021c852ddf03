import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals'
import { demoHousehold } from '@/catalog/demoHousehold'
import { clearDraft, findDraft, writeDraft } from './draft'
import { saveHousehold } from './saving'

const household = demoHousehold()
const answers = (status: number, body: unknown) =>
  (globalThis.fetch = jest.fn(async () => Response.json(body, { status })) as unknown as typeof fetch)

describe('the server’s answer to a save', () => {
  const fetchBefore = globalThis.fetch
  afterEach(() => {
    globalThis.fetch = fetchBefore
  })

  test('saved, with its version', async () => {
    answers(200, { version: 5, savedAt: 'now' })
    expect(await saveHousehold('h', 4, household)).toEqual({ kind: 'saved', version: 5, savedAt: 'now' })
    const [url, init] = (globalThis.fetch as unknown as jest.Mock).mock.calls[0] as [string, RequestInit]
    expect([url, init.method, JSON.parse(String(init.body)).baseVersion]).toEqual([
      '/api/households/h',
      'PUT',
      4,
    ])
  })

  test('stale, with the newer state', async () => {
    const newer = { id: 'h', version: 9, savedAt: 'then', household }
    answers(409, { error: { code: 'stale', message: 'Someone else' }, newer })
    expect(await saveHousehold('h', 4, household)).toEqual({ kind: 'stale', newer })
  })

  test('refused: trying again as it is would not help', async () => {
    answers(422, {
      error: { code: 'bad-request', message: 'Not saved: loads must hold at most 200 entries.' },
    })
    expect(await saveHousehold('h', 4, household)).toEqual({
      kind: 'failed',
      message: 'Not saved: loads must hold at most 200 entries.',
      faulty: true,
    })
  })

  test('away: it is tried again, whether the server says so or nobody does', async () => {
    answers(503, { error: { message: 'The database is not answering.' } })
    expect(await saveHousehold('h', 4, household)).toMatchObject({ kind: 'failed', faulty: false })
    globalThis.fetch = (async () => {
      throw new TypeError('network')
    }) as typeof fetch
    expect(await saveHousehold('h', 4, household)).toMatchObject({
      kind: 'failed',
      faulty: false,
      message: expect.stringMatching(/kept in this browser/),
    })
  })
})

describe('drafts', () => {
  const kept = new Map<string, string>()
  const tab = new Map<string, string>()
  const storage = (of: Map<string, string>) =>
    new Proxy(
      {
        getItem: (key: string) => of.get(key) ?? null,
        setItem: (key: string, value: string) => void of.set(key, value),
        removeItem: (key: string) => void of.delete(key),
      },
      {
        ownKeys: () => [...of.keys()],
        getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }),
      },
    )
  const browser = globalThis as { localStorage?: unknown; sessionStorage?: unknown }
  beforeEach(() => {
    kept.clear()
    browser.localStorage = storage(kept)
    browser.sessionStorage = storage(tab)
  })
  afterEach(() => {
    delete browser.localStorage
    delete browser.sessionStorage
  })

  test('come back whole, each household’s its own, until they are cleared', async () => {
    writeDraft('one', { baseVersion: 3, household })
    expect(await findDraft('one')).toEqual({ baseVersion: 3, household })
    expect(await findDraft('two')).toBeNull()
    clearDraft('one')
    expect(await findDraft('one')).toBeNull()
  })

  test('two windows offline do not share one; what a closed window left is taken over', async () => {
    const other = { ...household, profile: { ...household.profile, name: 'Other window' } }
    const left = { documentVersion: 7, baseVersion: 2, household: other }
    kept.set('yotrope-draft-one-elsewhere', JSON.stringify(left))
    writeDraft('one', { baseVersion: 3, household })
    expect(kept.size).toBe(2)
    expect((await findDraft('one'))?.baseVersion).toBe(3)
    clearDraft('one')
    expect(await findDraft('one')).toEqual({ baseVersion: 2, household: other })
    expect([...kept.keys()]).not.toContain('yotrope-draft-one-elsewhere')
  })

  test('one of an older release is upgraded; a damaged one, or of a newer release, is none and stays', async () => {
    const { indoorC, rain, ...older } = household.scenarios[0]
    void [indoorC, rain]
    kept.set(
      'yotrope-draft-one',
      JSON.stringify({ baseVersion: 1, household: { ...household, scenarios: [older] } }),
    )
    expect((await findDraft('one'))?.household.scenarios[0]).toMatchObject({ indoorC: 20, rain: 'dry' })
    for (const text of [
      '{"half":',
      JSON.stringify({ baseVersion: 1, household: { ...household, loads: [{ id: 'constructor' }] } }),
      JSON.stringify({ documentVersion: 99, baseVersion: 1, household }),
    ]) {
      kept.set('yotrope-draft-two-x', text)
      expect(await findDraft('two')).toBeNull()
      expect(kept.get('yotrope-draft-two-x')).toBe(text)
    }
  })

  test('a browser that keeps nothing is no trouble', async () => {
    delete browser.localStorage
    expect(() => writeDraft('one', { baseVersion: 1, household })).not.toThrow()
    expect(await findDraft('one')).toBeNull()
    expect(() => clearDraft('one')).not.toThrow()
  })
})
