import { type ChildProcess, spawn } from 'node:child_process'
import { type Page, expect, test } from '@playwright/test'
import { APPLIANCES } from '../../src/catalog/appliances'
import { PANELS } from '../../src/catalog/refill'
import { accented } from '../../src/words/pseudo'

/** Pages in a generated language: whatever is still plain English was left outside the words, or is the household's own. */
const PORT = 3398
const BASE = `http://127.0.0.1:${PORT}`
const STEPS = ['outage', 'loads', 'power', 'runtime', 'recharge', 'hookup', 'run']
/** Symbols of units and chemistries, and the house's own name. */
const ELSEWHERE = /USD|kWh|\bmin\b|°F, lb, gal|AWG|gal|LiFePO4|AGM|Yotrope/g

// one server for all of them
test.describe.configure({ mode: 'default' })

let server: ChildProcess
test.beforeAll(async ({ request }) => {
  server = spawn(process.execPath, ['cli/testServer.mjs'], {
    env: {
      ...process.env,
      PORT: String(PORT),
      YOTROPE_TEST_PLACE: 'test-pseudo',
      YOTROPE_LANGUAGE: 'en-XA',
    },
    stdio: 'inherit',
  })
  await expect(async () => {
    expect((await request.get(`${BASE}/api/ready`)).ok()).toBe(true)
  }).toPass({ timeout: 60_000 })
})
test.afterAll(async () => {
  const over = new Promise((resolve) => server.once('exit', resolve))
  server.kill('SIGTERM')
  await over
})

/** Every text of a value, as deep as it goes. */
const textsOf = (value: unknown): string[] =>
  typeof value === 'string'
    ? [value]
    : value !== null && typeof value === 'object'
      ? Object.values(value).flatMap(textsOf)
      : []

/** Opens the sample. @returns its address and the texts that are its own */
async function openSample(page: Page) {
  const { location } = (await page.request.get(BASE, { maxRedirects: 0 })).headers()
  const id = location.split('/')[2]
  const household: unknown = await (await page.request.get(`${BASE}/api/households/${id}`)).json()
  const own = textsOf(household)
    .flatMap((text) => [text, ...text.split(/(?<=[,.])\s/)])
    .filter((text) => /[A-Za-z]{3}/.test(text))
  return { base: `${BASE}/h/${id}`, own: [...new Set(own)] }
}

/** What is written or said by names on the page in plain letters, the household's own left out. */
async function leftOutside(page: Page, own: readonly string[]): Promise<string[]> {
  const texts = await page.evaluate(() => {
    const found: string[] = []
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT | NodeFilter.SHOW_ELEMENT)
    while (walker.nextNode()) {
      const node = walker.currentNode
      if (node instanceof Text) {
        if (!node.parentElement?.closest('script, style, noscript, code'))
          found.push((node.parentElement?.closest('svg') ? 'drawn:' : '') + node.data)
      } else
        for (const name of ['aria-label', 'title', 'placeholder', 'alt', 'aria-roledescription'])
          found.push((node as Element).getAttribute(name) ?? '')
    }
    return found
  })
  const longestFirst = own.toSorted((a, b) => b.length - a.length)
  const words = new Set(own.flatMap((text) => text.split(/[^A-Za-z]+/)))
  return [...new Set(texts)].filter((text) => {
    // a drawing breaks names into lines
    const isDrawn = text.startsWith('drawn:')
    let rest = text.replace(/^drawn:/, '')
    if (isDrawn) rest = rest.replace(/[A-Za-z]+/g, (word) => (words.has(word) ? '' : word))
    for (const name of longestFirst) rest = rest.split(name).join(' ')
    return /[A-Za-z]{3,}/.test(rest.replace(ELSEWHERE, ' '))
  })
}

/** Opens whatever is folded on a page, and what is folded in that. */
async function unfoldAll(page: Page) {
  await page.setViewportSize({ width: 1280, height: 800 })
  const folded = page.locator('main [aria-expanded="false"]:not([aria-haspopup]):not([role="combobox"])')
  while ((await folded.count()) > 0) {
    const one = (await folded.first().elementHandle())!
    await one.click()
    await expect.poll(() => one.getAttribute('aria-expanded')).not.toBe('false')
  }
}

test('every page at 1280 and at 390 px: nothing left outside, nothing wider than the window', async ({
  page,
}) => {
  // eight pages, a second server beside the others'
  test.setTimeout(300_000)
  const { base, own } = await openSample(page)
  const look = async (what: string, known: readonly string[]) => {
    for (const [width, height] of [
      [1280, 800],
      [390, 844],
    ]) {
      await page.setViewportSize({ width, height })
      // what is another on a narrow page is drawn anew first
      await expect
        .poll(() => page.evaluate(() => document.documentElement.scrollWidth), `${what} at ${width}`)
        .toBeLessThanOrEqual(width)
      expect.soft(await leftOutside(page, known), `${what} at ${width}`).toEqual([])
    }
  }
  for (const step of STEPS) {
    await page.setViewportSize({ width: 1280, height: 800 })
    await page.goto(`${base}/${step}`)
    await expect(page.getByTestId('save-status')).toHaveText(/\d\d:\d\d/)
    await expect(page.locator('.MuiSkeleton-root')).toHaveCount(0)
    await look(step, own)
    await unfoldAll(page)
    // names of the catalogue are data
    await look(`${step}, unfolded`, [...own, ...PANELS.map(({ name }) => name)])
    if (step === 'power') {
      // told by what they are, not by their words
      await expect(page.getByTestId('matrix-row').first()).toBeVisible()
      for (const tab of [1, 2, 3]) {
        await page.setViewportSize({ width: 1280, height: 800 })
        await page.getByRole('tab').nth(tab).click()
        await expect(page.getByRole('tab').nth(tab)).toHaveAttribute('aria-selected', 'true')
        await look(`${step}, tab ${tab}`, own)
      }
    }
    if (step === 'recharge') {
      const kinds = page.getByLabel(accented('When it is shed'))
      for (const kind of ['with supply', 'off daily', 'not with']) {
        await kinds.selectOption(kind)
        await look(`${step}, a rule ${kind}`, [...own, ...PANELS.map(({ name }) => name)])
      }
    }
  }
  await page.goto(`${BASE}/start`)
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await look(
    'start',
    APPLIANCES.map(({ name }) => name),
  )
})

test('dialogs: nothing left outside', async ({ page }) => {
  const { base, own } = await openSample(page)
  await page.goto(`${base}/loads`)
  await expect(page.getByTestId('save-status')).toHaveText(/\d\d:\d\d/)
  const button = (name: string) => page.getByRole('button', { name: accented(name) }).first()
  const dialog = page.getByRole('dialog')
  const look = async (what: string) => {
    await expect(dialog).toBeVisible()
    expect.soft(await leftOutside(page, own), what).toEqual([])
    await page.keyboard.press('Escape')
    await expect(dialog).toBeHidden()
  }
  await button('Find').click()
  await look('Find')
  await button('Words and keys').click()
  await look('Help')
  await button('Readings from a plug-in meter').click()
  await look('Meter')
  for (const item of ['Name, units and money…', 'Keep this household…']) {
    await page.locator('header [aria-haspopup]').first().click()
    await page.getByRole('menuitem', { name: accented(item) }).click()
    await look(item)
  }
  await page.goto(`${base}/runtime`)
  await expect(page.getByTestId('save-status')).toHaveText(/\d\d:\d\d/)
  await page.getByTestId('answer').getByRole('button').nth(3).click()
  await look('Working')
})
