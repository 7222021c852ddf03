import { readFileSync } from 'node:fs'
import AxeBuilder from '@axe-core/playwright'
import { type Page, expect, test } from '@playwright/test'
import { epwOf } from '../support/epwFile'
import { answer, answerNow, changedAnswer, openSample, pageAlert, ready, saved, enter } from './support'

const together = (page: Page) => page.getByTestId('together')
const lane = (page: Page, name: string) => page.getByTestId(`lane-${name}`)

test.describe('what comes in', () => {
  test('@soak says what the sun brings, and more of it under a clear sky', async ({ page }) => {
    await openSample(page, 'recharge')
    await expect(page.getByTestId('days-chart')).toBeVisible()
    await expect(page.getByTestId('gate-refills')).toContainText('of 24')
    const before = await answerNow(page)
    expect(before).toMatch(/the sun brings back/)
    for (const day of await page.getByLabel(/^Sky of/).all()) await day.selectOption('clear')
    const after = await changedAnswer(page, before)
    const hours = (text: string) => Number(text.match(/([\d.]+) h of every 24/)?.[1] ?? 0)
    await expect.poll(async () => hours(await answerNow(page))).toBeGreaterThan(2 * hours(before))
    expect(after).not.toBe(before)
    await saved(page)
    await page.reload()
    await ready(page)
    await expect(page.getByLabel(/^Sky of Saturday/)).toHaveValue('clear')
  })

  test('hour by hour, with the arrows and with the pointer', async ({ page }) => {
    await openSample(page, 'recharge')
    await page.getByRole('button', { name: 'Hour by hour' }).click()
    const bars = page.getByTestId('hour-bars')
    await bars.focus()
    await page.keyboard.press('ArrowRight')
    const was = await bars.getAttribute('aria-valuenow')
    await page.keyboard.press('ArrowUp')
    await expect(bars).toHaveAttribute('aria-valuenow', String(Number(was) + 5))
    const box = (await bars.boundingBox())!
    await page.mouse.move(box.x + box.width * 0.4, box.y + 4)
    await page.mouse.down()
    await page.mouse.move(box.x + box.width * 0.5, box.y + 2, { steps: 6 })
    await page.mouse.up()
    await expect.poll(async () => Number(await bars.getAttribute('aria-valuenow'))).toBeGreaterThanOrEqual(90)
    await saved(page)
    await page.getByRole('button', { name: 'One word a day instead' }).click()
    await expect(bars).toBeHidden()
  })

  test('from a weather file; one cut in the middle is refused and what was there stays', async ({ page }) => {
    await openSample(page, 'recharge')
    const file = page.getByLabel('Weather file (EPW)')
    const put = (text: string) =>
      file.setInputFiles({ name: 'stavering.epw', mimeType: 'text/plain', buffer: Buffer.from(text) })
    await put(epwOf().slice(0, 300_000))
    await expect(pageAlert(page)).toContainText(
      /(has \d+ columns|hours; a year has 8,760).*What was there is kept/,
    )
    await expect(page.getByLabel(/^Sky of Saturday/)).toHaveValue('overcast')
    await put(epwOf())
    await expect(page.getByText('Hours of the weather file “Little Stavering”')).toBeVisible()
    await saved(page)
  })

  test('from the simulated weather service', async ({ page }) => {
    await openSample(page, 'recharge')
    await page.getByRole('button', { name: 'Simulated forecast' }).click()
    await expect(page.getByText('Hour by hour: simulated forecast')).toBeVisible()
    await expect(page.getByTestId('hour-bars')).toBeVisible()
    await saved(page)
    await page.keyboard.press('Control+z')
    await expect(page.getByLabel(/^Sky of Saturday/)).toHaveValue('overcast')
  })
})

test.describe('panels', () => {
  test('in series over the input’s volts are refused in words and in the drawing; nothing is lost', async ({
    page,
  }) => {
    await openSample(page, 'recharge')
    await expect(page.getByTestId('string-verdict')).toContainText('Safe, clipped to 15 A')
    await page.getByRole('button', { name: 'Change it' }).click()
    await enter(page.getByLabel('In series', { exact: true }), '3')
    await expect(page.getByTestId('string-verdict')).toContainText(
      /over the input’s 60 V and would destroy it/,
    )
    await expect(page.getByRole('img', { name: /^Input 11/ })).toHaveAttribute('data-verdict', 'refused')
    await expect(answer(page)).not.toContainText('h of every 24')
    await enter(page.getByLabel('Tilt', { exact: true }), '200')
    await expect(pageAlert(page)).toContainText(/200 ° is more than this can be.*90/)
    await enter(page.getByLabel('Tilt', { exact: true }), '50')
    await enter(page.getByLabel('In series', { exact: true }), '1')
    await expect(page.getByTestId('string-verdict')).toContainText('Safe')
    await saved(page)
    await page.reload()
    await ready(page)
    await page.getByRole('button', { name: 'Change it' }).click()
    await expect(page.getByLabel('Tilt', { exact: true })).toHaveValue('50 °')
  })

  test('@soak are held against the input as its own label says', async ({ page }) => {
    await openSample(page, 'recharge')
    await page.getByRole('button', { name: 'Change it' }).click()
    const input = page.getByRole('group', { name: 'The input of 2 kWh station' })
    await enter(input.getByLabel('Highest volts'), '25')
    await expect(page.getByTestId('string-verdict')).toContainText(/over the input’s 25 V/)
    await enter(input.getByLabel('Lowest volts'), '30')
    await expect(input.getByRole('alert')).toContainText('Below its highest 25 V')
    await input.getByLabel('Lowest volts').press('Escape')
    await enter(input.getByLabel('Highest volts'), '60')
    await expect(page.getByTestId('string-verdict')).toContainText('Safe')
    await saved(page)
    await page.reload()
    await ready(page)
    await page.keyboard.press('3')
    await expect(page.getByRole('row', { name: /^Solar input/ })).toContainText('11–60 V')
  })

  test('are added with a key, told by month, and removed again', async ({ page }) => {
    await openSample(page, 'recharge')
    await page.keyboard.press('a')
    await expect(page.getByRole('region', { name: '220 W panel', exact: true })).toBeVisible()
    await expect(page.getByTestId('months')).toHaveCount(2)
    const added = page.getByRole('region', { name: '220 W panel', exact: true })
    await added.getByRole('button', { name: 'Change it' }).click()
    await added.getByRole('button', { name: /^Remove these panels/ }).click()
    await expect(page.getByTestId('months')).toHaveCount(1)
    await saved(page)
  })

  test('@soak a bank needs more volts than the lean-to’s panels give, and says so', async ({ page }) => {
    await openSample(page, 'recharge')
    await page.keyboard.press(']')
    await page.keyboard.press(']')
    await expect(answer(page)).toContainText('24 V 200 Ah')
    await expect(page.getByTestId('string-verdict')).toContainText(/never charges; 2 in series would/)
  })
})

test.describe('generator, car and wall', () => {
  test('hours are drawn on the lane, moved with the arrows, and removed', async ({ page }) => {
    await openSample(page, 'recharge')
    const before = await answerNow(page)
    const track = lane(page, 'generator')
    const box = (await track.boundingBox())!
    await page.mouse.move(box.x + box.width * 0.05, box.y + box.height / 2)
    await page.mouse.down()
    await page.mouse.move(box.x + box.width * 0.12, box.y + box.height / 2, { steps: 8 })
    await page.mouse.up()
    const stretch = track.getByRole('button', { name: /^Generator Friday/ })
    await expect(stretch).toBeVisible()
    await changedAnswer(page, before)
    await expect(page.getByTestId('generator-sum')).toContainText(/burns .* L a day/)
    const words = await stretch.getAttribute('aria-label')
    await stretch.focus()
    await page.keyboard.press('ArrowRight')
    await expect(stretch).not.toHaveAttribute('aria-label', words!)
    await page.keyboard.press('Delete')
    await expect(stretch).toBeHidden()
    await saved(page)
  })

  test('the wall for an hour now and then, and the car, bring something back', async ({ page }) => {
    await openSample(page, 'recharge')
    await page.getByRole('button', { name: '+ 2 h of grid is back' }).click()
    await expect(answer(page)).toContainText(/sun and grid/)
    await page.getByRole('button', { name: '+ 2 h of car' }).click()
    await expect(answer(page)).toContainText(/sun, car and grid/)
    await expect(page.getByTestId('car-sum')).toContainText(/burns/)
    await expect(together(page)).toBeVisible()
    await saved(page)
  })

  test('rolling cuts are planned in one go, told when they cannot be, and cleared', async ({ page }) => {
    await openSample(page, 'recharge')
    const tool = page.getByRole('group', { name: 'What comes back' })
    await enter(tool.getByLabel('Every how many hours'), '1')
    await expect(tool.getByRole('alert')).toContainText('it would never stop')
    await expect(tool.getByRole('button', { name: 'Add to plan' })).toBeDisabled()
    await enter(tool.getByLabel('Every how many hours'), '6')
    await tool.getByLabel('Every how many hours').press('Enter')
    await tool.getByRole('button', { name: 'Add to plan' }).click()
    await expect(lane(page, 'grid-is-back').getByRole('button', { name: /^Grid is back / })).toHaveCount(7)
    await expect(answer(page)).toContainText(/sun and grid/)
    await saved(page)
    await tool.getByRole('button', { name: 'clear' }).click()
    await expect(lane(page, 'grid-is-back').getByRole('button', { name: /^Grid is back / })).toHaveCount(0)
    await saved(page)
  })

  test('an alternator’s amps say what it gives at idle', async ({ page }) => {
    await openSample(page, 'recharge')
    await page.getByRole('button', { name: 'Change the car' }).click()
    const box = page.getByRole('region', { name: 'Car' })
    await box.getByLabel('Gives by').selectOption('alternator')
    await expect(box.getByLabel('Watts it gives')).toHaveValue('368 W')
    await enter(box.getByLabel('Alternator, rated'), '150 A')
    await expect(box.getByLabel('Watts it gives')).toHaveValue('690 W')
    await enter(box.getByLabel('Alternator, rated'), '5')
    await expect(box.getByRole('alert')).toContainText('from 10 to 500 A')
    await expect(box.getByText(/carbon monoxide kills/)).toBeVisible()
    await saved(page)
  })

  test('what keeps it ready goes into a calendar file', async ({ page, request }) => {
    const id = await openSample(page, 'recharge')
    const box = page.getByRole('region', { name: 'Maintenance' })
    await box.getByLabel('Top it up').selectOption('3')
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      box.getByRole('link', { name: /calendar file/ }).click(),
    ])
    expect(download.suggestedFilename()).toBe('upkeep-station-2000.ics')
    const text = readFileSync(await download.path(), 'utf8')
    expect(text).toContain('RRULE:FREQ=MONTHLY;INTERVAL=3')
    expect(text).toContain('SUMMARY:Top up the 2 kWh station')
    const wrong = await page.request.get(`/api/households/${id}/calendar?from=soon&months=0`)
    expect(wrong.status()).toBe(400)
    expect(await wrong.text()).toContain('such as 2027-01-15')
    const stranger = await request.get(`/api/households/${id}/calendar?from=2027-01-15&months=1`)
    expect([401, 404]).toContain(stranger.status())
  })

  test('fuel below nought and a generator smaller than its loads are told', async ({ page }) => {
    await openSample(page, 'recharge')
    await page.getByRole('button', { name: 'Change the generator' }).click()
    const box = page.getByRole('region', { name: 'Generator' })
    await enter(box.getByLabel('Fuel on hand'), '-1')
    await expect(box.getByRole('alert')).toContainText('−1 L is below zero')
    await enter(box.getByLabel('Rated watts'), '600')
    await expect(box.getByRole('status')).toContainText(/It gives 600 W; .* may run at once/)
    await expect(box.getByText(/6 m \(20 ft\) from the house/)).toBeVisible()
    await expect(box.getByText(/20 L counts until then/)).toBeVisible()
    await box.getByLabel('Fuel on hand').focus()
    await page.keyboard.press('Escape')
    await expect(box.getByLabel('Fuel on hand')).toHaveValue('20 L')
    await saved(page)
  })
})

test.describe('who gives way', () => {
  test('@soak a rule is made, its hours told, seen on the Runtime page, and taken back', async ({ page }) => {
    await openSample(page, 'recharge')
    const box = page.getByRole('region', { name: 'Load-shedding rules' })
    await box.getByLabel('Load to shed').selectOption('network')
    await enter(box.getByLabel('Dropped below'), '70')
    await enter(box.getByLabel('Back above'), '60')
    await expect(box.getByRole('alert')).toContainText('must come back above')
    await enter(box.getByLabel('Back above'), '90')
    await box.getByRole('button', { name: 'Add the rule' }).click()
    const line = box.getByRole('listitem').filter({ hasText: 'dropped below 70 %, back above 90 %' })
    await expect(line).toContainText(/buys \d/)
    await saved(page)
    await page.keyboard.press('4')
    await expect(page.getByRole('region', { name: 'In force in this outage' })).toContainText(
      'dropped below 70 %',
    )
    await page.keyboard.press('5')
    await box.getByRole('button', { name: /^No longer: Fibre/ }).click()
    await expect(line).toBeHidden()
    await saved(page)
  })
})

test('@soak the page holds no barrier, by day, by night and on a phone', async ({ page }) => {
  await openSample(page, 'recharge')
  await page.getByRole('button', { name: 'Change it' }).click()
  await page.getByRole('button', { name: 'Change the generator' }).click()
  await page.getByRole('button', { name: '+ 2 h of generator' }).click()
  const barriers = async () =>
    (await new AxeBuilder({ page }).analyze()).violations.map(({ id, nodes }) => `${id} ${nodes[0].html}`)
  expect(await barriers()).toEqual([])
  await page.getByRole('button', { name: 'Night' }).click()
  expect(await barriers()).toEqual([])
  await page.setViewportSize({ width: 390, height: 844 })
  expect(await barriers()).toEqual([])
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
})
