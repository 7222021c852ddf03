import { readFileSync } from 'node:fs'
import { gzipSync } from 'node:zlib'
import { join } from 'node:path'
import { type Page, chromium } from '@playwright/test'
import { chromiumOptions } from '../../playwright.config'

const STEPS = ['outage', 'loads', 'power', 'runtime', 'recharge']
/** where the build lies: the command that runs this stands there */
const ROOT = process.cwd()

/**
 * First-load JavaScript of every page, KiB after gzip: what its HTML asks for, before anything is opened. What is meant for browsers
 * without modules is fetched by none that can show the page.
 */
async function firstLoadKiB(page: Page, url: string): Promise<number> {
  const html = await (await page.request.get(url)).text()
  const files = new Set(
    [...html.matchAll(/<script[^>]+src="(\/_next\/static\/[^"]+\.js)"[^>]*>/g)]
      .filter(([tag]) => !/\bnomodule\b/i.test(tag))
      .map(([, file]) => file),
  )
  const bytes = [...files].reduce((sum, file) => {
    const path = join(ROOT, '.next', file.replace('/_next/', '').split('?')[0])
    return sum + gzipSync(readFileSync(path), { level: 6 }).length
  }, 0)
  return Math.round(bytes / 102.4) / 10
}

/**
 * Milliseconds from a keystroke in a load's watts to the new sentence painted, as the page itself sees them, at a processor four times
 * slowed, on a page at rest.
 */
async function keystrokeMs(page: Page, url: string): Promise<number[]> {
  await page.goto(url)
  await page
    .getByTestId('save-status')
    .filter({ hasText: /Saved \d/ })
    .waitFor()
  await page.evaluate(() => {
    const found = window as unknown as { answers: number[]; typedAt: number }
    found.answers = []
    const sentence = document.querySelector('[data-testid=answer]')!
    document.addEventListener('input', () => (found.typedAt = performance.now()), true)
    new MutationObserver(() => {
      if (!found.typedAt) return
      const { typedAt } = found
      found.typedAt = 0
      requestAnimationFrame(() => setTimeout(() => found.answers.push(performance.now() - typedAt)))
    }).observe(sentence, { subtree: true, characterData: true, childList: true })
  })
  const field = page.getByLabel('Average watts')
  // as somebody does who came to read first
  await page.waitForTimeout(2500)
  await field.click()
  await page.waitForTimeout(700)
  const slowed = await page.context().newCDPSession(page)
  await slowed.send('Emulation.setCPUThrottlingRate', { rate: 4 })
  const count = () => page.evaluate(() => (window as unknown as { answers: number[] }).answers.length)
  for (let i = 0; i < 30; i++) {
    const before = await count()
    await field.fill(String(30 + ((i * 37) % 100)))
    for (let waited = 0; (await count()) === before && waited < 100; waited++) await page.waitForTimeout(20)
  }
  await slowed.detach()
  return page.evaluate(() => (window as unknown as { answers: number[] }).answers)
}

/** A meter's file of so many rows, ten seconds apart. */
function meterFile(rows: number): Buffer {
  const from = Date.UTC(2027, 1, 5)
  const lines = ['time,W']
  for (let i = 0; i < rows; i++)
    lines.push(`${new Date(from + i * 10_000).toISOString()},${(i % 270) * 10 < 900 ? 118 + (i % 5) : 1}`)
  return Buffer.from(lines.join('\n'))
}

/** Milliseconds from the button to the drawn trace, and the longest the page's own thread was held meanwhile. */
async function meterMs(page: Page, url: string, rows: number): Promise<{ ms: number; heldMs: number }> {
  await page.goto(url)
  await page
    .getByTestId('save-status')
    .filter({ hasText: /Saved \d/ })
    .waitFor()
  await page.getByRole('button', { name: 'Readings from a plug-in meter' }).click()
  await page.getByRole('tab', { name: 'A file' }).click()
  await page
    .getByLabel('Meter file')
    .setInputFiles({ name: 'm.csv', mimeType: 'text/csv', buffer: meterFile(rows) })
  const button = page.getByRole('button', { name: 'Read it' })
  await button.waitFor()
  await page.evaluate(() => {
    const seen = window as unknown as { heldMs: number; beganAt: number; drawnAt: number }
    seen.heldMs = 0
    seen.beganAt = performance.now()
    seen.drawnAt = 0
    let last = performance.now()
    // an interval without a name: the compiler wraps named functions in a helper the page does not have
    const timer = setInterval(() => {
      const now = performance.now()
      seen.heldMs = Math.max(seen.heldMs, now - last)
      last = now
      if (!document.querySelector('[data-testid=meter-trace]')) return
      seen.drawnAt = now
      clearInterval(timer)
    }, 4)
  })
  await button.click()
  await page.getByTestId('meter-trace').waitFor({ timeout: 120_000 })
  return page.evaluate(() => {
    const seen = window as unknown as { heldMs: number; beganAt: number; drawnAt: number }
    return { ms: (seen.drawnAt || performance.now()) - seen.beganAt, heldMs: seen.heldMs }
  })
}

/** Milliseconds from the button to the first result and to the last, and the longest task over 50 ms on the page's own thread. */
async function searchMs(page: Page, url: string): Promise<{ first: number; last: number; heldMs: number }> {
  await page.goto(url)
  await page.getByRole('tab', { name: 'Find' }).click()
  const button = page.getByRole('button', { name: 'Search', exact: true })
  await button.waitFor()
  // the candidates' own runs come first
  await page.waitForTimeout(4000)
  await page.evaluate(() => {
    const seen = window as unknown as { heldMs: number; beganAt: number; firstAt: number; lastAt: number }
    Object.assign(seen, { heldMs: 0, beganAt: performance.now(), firstAt: 0, lastAt: 0 })
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) seen.heldMs = Math.max(seen.heldMs, duration)
    }).observe({ entryTypes: ['longtask'] })
    const timer = setInterval(() => {
      const now = performance.now()
      if (!seen.firstAt && document.querySelector('[data-testid=search-answer]')) seen.firstAt = now
      const heads = [...document.querySelectorAll('h3')].map((head) => head.textContent)
      if (!heads.includes('Near misses')) return
      seen.lastAt = now
      clearInterval(timer)
    }, 4)
  })
  await button.click()
  await page.getByRole('heading', { name: 'Near misses' }).waitFor({ timeout: 120_000 })
  await page.waitForTimeout(100)
  return page.evaluate(() => {
    const seen = window as unknown as { heldMs: number; beganAt: number; firstAt: number; lastAt: number }
    return { first: seen.firstAt - seen.beganAt, last: seen.lastAt - seen.beganAt, heldMs: seen.heldMs }
  })
}

/** @param origin of a running production build */
export async function benchPages(origin: string): Promise<Record<string, number>> {
  const browser = await chromium.launch(chromiumOptions)
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(origin)
  const base = page.url().replace(/\/[a-z]+$/, '')
  const result: Record<string, number> = {}
  for (const step of STEPS)
    result[`first-load JavaScript of ${step}, KiB (at most 380)`] = await firstLoadKiB(
      page,
      `${base}/${step}`,
    )
  const times = (await keystrokeMs(page, `${base}/loads`)).sort((a, b) => a - b)
  result['keystrokes measured'] = times.length
  result['keystroke to painted sentence, four times slowed, median ms (under 150)'] = Math.round(
    times[times.length >> 1],
  )
  result['keystroke to painted sentence, four times slowed, slowest ms (under 200)'] = Math.round(
    times.at(-1)!,
  )
  const [small, large] = [
    await meterMs(page, `${base}/loads`, 10_000),
    await meterMs(page, `${base}/loads`, 100_000),
  ]
  result['meter file of 100,000 rows, to the drawn trace, ms'] = Math.round(large.ms)
  result['ten times the rows take so many times as long'] = Math.round((large.ms / small.ms) * 10) / 10
  result['longest the page was held meanwhile, ms'] = Math.round(large.heldMs)
  const search = await searchMs(page, `${base}/power`)
  result['search of the catalogue, first result after ms (under 1000)'] = Math.round(search.first)
  result['search of the catalogue, done after ms'] = Math.round(search.last)
  result['longest task over 50 ms during a search, ms (0: none)'] = Math.round(search.heldMs)
  await browser.close()
  return result
}
