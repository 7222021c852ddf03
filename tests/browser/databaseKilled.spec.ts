import { expect, test } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { openSample, ready, enter } from './support'

test.describe.configure({ mode: 'serial' })

const pidFile = join(
  process.env.YOTROPE_DATA ?? join(import.meta.dirname, '../../.yotrope'),
  'test-browser/database.pid',
)

test('a database killed in the middle of saving: said clearly, nothing lost, saved when it is back', async ({
  page,
}) => {
  await openSample(page, 'loads')
  let killed = false
  await page.route('**/api/households/*', async (route) => {
    if (route.request().method() === 'PUT' && !killed) {
      killed = true
      process.kill(Number(readFileSync(pidFile, 'utf8')), 'SIGKILL')
    }
    await route.continue()
  })
  await enter(page.getByLabel('Average watts'), '66')
  const status = page.getByTestId('save-status')
  await expect(status).toHaveText(/Not saved|Saved/)
  await expect(status).toHaveText(/Saved \d\d:\d\d/, { timeout: 30_000 })
  expect(killed).toBe(true)
  await page.reload()
  await ready(page)
  await expect(page.getByLabel('Average watts')).toHaveValue('66 W')
})

test('what was typed while the server was away is still there after a reload', async ({ page }) => {
  await openSample(page, 'loads')
  await page.route('**/api/households/*', (route) =>
    route.request().method() === 'PUT'
      ? route.fulfill({
          status: 503,
          json: {
            error: { code: 'unavailable', message: 'The database is not answering, so nothing was saved.' },
          },
        })
      : route.continue(),
  )
  await enter(page.getByLabel('Average watts'), '71')
  await expect(page.getByRole('alert').filter({ hasText: 'The database is not answering' })).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('Average watts')).toHaveValue('71 W')
  await page.unroute('**/api/households/*')
  await ready(page)
  await page.reload()
  await ready(page)
  await expect(page.getByLabel('Average watts')).toHaveValue('71 W')
})
