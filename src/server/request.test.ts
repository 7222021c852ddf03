import { afterEach, describe, expect, jest, test } from '@jest/globals'

import { siteOrigin, trustedOrigins } from './origin'
import { log } from './log'
import { answer, refuseError } from './respond'

jest.mock('./newcomer', () => ({ keepPromise: async () => null, admit: async () => null }))
jest.mock('./visitor', () => ({
  visitorOf: async (headers: Headers) => {
    const userId = headers.get('x-visitor')
    return userId && { userId, households: [] }
  },
}))

const { REQUEST_LIMIT_BYTES, forVisitor, isSameSite, readJson } =
  jest.requireActual<typeof import('./request')>('./request')

const before = { ...process.env }

afterEach(() => {
  process.env = { ...before }
})

const post = (body: BodyInit | null, headers: Record<string, string> = {}) =>
  new Request('http://127.0.0.1:3000/api', {
    method: 'POST',
    body,
    headers: { 'content-type': 'application/json', origin: 'http://127.0.0.1:3000', ...headers },
  })

describe('where the site is', () => {
  test('on loopback both of its names are trusted; behind a proxy its one name', () => {
    process.env.PORT = '3001'
    delete process.env.YOTROPE_ORIGIN
    expect(siteOrigin()).toBe('http://127.0.0.1:3001')
    expect(trustedOrigins()).toEqual(['http://127.0.0.1:3001', 'http://localhost:3001'])
    process.env.YOTROPE_ORIGIN = 'https://outage.invalid'
    expect(trustedOrigins()).toEqual(['https://outage.invalid'])
  })
})

describe('changes come from the site’s own pages', () => {
  test.each([
    ['its own origin', {}, true],
    ['its other name', { origin: 'http://localhost:3000' }, true],
    ['another port', { origin: 'http://127.0.0.1:3001' }, false],
    ['another site', { origin: 'https://elsewhere.invalid' }, false],
    ['a sandboxed page', { origin: 'null' }, false],
    ['a cross-site fetch', { 'sec-fetch-site': 'cross-site' }, false],
    ['a same-origin fetch', { 'sec-fetch-site': 'same-origin' }, true],
  ])('%s', (_, headers, allowed) => {
    delete process.env.YOTROPE_ORIGIN
    delete process.env.PORT
    expect(isSameSite(post('{}', headers as Record<string, string>))).toBe(allowed)
  })

  test('no origin at all is none of its pages', () => {
    expect(isSameSite(new Request('http://127.0.0.1:3000/api', { method: 'POST' }))).toBe(false)
  })
})

describe('reading a request', () => {
  const messageOf = async (response: Response) => (await response.json()).error.message

  test('one that comes to no end is not waited for', async () => {
    const timeout = jest.spyOn(AbortSignal, 'timeout')
    const ends = new AbortController()
    timeout.mockReturnValue(ends.signal)
    const body = new ReadableStream({ start: (stream) => stream.enqueue(new TextEncoder().encode('{"a":')) })
    const reading = readJson(
      new Request('http://127.0.0.1:3000/api', {
        method: 'POST',
        body,
        headers: { 'content-type': 'application/json' },
        duplex: 'half',
      } as RequestInit),
    )
    ends.abort()
    const read = await reading
    expect(read.ok ? null : read.refusal.status).toBe(408)
    expect(timeout).toHaveBeenCalledWith(15_000)
    timeout.mockRestore()
  })

  test('JSON is read', async () => {
    expect(await readJson(post('{"a":[1,"é🧊"]}'))).toEqual({ ok: true, body: { a: [1, 'é🧊'] } })
  })

  test('what says it is too long is refused unread; what turns out too long is cut off', async () => {
    for (const headers of [{ 'content-length': String(REQUEST_LIMIT_BYTES + 1) }, { 'content-length': '' }]) {
      const reading = await readJson(
        post('x'.repeat(REQUEST_LIMIT_BYTES + 1), headers as Record<string, string>),
      )
      expect(reading.ok).toBe(false)
      if (!reading.ok) expect(reading.refusal.status).toBe(413)
    }
  })

  test('broken JSON and another content type are said to be', async () => {
    const broken = await readJson(post('{"a":'))
    expect(!broken.ok && (await messageOf(broken.refusal))).toMatch(/not valid JSON/)
    const text = await readJson(post('{}', { 'content-type': 'text/plain' }))
    expect(!text.ok && text.refusal.status).toBe(415)
  })
})

describe('a route for visitors', () => {
  const context = { params: Promise.resolve({ id: 'x' }) }
  const echo = forVisitor<{ id: string }>(async ({ visitor, params }) => answer({ ...visitor, ...params }))
  const get = (headers: Record<string, string>) => new Request('http://127.0.0.1:3000/api', { headers })

  test('hands the visitor and the parameters over', async () => {
    expect(await (await echo(get({ 'x-visitor': 'v' }), context)).json()).toEqual({
      userId: 'v',
      households: [],
      id: 'x',
    })
  })

  test('without a session it is not run', async () => {
    const response = await echo(get({}), context)
    expect(response.status).toBe(401)
    expect(response.headers.get('cache-control')).toBe('no-store')
  })

  test('a change from elsewhere is refused before the session is looked at', async () => {
    expect(
      (await echo(post('{}', { origin: 'https://elsewhere.invalid', 'x-visitor': 'v' }), context)).status,
    ).toBe(403)
  })

  test('an error becomes a clear refusal, without its innards', async () => {
    const logged = jest.spyOn(log(), 'error').mockImplementation(() => {})
    const failing = forVisitor(async () => {
      throw new Error('Failed query', {
        cause: Object.assign(new Error('connect'), { code: 'ECONNREFUSED' }),
      })
    })
    const response = await failing(get({ 'x-visitor': 'v' }), context)
    expect(response.status).toBe(503)
    const { error } = await response.json()
    expect(error.message).toMatch(/^The database is not answering, so nothing was saved\./)
    expect(JSON.stringify(error)).not.toContain('ECONNREFUSED')
    expect(JSON.stringify(logged.mock.calls[0])).toContain('ECONNREFUSED')
    logged.mockRestore()
  })

  test('a full disk is told as one', async () => {
    const logged = jest.spyOn(log(), 'error').mockImplementation(() => {})
    const response = refuseError(
      Object.assign(new Error('Error writing file (Errcode: 28 "No space left on device") disk full'), {
        code: 'ER_DISK_FULL',
      }),
    )
    expect(response.status).toBe(507)
    expect((await response.json()).error.message).toMatch(/^The disk is full, so nothing was saved\./)
    logged.mockRestore()
  })
})
