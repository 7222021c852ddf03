import { expect, test } from '@playwright/test'
import { apiVisitor, openSample } from './support'

const ORIGIN = `http://127.0.0.1:${process.env.YOTROPE_TEST_PORT ?? 3399}`
const json = { 'content-type': 'application/json', origin: ORIGIN }

test('another visitor’s identifiers give 404 on every route and every page', async ({ playwright }) => {
  const owner = await playwright.request.newContext({ baseURL: ORIGIN })
  const stranger = await playwright.request.newContext({ baseURL: ORIGIN })
  const id = await apiVisitor(owner)
  await apiVisitor(stranger)
  const { household } = await (await owner.get(`/api/households/${id}`)).json()
  const save = { baseVersion: 1, household: { ...household, loads: [] } }
  const attempts = [
    await stranger.get(`/api/households/${id}`),
    await stranger.put(`/api/households/${id}`, { data: save, headers: json }),
    await stranger.put(`/api/households/${id}`, { data: 'no json', headers: json }),
    await stranger.delete(`/api/households/${id}`, { headers: json }),
    await stranger.get(`/api/households/${id}/plan`),
    ...(await Promise.all(
      ['', '/outage', '/loads', '/power', '/runtime'].map((path) => stranger.get(`/h/${id}${path}`)),
    )),
  ]
  expect(attempts.map((response) => response.status())).toEqual(attempts.map(() => 404))
  const list = await (await stranger.get('/api/households')).json()
  expect(list.households.map((entry: { id: string }) => entry.id)).not.toContain(id)
  expect(await (await owner.get(`/api/households/${id}`)).json()).toMatchObject({ version: 1, household })
})

/** The text with another first letter than it has. */
const otherFirst = (text: string) => (text.startsWith('A') ? 'B' : 'A') + text.slice(1)

test('without a session, or with one that was tampered with, nothing is shown and nothing lost', async ({
  playwright,
  request,
}) => {
  const id = await apiVisitor(request)
  const { cookies } = await request.storageState()
  const cookie = cookies.find(({ name }) => name === 'yotrope.session_token')!
  expect(cookie).toMatchObject({ httpOnly: true, sameSite: 'Lax', path: '/' })
  const [token, signature] = decodeURIComponent(cookie.value).split('.')
  const forged = [
    undefined,
    `${token}.${otherFirst(signature)}`,
    `${otherFirst(token)}.${signature}`,
    token,
    '💥',
    'x'.repeat(5000),
  ]
  for (const value of forged) {
    const bare = await playwright.request.newContext({ baseURL: ORIGIN })
    const headers: Record<string, string> =
      value === undefined ? {} : { cookie: `yotrope.session_token=${encodeURIComponent(value)}` }
    const api = await bare.get(`/api/households/${id}`, { headers })
    expect(api.status()).toBe(401)
    expect((await api.json()).error.message).toContain('no valid session')
    expect((await bare.get(`/h/${id}/runtime`, { headers })).status()).toBe(404)
  }
  expect((await request.get(`/api/households/${id}`)).status()).toBe(200)
})

test('a page that is not there says where to go', async ({ page }) => {
  await page.goto('/h/00000000-0000-0000-0000-000000000000/loads')
  await expect(page.getByRole('heading', { name: 'There is nothing here for this browser.' })).toBeVisible()
  await page.getByRole('link', { name: 'Open the start page' }).click()
  await expect(page.getByTestId('answer')).toBeVisible()
})

test('changes are taken from the site’s own pages alone', async ({ request }) => {
  const id = await apiVisitor(request)
  for (const headers of [
    { 'content-type': 'application/json' },
    { ...json, origin: 'https://elsewhere.invalid' },
    { ...json, 'sec-fetch-site': 'cross-site' },
  ]) {
    const response = await request.delete(`/api/households/${id}`, { headers })
    expect(response.status()).toBe(403)
  }
  expect((await request.get(`/api/households/${id}`)).status()).toBe(200)
})

test('what is too large or no household is refused with its reason, and nothing is saved', async ({
  request,
}) => {
  const id = await apiVisitor(request)
  const stored = await (await request.get(`/api/households/${id}`)).json()
  const put = (data: unknown, headers: Record<string, string> = json) =>
    request.put(`/api/households/${id}`, { data: data as string, headers })
  const changed = (change: (household: any) => void) => {
    const household = structuredClone(stored.household)
    change(household)
    return { baseVersion: 1, household }
  }
  const refused: [unknown, number, RegExp][] = [
    ['x'.repeat(1_100_000), 413, /larger than 1,000,000 bytes/],
    [Buffer.from('{"broken":'), 400, /not valid JSON/],
    [{ household: stored.household }, 400, /could not be read/],
    [
      changed(
        (h) =>
          (h.loads = Array.from({ length: 900 }, (_, i) => ({
            ...h.loads[0],
            id: `l${i}`,
            note: '',
            standings: {},
          }))),
      ),
      422,
      /loads must hold at most 200 entries/,
    ],
    [
      changed((h) => (h.loads[0].behaviour.runningW.value = -1)),
      422,
      /loads\[0\]\.behaviour\.runningW\.value must be at least 0/,
    ],
    [changed((h) => (h.loads[0].behaviour.runningW = 150)), 422, /needs a value with its unit/],
    [changed((h) => (h.loads[0].behaviour.runningW.value = 1e12)), 422, /at most 50,000/],
    [changed((h) => (h.loads[0].name = 'n'.repeat(5000))), 422, /at most 80 characters/],
    [changed((h) => (h.profile.owner = 'me')), 422, /profile\.owner no such field/],
    [changed((h) => (h.chosen.scenarioId = 'gone')), 422, /names no outage/],
  ]
  for (const [data, status, message] of refused) {
    const response = await put(data)
    expect(response.status()).toBe(status)
    expect((await response.json()).error.message).toMatch(message)
  }
  expect(
    (await put(JSON.stringify({ baseVersion: 1 }), { ...json, 'content-type': 'text/plain' })).status(),
  ).toBe(415)
  const tenThousand = changed(
    (h) => (h.loads = Array.from({ length: 10_000 }, (_, i) => ({ ...h.loads[0], id: `l${i}` }))),
  )
  expect((await put(tenThousand)).status()).toBe(413)
  expect(await (await request.get(`/api/households/${id}`)).json()).toEqual(stored)
})

test('a stale save is refused with the newer state', async ({ request }) => {
  const id = await apiVisitor(request)
  const { household } = await (await request.get(`/api/households/${id}`)).json()
  const put = (name: string) =>
    request.put(`/api/households/${id}`, {
      data: { baseVersion: 1, household: { ...household, profile: { ...household.profile, name } } },
      headers: json,
    })
  expect(await (await put('First')).json()).toMatchObject({ version: 2 })
  const stale = await put('Second')
  expect(stale.status()).toBe(409)
  expect(await stale.json()).toMatchObject({
    error: { code: 'stale' },
    newer: { version: 2, household: { profile: { name: 'First' } } },
  })
})

test('households of one visitor have a limit, told before anything is made', async ({ request }) => {
  await apiVisitor(request)
  let response
  for (let i = 0; i < 24; i++)
    response = await request.post('/api/households', { data: { from: 'sample' }, headers: json })
  expect(response!.status()).toBe(409)
  expect((await response!.json()).error.message).toContain('24 households')
  const bad = await request.post('/api/households', {
    data: { from: 'nothing', name: '', mains: '50 V' },
    headers: json,
  })
  expect(bad.status()).toBe(400)
})

test('every page carries the security headers, and no inline code passes them', async ({ page, request }) => {
  const violations: string[] = []
  page.on('console', (message) => message.type() === 'error' && violations.push(message.text()))
  await openSample(page, 'loads')
  const headers = (await request.get('/')).headers()
  expect(headers['content-security-policy']).toMatch(/script-src 'self' 'nonce-[^']+' 'strict-dynamic'/)
  expect(headers['content-security-policy']).toContain("frame-ancestors 'none'")
  expect(headers).toMatchObject({
    'x-content-type-options': 'nosniff',
    'x-frame-options': 'DENY',
    'referrer-policy': 'same-origin',
  })
  expect(headers['x-powered-by']).toBeUndefined()
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog')).toBeVisible()
  expect(violations).toEqual([])
})

test('a page’s nonce is its own: of the page and its header, another each time, never the one a request brings', async ({
  request,
}) => {
  const asked = { headers: { 'x-nonce': 'chosen', 'content-security-policy': "script-src 'nonce-chosen'" } }
  const nonces = new Set<string>()
  for (const path of ['/start', '/start']) {
    const response = await request.get(path, asked)
    const [, nonce] = response.headers()['content-security-policy'].match(/'nonce-([^']+)'/)!
    const written = [...(await response.text()).matchAll(/ nonce="([^"]*)"/g)].map(([, one]) => one)
    expect(written.length).toBeGreaterThan(5)
    expect(new Set(written)).toEqual(new Set([nonce]))
    nonces.add(nonce)
  }
  expect(nonces.size).toBe(2)
})
