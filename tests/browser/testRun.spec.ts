import { expect, test } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
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
    await expect(page.getByRole('status').filter({ hasText: /^saved$/ })).toBeVisible()

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
  await page.getByLabel('Who is at home').fill('Two adults, one child')
  await page.getByRole('button', { name: 'Begin: the power is out' }).click()
  await expect(page.getByRole('heading', { name: 'Outage' })).toBeVisible()
  await expect(page.getByTestId('run-entry').filter({ hasText: '80 %' })).toBeVisible()
  await expect(page.getByText('At home: Two adults, one child')).toBeVisible()
  await expect(page.getByTestId('run-sentence')).toContainText(/Empty about|still has charge/, {
    timeout: 20_000,
  })

  // a phone whose clock is off by an hour says so; what it wrote is kept
  await page.clock.setSystemTime(new Date(Date.now() + 3_600_000))
  await expect(page.getByText(/This device’s clock is 60 min ahead of the server’s/)).toBeVisible({
    timeout: 15_000,
  })
})

test('a station logs a whole discharge by itself, and the run that ends is learned from', async ({
  page,
}) => {
  await openSample(page, 'run')
  await page.getByRole('button', { name: 'Begin the test run' }).click()
  await page.getByRole('button', { name: 'Let a station log by itself' }).click()
  await page.getByLabel('Its clock').click()
  await page.getByRole('option', { name: 'an hour in a second' }).click()
  await page.getByRole('button', { name: 'Start logging' }).click()
  await expect(page.getByTestId('station')).toContainText(/logs by itself: \d+ %, [\d,]+ W/)
  // at an hour a second a station of 2 kWh is empty within the minute
  await expect(page.getByText('ended: empty')).toBeVisible({ timeout: 60_000 })
  await expect(page.getByTestId('run-sentence')).toContainText(/^Empty .* As planned it would have been/)
  await expect(page.getByTestId('contradiction')).toHaveCount(0)
  expect(await page.getByTestId('run-entry').count()).toBeGreaterThan(15)
  await page.getByRole('button', { name: 'Take the learned values over' }).click()
  await expect(page.getByText(/^Taken over: \d+ figures? as tested/)).toBeVisible()
})

test('readings that contradict the plan are said first; what is not sent yet survives a reload; a CSV in another order is read', async ({
  page,
}) => {
  await openSample(page, 'run')
  await page.getByRole('button', { name: 'Begin the test run' }).click()
  await expect(page.getByText('saved', { exact: true })).toBeVisible()
  await page.route('**/entries', (route) => route.fulfill({ status: 503, json: { error: {} } }))
  // the watts stand before the hour, and a line holds no figure
  const lines = ['watts;remark;battery left;elapsed hours', 'x;;a;1']
  for (let hour = 1; hour <= 6; hour++) lines.push(`240;;${100 - 15 * hour};${hour}`)
  await page.getByLabel('Read a CSV').setInputFiles({
    name: 'sheet.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(lines.join('\n')),
  })
  await expect(page.getByText(/“a” is no number|“x” is no number/)).toBeVisible()
  await page.getByRole('button', { name: /^Add 6/ }).click()
  await expect(page.getByTestId('run-entry')).toHaveCount(7)
  await expect(page.getByTestId('contradiction')).toContainText(
    /contradict the plan|times as fast as planned/,
    {
      timeout: 20_000,
    },
  )
  await expect(page.getByText(/6 entries kept on this device/)).toBeVisible()
  await page.reload()
  await expect(page.getByTestId('run-entry')).toHaveCount(7)
  await page.unroute('**/entries')
  await expect(page.getByText('saved', { exact: true })).toBeVisible({ timeout: 15_000 })
})

test('a photo is made smaller and kept; what is none is refused; the household’s file takes runs and photos along, and two runs are laid over each other', async ({
  page,
}) => {
  await openSample(page, 'run')
  await page.getByRole('button', { name: 'Begin the test run' }).click()
  const photo = page.getByLabel('Photo of a display')
  await photo.setInputFiles({ name: 'notes.txt', mimeType: 'image/png', buffer: Buffer.from('no picture') })
  await expect(page.getByText('notes.txt is no picture this browser can read.')).toBeVisible()
  // a picture of 20 MB: what stands behind its end is not looked at
  const picture = readFileSync(join(import.meta.dirname, '../../docs/screenshots/loads-day.png'))
  const large = Buffer.concat([picture, Buffer.alloc(20_000_000 - picture.length)])
  await photo.setInputFiles({ name: 'display.png', mimeType: 'image/png', buffer: large })
  await expect(page.getByTestId('photo').getByRole('img')).toBeVisible()
  await expect(page.getByText('saved', { exact: true })).toBeVisible()
  const [id, runId] = [page.url().match(/\/h\/([^/]+)/)![1], new URL(page.url()).searchParams.get('run')]
  const { entries } = await page.evaluate(
    async (path) => (await fetch(path)).json(),
    `/api/households/${id}/runs/${runId}`,
  )
  const kept = entries.find(({ kind }: { kind: string }) => kind === 'photo')
  expect(kept.bytes).toBeLessThan(1_000_000)
  const type = await page.evaluate(
    async (path) => (await fetch(path)).headers.get('content-type'),
    `/api/households/${id}/runs/${runId}/photos/${kept.id}`,
  )
  expect(type).toBe('image/jpeg')

  await page.getByRole('button', { name: 'Tarn End', exact: true }).click()
  await page.getByRole('menuitem', { name: 'Keep this household…' }).click()
  await page.getByRole('tab', { name: 'File' }).click()
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save to a file' }).click()
  const file = await (await download).path()
  await page.getByLabel('Open a file').setInputFiles(file)
  await expect(page.getByTestId('file-changes')).toContainText('1 run beside those that are here')
  await page.getByRole('button', { name: 'Add it beside this one' }).click()
  await page.waitForURL((url) => !url.pathname.includes(id))
  await page.getByRole('link', { name: /Test run/ }).click()
  await expect(page.getByTestId('run-row')).toHaveCount(1)
  await page
    .getByTestId('run-row')
    .getByRole('button', { name: /^Test of/ })
    .click()
  await expect(page.getByTestId('photo').getByRole('img')).toHaveJSProperty('complete', true)
  await page.getByRole('button', { name: 'All runs' }).click()

  await page.getByRole('button', { name: 'Begin the test run' }).click()
  await expect(page.getByTestId('run-entry')).toHaveCount(1)
  await page.getByRole('button', { name: 'All runs' }).click()
  const boxes = page.getByRole('checkbox', { name: /^Compare Test of/ })
  await expect(boxes).toHaveCount(2)
  for (const box of await boxes.all()) await box.check()
  await page.getByRole('button', { name: 'Compare the two' }).click()
  await expect(page.getByTestId('compared').filter({ hasText: 'Charge' })).toContainText('100 % to 100 %')
  await expect(page.getByText(/Two charges at least must be read/)).toBeVisible()
})
