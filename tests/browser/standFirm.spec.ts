import { type APIRequestContext, type Page, expect, test } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { answer, apiVisitor, enter, openSample, ready } from './support'

const ORIGIN = `http://127.0.0.1:${process.env.YOTROPE_TEST_PORT ?? 3399}`
const json = { 'content-type': 'application/json', origin: ORIGIN }
const watts = (page: Page) => page.getByLabel('Average watts')
const saved = (page: Page) => expect(page.getByTestId('save-status')).toHaveText(/^Saved/)

async function keep(page: Page, tab?: string) {
  await page.getByRole('button', { name: 'Tarn End', exact: true }).click()
  await page.getByRole('menuitem', { name: 'Keep this household…' }).click()
  const dialog = page.getByRole('dialog', { name: 'Keep this household' })
  if (tab) await dialog.getByRole('tab', { name: tab }).click()
  return dialog
}

async function put(request: APIRequestContext, id: string, change: (household: any) => void) {
  const stored = await (await request.get(`/api/households/${id}`)).json()
  change(stored.household)
  return request.put(`/api/households/${id}`, {
    headers: json,
    data: { baseVersion: stored.version, household: stored.household },
  })
}

test.describe('keep this household', () => {
  test('a code opens it on another device, is listed, and opens nothing once revoked', async ({
    page,
    browser,
  }) => {
    await openSample(page, 'loads')
    await enter(watts(page), '61')
    await saved(page)
    const dialog = await keep(page)
    await dialog.getByRole('button', { name: 'Make a code' }).click()
    const code = await dialog.getByTestId('recovery-code').innerText()
    expect(code).toMatch(/^([0-9A-Z]{4}-){4}[0-9A-Z]{4}$/)
    await expect(dialog.getByRole('img', { name: 'The link as a QR code' })).toBeVisible()
    await expect(dialog.getByText('never used')).toBeVisible()

    const elsewhere = await browser.newContext()
    const other = await elsewhere.newPage()
    await other.goto('/open')
    await other.getByLabel('Code').fill('0000-0000-0000-0000-0000')
    await other.getByRole('button', { name: 'Open it' }).click()
    await expect(other.getByText('No household has this code.')).toBeVisible()
    await other.goto(`/open#${code.toLowerCase()}`)
    await expect(other.getByLabel('Code')).toHaveValue(code.toLowerCase())
    expect(new URL(other.url()).hash).toBe('')
    await other.getByRole('button', { name: 'Open it' }).click()
    await expect(answer(other)).toBeVisible()
    await other.goto(other.url().replace('/runtime', '/loads'))
    await expect(watts(other)).toHaveValue('61 W')

    await dialog.getByRole('tab', { name: 'File' }).click()
    await dialog.getByRole('tab', { name: 'Another device' }).click()
    await expect(dialog.getByText(/^last used/)).toBeVisible()
    await expect(dialog.getByTestId('recovery-code')).toHaveCount(0)
    await dialog.getByRole('button', { name: 'Revoke' }).click()
    // it opened the household for somebody: that is told, and asked about
    await expect(dialog.getByText('By this code one other browser opened the household')).toBeVisible()
    const household = new URL(other.url()).pathname
    await dialog.getByRole('button', { name: 'Revoke, and close it to them' }).click()
    await expect(dialog.getByText('No code yet.')).toBeVisible()
    expect((await other.request.get(household)).status()).toBe(404)
    await other.goto(`/open#${code}`)
    await other.getByRole('button', { name: 'Open it' }).click()
    await expect(other.getByText(/may have been revoked/)).toBeVisible()
    await elsewhere.close()
  })

  test('to a file and from it: what it would change is told, put in place it can be undone', async ({
    page,
  }) => {
    await openSample(page, 'loads')
    let dialog = await keep(page, 'File')
    const download = page.waitForEvent('download')
    await dialog.getByRole('button', { name: 'Save to a file' }).click()
    const file = await (await download).path()
    expect(JSON.parse(readFileSync(file, 'utf8'))).toMatchObject({ format: 'yotrope-household', version: 11 })
    await dialog.getByRole('button', { name: 'Close' }).click()
    const before = await watts(page).inputValue()
    await enter(watts(page), '77')
    await saved(page)
    dialog = await keep(page, 'File')
    const opens = (name: string, text: string) =>
      dialog
        .getByLabel('Open a file')
        .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) })
    await opens('photo.json', '{"format":"photos"}')
    await expect(
      dialog.getByText('photo.json cannot be opened: format must be "yotrope-household".'),
    ).toBeVisible()
    await opens('home.json', readFileSync(file, 'utf8'))
    await expect(dialog.getByTestId('file-changes')).toContainText('1 load changed')
    await dialog.getByRole('button', { name: 'Put it in this one’s place' }).click()
    await expect(watts(page)).toHaveValue(before)
    await page.keyboard.press('Control+z')
    await expect(watts(page)).toHaveValue('77 W')
  })

  test('@soak what was removed comes back after a reload, from the earlier versions', async ({ page }) => {
    await openSample(page, 'loads')
    const before = await watts(page).inputValue()
    await enter(watts(page), '88')
    await saved(page)
    await page.reload()
    await ready(page)
    const dialog = await keep(page, 'Earlier versions')
    await expect(dialog.getByText('after it: 1 load changed')).toBeVisible()
    await dialog.getByRole('button', { name: 'Bring it back' }).click()
    await expect(watts(page)).toHaveValue(before)
    await saved(page)
  })

  test('signed out, another visitor’s start page comes; the household is not shown any more', async ({
    page,
  }) => {
    await openSample(page, 'loads')
    const before = page.url()
    const dialog = await keep(page, 'Leave or delete')
    await dialog.getByRole('button', { name: 'Sign out in this browser' }).click()
    await page.waitForURL((url) => url.href !== before && url.pathname.endsWith('/runtime'))
    await ready(page)
    expect((await page.goto(before))?.status()).toBe(404)
  })

  test('deleted after a caution, with a file offered first', async ({ page }) => {
    await openSample(page, 'loads')
    const gone = page.url()
    const dialog = await keep(page, 'Leave or delete')
    await expect(dialog.getByRole('button', { name: 'Save to a file first' })).toBeVisible()
    await expect(dialog.getByRole('button', { name: 'Delete it' })).toBeDisabled()
    await dialog.getByLabel('Yes, delete Tarn End').check()
    await dialog.getByRole('button', { name: 'Delete it' }).click()
    await page.waitForURL((url) => url.href !== gone && url.pathname.endsWith('/runtime'))
    await ready(page)
    expect((await page.goto(gone))?.status()).toBe(404)
  })
})

test.describe('what is sent', () => {
  test('ids that every object has, half a character, too much to compute: refused by name, and all goes on', async ({
    request,
  }) => {
    const id = await apiVisitor(request)
    const named = await put(request, id, (household) => {
      household.powerSystems[0].id = 'constructor'
      household.chosen.powerSystemId = 'constructor'
      household.loads[0].id = 'keys'
      household.hangsOn = JSON.parse('{"constructor":{"keys":"main"}}')
    })
    expect(named.status()).toBe(422)
    expect((await named.json()).error.message).toContain('is a word the program needs itself')
    const half = await put(request, id, (household) => (household.loads[0].note = 'half \ud83d'))
    expect(half.status()).toBe(422)
    expect((await half.json()).error.message).toContain('loads[0].note holds half a character')
    const busy = await put(request, id, (household) => {
      const load = household.loads.find(({ behaviour }: any) => behaviour.kind === 'cycling')
      load.behaviour.periodMin.value = 0.5
      household.loads = Array.from({ length: 60 }, (_, i) => ({ ...load, id: `l${i}`, name: `Valve ${i}` }))
      household.scenarios[0].durationH = 336
    })
    expect(busy.status()).toBe(422)
    expect((await busy.json()).error.message).toMatch(/“Valve \d+” switches .* would be right/)
    expect((await request.get(`/api/households/${id}`)).status()).toBe(200)
  })

  test('pages stay small: the sample, and a household of two hundred loads, which is fetched', async ({
    page,
    request,
  }) => {
    const id = await apiVisitor(request)
    const html = async () => (await (await request.get(`/h/${id}/runtime`)).body()).byteLength
    expect(await html()).toBeLessThan(160_000)
    await put(request, id, (household) => {
      const { standings, ...load } = household.loads[3]
      household.loads = Array.from({ length: 200 }, (_, i) => ({
        ...load,
        standings,
        id: `l${i}`,
        name: `Load ${i}`,
      }))
    })
    expect(await html()).toBeLessThan(250_000)
    await page.context().addCookies((await request.storageState()).cookies)
    await page.goto(`/h/${id}/loads`)
    await expect(page.getByRole('button', { name: 'Load 199', exact: true })).toBeVisible()
    await expect(answer(page)).toContainText(/[\d]/)
  })

  test('simulated devices need a session, and a visitor may have two', async ({ request, playwright }) => {
    const stranger = await playwright.request.newContext({ baseURL: ORIGIN })
    expect((await stranger.get('/api/standins/meter?appliance=none')).status()).toBe(401)
    await apiVisitor(request)
    const { cookies } = await request.storageState()
    const headers = { cookie: cookies.map(({ name, value }) => `${name}=${value}`).join('; ') }
    const url = `${ORIGIN}/api/standins/meter?appliance=refrigerator&hours=1`
    const ends = new AbortController()
    const streams = [1, 2].map(() => fetch(url, { headers, signal: ends.signal }))
    const opened = await Promise.all(streams)
    expect(opened.map(({ status }) => status)).toEqual([200, 200])
    const third = await fetch(url, { headers })
    expect(third.status).toBe(429)
    expect((await third.json()).error.message).toContain('end one of them first')
    ends.abort()
    // a place that is given back can be taken
    await expect(async () => expect((await fetch(url, { headers })).status).toBe(200)).toPass()
  })

  test('methods and addresses that are none get an answer', async () => {
    expect((await fetch(`${ORIGIN}/h/%zz`)).status).toBe(400)
    const hidden = await fetch(`${ORIGIN}/api/metrics`)
    expect(hidden.status).toBe(404)
    const script = /\/_next\/static\/[^"']+\.js/.exec(await (await fetch(`${ORIGIN}/open`)).text())![0]
    expect((await fetch(ORIGIN + script)).headers.get('x-content-type-options')).toBe('nosniff')
  })
})

test.describe('when something fails', () => {
  test('a computation that fails is told, and the old answer is marked', async ({ page }) => {
    await page.addInitScript(() => {
      const Whole = window.Worker
      window.Worker = class extends Whole {
        override postMessage(...args: unknown[]) {
          if ((window as { breakWorkers?: boolean }).breakWorkers) this.dispatchEvent(new Event('error'))
          else super.postMessage(...(args as [unknown]))
        }
      } as typeof Worker
    })
    await openSample(page, 'loads')
    await page.evaluate(() => ((window as { breakWorkers?: boolean }).breakWorkers = true))
    await enter(watts(page), '123')
    await expect(page.getByTestId('out-of-date')).toContainText('Out of date. The computation failed.')
    await page.evaluate(() => ((window as { breakWorkers?: boolean }).breakWorkers = false))
    await enter(watts(page), '124')
    await expect(page.getByTestId('out-of-date')).toHaveCount(0)
  })

  test('offline: another page is not left for the browser’s own, what is typed is kept and saved', async ({
    page,
    context,
  }) => {
    await openSample(page, 'loads')
    await context.setOffline(true)
    await page.getByRole('link', { name: /Power/ }).click()
    await expect(page.getByText('Yotrope cannot be reached just now.')).toBeVisible()
    await enter(watts(page), '66')
    await expect(page.getByTestId('save-status')).toHaveText('Not saved')
    await context.setOffline(false)
    await saved(page)
    await page.getByRole('link', { name: /Power/ }).click()
    await expect(page).toHaveURL(/power$/)
  })

  test('offline: a part that was not fetched never takes the page down, and comes when the connection is back', async ({
    page,
    context,
  }) => {
    await openSample(page, 'outage')
    await context.setOffline(true)
    const stands = async () => {
      await expect(page.getByText('This page could not be shown')).toHaveCount(0)
      await expect(page.locator('main')).toBeVisible()
    }
    await page
      .getByRole('button', { name: /^Pick a day/ })
      .first()
      .click()
    await stands()
    await expect(page.getByText('No connection: this part is not here yet.')).toBeVisible()
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: 'Words and keys' }).click()
    await stands()
    await expect(page.getByText('No connection: what you asked for is not here yet.').first()).toBeVisible()
    await page.getByRole('button', { name: 'Find' }).first().click()
    await stands()
    await page.getByTestId('answer').getByRole('button').first().click()
    await stands()
    // every link stays here and says so
    await page.getByRole('link', { name: /Hookup/ }).click()
    await expect(page.getByText('Yotrope cannot be reached just now.')).toBeVisible()
    await page.getByRole('link', { name: 'The power is out' }).click()
    await stands()
    await expect(page).toHaveURL(/outage$/)
    await context.setOffline(false)
    // what was asked for last comes by itself
    await expect(page.getByRole('menuitem').first()).toBeVisible()
    await stands()
  })

  test('offline: from a run back to all runs', async ({ page, context }) => {
    await openSample(page, 'run')
    await page
      .getByRole('button', { name: /^Begin/ })
      .first()
      .click()
    await expect(page).toHaveURL(/run=/)
    await expect(page.getByRole('button', { name: 'All runs' })).toBeVisible()
    await context.setOffline(true)
    await page.getByRole('button', { name: 'All runs' }).click()
    await expect(page).toHaveURL(/\/run$/)
    await expect(page.getByRole('main')).toBeVisible()
    await context.setOffline(false)
  })

  test('@soak two windows offline: neither loses its change', async ({ page, context }) => {
    await openSample(page, 'loads')
    const other = await context.newPage()
    await other.goto(page.url())
    await ready(other)
    await context.setOffline(true)
    await enter(watts(page), '41')
    await enter(other.getByLabel('Average watts'), '42')
    await expect(page.getByTestId('save-status')).toHaveText('Not saved')
    await expect(other.getByTestId('save-status')).toHaveText('Not saved')
    const drafts = await page.evaluate(() =>
      Object.keys(localStorage)
        .filter((key) => key.startsWith('yotrope-draft-'))
        .map((key) => localStorage.getItem(key)!),
    )
    expect(drafts).toHaveLength(2)
    await context.setOffline(false)
    // one is saved; the other is asked which of the two counts
    const asks = (one: Page) => one.getByText('Nothing was overwritten').count()
    await expect.poll(async () => (await asks(page)) + (await asks(other))).toBe(1)
    await expect(watts(page)).toHaveValue('41 W')
    await expect(watts(other)).toHaveValue('42 W')
  })
})
