import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals'
import { demoHousehold } from '@/catalog/demoHousehold'
import { clearDraft, readDraft, writeDraft } from './draft'
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
  beforeEach(() => {
    kept.clear()
    ;(globalThis as { localStorage?: unknown }).localStorage = {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => void kept.set(key, value),
      removeItem: (key: string) => void kept.delete(key),
    }
  })
  afterEach(() => {
    delete (globalThis as { localStorage?: unknown }).localStorage
  })

  test('come back whole, each household’s its own, until they are cleared', () => {
    writeDraft('one', { baseVersion: 3, household })
    expect(readDraft('one')).toEqual({ baseVersion: 3, household })
    expect(readDraft('two')).toBeNull()
    clearDraft('one')
    expect(readDraft('one')).toBeNull()
  })

  test('a damaged one is none, and a browser that keeps nothing is no trouble', () => {
    kept.set('yotrope-draft-one', '{"half":')
    expect(readDraft('one')).toBeNull()
    delete (globalThis as { localStorage?: unknown }).localStorage
    expect(() => writeDraft('one', { baseVersion: 1, household })).not.toThrow()
    expect(readDraft('one')).toBeNull()
    expect(() => clearDraft('one')).not.toThrow()
  })
})
