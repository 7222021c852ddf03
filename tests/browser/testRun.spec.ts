import { expect, test } from '@playwright/test'
import { openSample } from './support'

test.describe('a test run', () => {
  test.use({ viewport: { width: 390, height: 844 } })

  test('on a phone: begun, written down with the connection lost, joined by a second device, ended and learned from', async ({
    page,
    context,
  }) => {
    await openSample(page, 'run')
    await expect(page.getByText(/do not test it without a second source/)).toBeVisible()
    await page.getByRole('button', { name: 'Begin the test run' }).click()
    await expect(page.getByTestId('run-sentence')).toContainText(/Empty about/, { timeout: 20_000 })
    await expect(page.getByRole('status').filter({ hasText: /^saved$/ })).toBeVisible()

    const reading = async (percent: string) => {
      await page.getByRole('button', { name: 'Write down a reading' }).click()
      await page.getByLabel('Charge, %').fill(percent)
      await page.getByRole('button', { name: 'Save', exact: true }).click()
    }
    await reading('140')
    await expect(page.getByText('140 % is more than full: 0 to 100.')).toBeVisible()
    await page.getByLabel('Charge, %').fill('98')
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(page.getByTestId('run-entry')).toHaveCount(2)

    await context.setOffline(true)
    await reading('97')
    await expect(page.getByText(/no connection; 1 entry kept on this device/)).toBeVisible()
    await context.setOffline(false)
    await expect(page.getByRole('status').filter({ hasText: /^saved$/ })).toBeVisible()

    // what cannot be is asked about, and kept when it is so
    await reading('99.5')
    await expect(page.getByText(/The charge went up from 97 % to/)).toBeVisible()
    await page.getByRole('button', { name: 'It is so: keep it' }).click()
    await expect(page.getByTestId('run-entry')).toHaveCount(4)

    const second = await context.newPage()
    await second.goto(page.url())
    await expect(second.getByTestId('run-entry')).toHaveCount(4)
    await second.getByRole('button', { name: 'Note' }).click()
    await second.getByLabel('What happened').fill('Lamp flickered')
    await second.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(page.getByText('Lamp flickered')).toBeVisible({ timeout: 15_000 })

    await page.getByRole('button', { name: 'End', exact: true }).click()
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(page.getByRole('heading', { name: 'What was learned' })).toBeVisible()
    await page.reload()
    await expect(page.getByTestId('run-sentence')).toContainText(/^Empty \w+day \d\d:\d\d/)
    await page.getByRole('button', { name: 'All runs' }).click()
    await expect(page.getByTestId('run-row')).toHaveCount(1)
    await page.getByRole('button', { name: /^Delete Test of/ }).click()
    await page.getByRole('button', { name: 'Delete the run' }).click()
    await expect(page.getByTestId('run-row')).toHaveCount(0)
  })
})

test('the power is out: one key from anywhere begins the log of an outage', async ({ page }) => {
  await openSample(page, 'runtime')
  await page.getByRole('link', { name: 'The power is out' }).click()
  await page.getByLabel('Its charge now, %').fill('80')
  await page.getByRole('button', { name: 'Begin: the power is out' }).click()
  await expect(page.getByRole('heading', { name: 'Outage' })).toBeVisible()
  await expect(page.getByTestId('run-entry')).toContainText('80 %')
  await expect(page.getByTestId('run-sentence')).toContainText(/Empty about|still has charge/, {
    timeout: 20_000,
  })
})
