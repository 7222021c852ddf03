import { chromium } from '@playwright/test'
import { demoHousehold } from '@/catalog/demoHousehold'
import { planOfRun } from '@/core/run/planOfRun'
import { predictRun } from '@/core/run/predictRun'
import type { Entry, RunHead } from '@/core/run/runDocument'
import { chromiumOptions } from '../../playwright.config'
import { headOf, readingAt } from '../calibration/runs/runOf'

const plan = planOfRun(demoHousehold(), '2027-02-05T18:00')
const LONG = 10_000
const BATCH = 500

const readings = (count: number, everyMin: number): Entry[] =>
  Array.from({ length: count }, (_, i) =>
    readingAt(plan, i * everyMin, { chargeFraction: Math.round(100 - i * everyMin * 0.09) / 100 }),
  )

/** Median of five, ms. */
function medianMs(work: () => unknown): number {
  work()
  const times = Array.from({ length: 5 }, () => {
    const from = performance.now()
    work()
    return performance.now() - from
  }).sort((a, b) => a - b)
  return Math.round(times[2])
}

/** A reading to the updated band, as the page's worker works it out. */
export function benchPredictions(): Record<string, number> {
  const head = headOf(plan)
  const few = medianMs(() => predictRun(head, readings(10, 30), { runs: 400 }))
  const many = medianMs(() => predictRun(head, readings(LONG, 0.1), { runs: 400 }))
  return {
    'ten readings to the band, 400 runs, ms (under 300)': few,
    'a thousand times the readings take so many times as long': Math.round((many / few) * 10) / 10,
  }
}

/** The page of a run of 10,000 entries: the longest task of its own thread, opened and when a reading is added. */
export async function benchLongRun(origin: string): Promise<Record<string, number>> {
  const browser = await chromium.launch(chromiumOptions)
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } })
  await page.goto(origin)
  await page.waitForURL(/\/h\//)
  const base = page.url().replace(/\/[a-z]+$/, '')
  const householdId = base.split('/').at(-1)!
  const head: RunHead = { ...headOf(plan), id: 'long' }
  const log = readings(LONG - 2, 0.1)
  const batches = Array.from({ length: Math.ceil(log.length / BATCH) }, (_, i) => ({
    path: `/${head.id}/entries`,
    body: JSON.stringify({ entries: log.slice(i * BATCH, (i + 1) * BATCH) }),
  }))
  await page.evaluate(
    async ({ at, posts }) => {
      for (const { path, body } of posts)
        await fetch(`${at}${path}`, {
          method: 'POST',
          headers: { 'Content-Type': 'application/json' },
          body,
        })
    },
    {
      at: `/api/households/${householdId}/runs`,
      posts: [{ path: '', body: JSON.stringify(head) }, ...batches],
    },
  )
  await page.goto(`${base}/run?run=${head.id}`)
  await page.getByTestId('run-sentence').waitFor({ timeout: 60_000 })
  // what opening a page costs is not of the entries
  await page.waitForTimeout(6000)
  await page.evaluate(() => {
    const seen = window as unknown as { heldMs: number }
    seen.heldMs = 0
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) seen.heldMs = Math.max(seen.heldMs, duration)
    }).observe({ entryTypes: ['longtask'] })
  })
  await page.getByRole('button', { name: 'Write down a reading' }).click()
  await page.getByLabel('Charge, %').fill('7')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await page.waitForTimeout(6000)
  const heldMs = await page.evaluate(() => (window as unknown as { heldMs: number }).heldMs)
  await browser.close()
  return {
    'longest task over 50 ms with 10,000 entries, ms (at most 100; 0: none)': Math.round(heldMs),
  }
}
