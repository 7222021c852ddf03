import { type Page, expect, test } from '@playwright/test'
import { answerNow, changedAnswer, openSample, ready, saved, enter } from './support'

const choose = (page: Page, name: string) =>
  page.getByRole('table').getByRole('button', { name, exact: true }).click()

async function openMeter(page: Page, load: string): Promise<void> {
  await openSample(page, 'loads')
  await choose(page, load)
  await page.getByRole('button', { name: 'Readings from a plug-in meter' }).click()
  await expect(page.getByRole('dialog')).toBeVisible()
}

test.describe('the plate', () => {
  const cases: [typed: string, asked: RegExp, meant: string][] = [
    ['2 watts per hour', /already a rate/, '2 W'],
    ['150 Wh', /amount of energy/, '150 W'],
    ['450 kWh/day', /more than a whole house/, '450 kWh/year'],
    ['UPS 900 W', /carry for minutes/, 'UPS 10 W'],
    ['80,000 BTU', /not electricity drawn/, '550 W'],
    ['600 VA', /Volt-amps are not watts/, '600 VA pf 0.75'],
  ]
  test('every usual confusion is asked about, and Enter takes what was meant', async ({ page }) => {
    await openSample(page, 'loads')
    await choose(page, 'Lights, evening')
    const line = page.getByLabel('Label (nameplate)')
    for (const [typed, asked, meant] of cases) {
      await line.fill(typed)
      await expect(page.getByTestId('label-said')).toContainText(asked)
      await line.press('Enter')
      await expect(line).toHaveValue(meant)
      await expect(page.getByTestId('label-said')).toContainText('Use it')
    }
    // lights do run on 12 V; what runs on the mains does not
    await choose(page, 'Larder refrigerator')
    await line.fill('6.5 A 12 V')
    await expect(page.getByTestId('label-said')).toContainText('Amps count at their own voltage')
    await line.press('Enter')
    await expect(line).toHaveValue('6.5 A 120 V')
  })

  test('@soak what it says is computed with its formula, and one key takes it', async ({ page }) => {
    await openSample(page, 'loads')
    await choose(page, 'Lights, evening')
    const line = page.getByLabel('Label (nameplate)')
    await line.fill('120 V 0.5 A 40 W')
    await expect(page.getByTestId('label-said')).toContainText('Running watts45 W→40 W')
    await expect(page.getByTestId('label-said')).toContainText('volts × amps')
    await line.press('Enter')
    await expect(page.getByLabel('Running watts')).toHaveValue('40 W')
    // what was printed stays with the load
    await saved(page)
    await page.reload()
    await ready(page)
    await choose(page, 'Lights, evening')
    await expect(line).toHaveValue('120 V 0.5 A 40 W')
    await expect(page.getByLabel('Running watts')).toHaveValue('40 W')
  })

  test('what no plate can say is refused with what would be right', async ({ page }) => {
    await openSample(page, 'loads')
    await page.getByLabel('Label (nameplate)').fill('900 V 2 A')
    await expect(page.getByTestId('label-said')).toContainText('120 V or 230 V would be')
  })
})

/** A refrigerator's day at a reading every half minute, with a gap, two spoilt lines and decimal commas. */
function meterFile(): string {
  const lines = ['Zeit;Leistung (W)']
  for (let i = 0; i < 2 * 60 * 26; i++) {
    const minute = i / 2
    if (minute >= 900 && minute < 960) continue
    const inCycle = minute % 45
    const watts =
      minute % 700 >= 600 && minute % 700 < 624 ? 287 : inCycle === 0 ? 640 : inCycle < 16 ? 118.5 : 1.2
    const at = new Date(Date.UTC(2027, 1, 5, 18) + minute * 60_000).toISOString()
    lines.push(
      `${at.slice(8, 10)}.${at.slice(5, 7)}.${at.slice(0, 4)} ${at.slice(11, 19)};${String(watts).replace('.', ',')}`,
    )
    if (i === 100) lines.push('spoilt;12,5')
    if (i === 200) lines.push(`05.02.2027 19:40:10;n/a`)
  }
  return lines.join('\n')
}

test.describe('the meter', () => {
  test('@soak a file with faults: they are told by line, the rest is read, drawn and used', async ({
    page,
  }) => {
    await openMeter(page, 'Larder refrigerator')
    await page.getByRole('tab', { name: 'A file' }).click()
    await page
      .getByLabel('Meter file')
      .setInputFiles({ name: 'day.csv', mimeType: 'text/csv', buffer: Buffer.from(meterFile()) })
    await expect(page.getByLabel('Decimals')).toHaveValue(',')
    await expect(page.getByLabel('Dates')).toHaveValue('day first')
    await page.getByRole('button', { name: 'Read it' }).click()
    await expect(page.getByTestId('meter-lines')).toContainText('2 left out')
    await page.getByText('lines could not be read').click()
    await expect(page.getByRole('dialog')).toContainText(
      'Line 103, “spoilt 12,5”: “spoilt” is no date and time',
    )
    await expect(page.getByTestId('meter-trace')).toBeVisible()
    await expect(page.getByTestId('found')).toContainText('119 W')
    await expect(page.getByTestId('found')).toContainText('287 W for')
    await expect(page.getByTestId('found')).toContainText('Gaps left out')
    await page.getByRole('button', { name: 'Use it' }).click()
    await expect(page.getByRole('radio', { name: /Measured/ })).toBeChecked()
    await expect(page.getByLabel('Running watts')).toHaveValue('118.5 W')
    await expect(page.getByLabel('Starting watts')).toHaveValue('640 W')
    await saved(page)
  })

  test('a file that is none says so, and nothing is lost', async ({ page }) => {
    await openMeter(page, 'Larder refrigerator')
    await page.getByRole('tab', { name: 'A file' }).click()
    await page
      .getByLabel('Meter file')
      .setInputFiles({ name: 'note.csv', mimeType: 'text/csv', buffer: Buffer.from('hello') })
    await expect(page.getByRole('alert')).toContainText('one reading a line would be right')
    await page.keyboard.press('Escape')
    await expect(page.getByLabel('Running watts')).toHaveValue('165 W')
  })

  test('readings written down give an average; a falling total is told', async ({ page }) => {
    await openMeter(page, 'Larder refrigerator')
    await page.getByLabel('Reading 1, clock').fill('18:00')
    await page.getByLabel('Reading 1, total kWh').fill('0.10')
    await page.getByLabel('Reading 2, clock').fill('6 pm')
    await page.getByLabel('Reading 2, total kWh').fill('0.05')
    await expect(page.getByRole('alert')).toContainText('lower than before')
    await page.getByLabel('Reading 2, total kWh').fill('1.30')
    await expect(page.getByRole('dialog')).toContainText('50 W on average over 24 h')
    await page.getByRole('button', { name: 'Use it' }).click()
    await expect(page.getByLabel('Average watts')).toHaveValue('50 W')
  })

  test('@soak a simulated meter, from its first reading to a measured load', async ({ page }) => {
    await openMeter(page, 'Upright freezer, outhouse')
    await page.getByRole('tab', { name: 'A simulated meter' }).click()
    await page.getByLabel('In the meter').selectOption('freezer-chest')
    await page.getByRole('button', { name: 'Start logging' }).click()
    await expect(page.getByTestId('meter-now')).toContainText('kWh')
    await expect(page.getByTestId('found')).toContainText('over 24 h', { timeout: 60_000 })
    await page.getByRole('button', { name: 'Use it' }).click()
    await expect(page.getByRole('radio', { name: /Measured/ })).toBeChecked()
    await saved(page)
  })
})

test.describe('the ledger', () => {
  const names = (page: Page) => page.locator('tbody button[aria-pressed]').allTextContents()

  test('a load is moved by keyboard and by pointer, and undo brings it back', async ({ page }) => {
    await openSample(page, 'loads')
    await choose(page, 'Larder refrigerator')
    await page.keyboard.press('Alt+ArrowUp')
    await expect.poll(async () => (await names(page))[0]).toBe('Larder refrigerator')
    await page.keyboard.press('Control+z')
    await expect.poll(async () => (await names(page))[0]).toBe('Boiler, two circulators')
    const from = (await page
      .getByRole('button', { name: /^Move / })
      .nth(4)
      .boundingBox())!
    const to = (await page
      .getByRole('button', { name: /^Move / })
      .first()
      .boundingBox())!
    await page.mouse.move(from.x + 5, from.y + 14)
    await page.mouse.down()
    await page.mouse.move(from.x + 5, from.y - 20, { steps: 4 })
    await page.mouse.move(to.x + 5, to.y + 4, { steps: 8 })
    await page.mouse.up()
    await expect.poll(async () => (await names(page))[0]).toBe('Breathing aid')
    await saved(page)
  })

  test('@soak a pump that cannot keep up says so, and rain moves the answer', async ({ page }) => {
    await openSample(page, 'loads')
    await choose(page, 'Sump pump')
    const before = await answerNow(page)
    await enter(page.getByLabel('every'), '2 min')
    const after = await changedAnswer(page, before)
    await saved(page)
    await page.goto(page.url().replace('loads', 'outage'))
    await ready(page)
    await page.getByLabel('Rain').selectOption('downpour')
    await changedAnswer(page, after)
    await saved(page)
    await page.goto(page.url().replace('outage', 'loads'))
    await ready(page)
    await choose(page, 'Sump pump')
    await enter(page.getByLabel('every'), '30 s')
    await expect(page.getByText('it never stops, and the water rises')).toBeVisible()
  })
})

test.describe('the bench', () => {
  test('what buys hours: b does the best of them, u undoes it', async ({ page }) => {
    await openSample(page, 'runtime')
    const before = await answerNow(page)
    const first = page.getByRole('region', { name: 'What adds hours' }).getByRole('listitem').first()
    await expect(first).toContainText('Boiler, two circulators set 4 °C cooler')
    await page.keyboard.press('b')
    const after = await changedAnswer(page, before)
    await expect(page.getByRole('region', { name: 'In force in this outage' })).toContainText('set back 4 °C')
    await page.keyboard.press('u')
    await changedAnswer(page, after)
    expect(await answerNow(page)).toBe(before)
  })

  test('@soak a load is kept off by dragging along its lane, moved by keys, and removed', async ({
    page,
  }) => {
    await openSample(page, 'runtime')
    const before = await answerNow(page)
    const lane = page.getByTestId('lane-network')
    const track = (await lane.locator('svg').boundingBox())!
    await page.mouse.move(track.x + track.width * 0.02, track.y + 10)
    await page.mouse.down()
    await page.mouse.move(track.x + track.width * 0.2, track.y + 10, { steps: 6 })
    await page.mouse.up()
    const paused = lane.getByRole('button', { name: /kept off Friday/ })
    await expect(paused).toBeVisible()
    const after = await changedAnswer(page, before)
    const was = await paused.getAttribute('aria-label')
    await paused.focus()
    await page.keyboard.press('ArrowRight')
    await expect(paused).not.toHaveAttribute('aria-label', was!)
    await page.keyboard.press('Delete')
    await expect(paused).toHaveCount(0)
    await changedAnswer(page, after)
    expect(await answerNow(page)).toBe(before)
  })

  test('@soak a session is moved to another hour, by pointer and by key', async ({ page }) => {
    await openSample(page, 'runtime')
    await page.keyboard.press('.')
    await saved(page)
    await saved(page)
    await page.goto(page.url().replace('runtime', 'loads'))
    await ready(page)
    await page.getByLabel('Importance of Microwave').selectOption('critical')
    await saved(page)
    await saved(page)
    await page.goto(page.url().replace('loads', 'runtime'))
    await ready(page)
    const session = page.getByRole('button', { name: /Microwave at 12:30/ }).first()
    await session.focus()
    await page.keyboard.press('ArrowRight')
    const moved = page.getByRole('button', { name: /Microwave at 12:45/ }).first()
    await expect(moved).toBeVisible()
    const box = (await moved.boundingBox())!
    const track = (await page.getByTestId('lane-microwave').locator('svg').boundingBox())!
    await page.mouse.move(box.x + box.width / 2, box.y + 8)
    await page.mouse.down()
    await page.mouse.move(box.x + box.width / 2 + track.width * 0.08, box.y + 8, { steps: 5 })
    await page.mouse.up()
    await expect(page.getByRole('button', { name: /Microwave at 12:45/ })).toHaveCount(0)
    await expect(page.getByRole('region', { name: 'In force in this outage' })).toContainText(
      'Microwave moved to',
    )
    await saved(page)
  })
})
