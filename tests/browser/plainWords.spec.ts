import { type Page, expect, test } from '@playwright/test'
import { answer, answerNow, changedAnswer, enter, openSample, ready, saved, unfoldAnswer } from './support'

const HEADER = { undo: 'Undo', redo: 'Redo', help: 'Words and keys' }
const header = (page: Page, name: string) => page.getByRole('banner').getByRole('button', { name })

test.describe('keys', () => {
  test('are changed, refused where they are taken, and switched off; they rest in fields and dialogs', async ({
    page,
  }) => {
    await openSample(page)
    await header(page, HEADER.help).click()
    const help = page.getByRole('dialog', { name: HEADER.help })
    await help.getByRole('tab', { name: 'Keys' }).click()
    const find = help.getByLabel(/^Key for: Find anything/)
    await find.press(']')
    await expect(help.getByRole('alert')).toContainText('“]” is taken: Next power option')
    await expect(find).toHaveValue('/')
    await find.press('f')
    await expect(find).toHaveValue('f')
    await page.keyboard.press('Escape')
    await page.keyboard.press('/')
    await expect(page.getByRole('dialog')).toBeHidden()
    await page.keyboard.press('f')
    await expect(page.getByRole('dialog', { name: 'Find' })).toBeVisible()
    await page.keyboard.press('Escape')
    // the choice is there after a reload
    await page.reload()
    await ready(page)
    await page.keyboard.press('?')
    await help.getByRole('tab', { name: 'Keys' }).click()
    await expect(find).toHaveValue('f')
    await help.getByLabel('Single keys are on').click()
    await expect(help.getByText('Single keys are off')).toBeVisible()
    await page.keyboard.press('Escape')
    await page.keyboard.press('2')
    await page.keyboard.press('f')
    await expect(page.getByRole('dialog')).toBeHidden()
    await expect(page).toHaveURL(/\/runtime$/)
  })

  test('what a key did is told', async ({ page }) => {
    await openSample(page)
    await page.keyboard.press(']')
    await expect(page.getByRole('status', { name: 'What was done' })).toHaveText(/^Power option: /)
    await expect(page.getByTestId('answer-announced')).toContainText('2 kWh station with one expansion')
  })
})

test('the words are one key away, and are found by what they mean', async ({ page }) => {
  await openSample(page, 'power')
  await page.keyboard.press('?')
  const help = page.getByRole('dialog', { name: HEADER.help })
  await help.getByLabel('Look up a word').fill('motor')
  await expect(help).toContainText('What a motor draws for a moment as it starts')
  await help.getByLabel('Look up a word').fill('flux capacitor')
  await expect(help).toContainText('Nothing about “flux capacitor”')
  await help.getByRole('button', { name: 'Close' }).click()
  await page.keyboard.press('/')
  const find = page.getByRole('dialog', { name: 'Find' })
  await find.getByRole('combobox').fill('generator')
  await expect(find.getByRole('option', { name: /Recharge/ })).toBeVisible()
  await find.getByRole('combobox').fill('zzz')
  await expect(find.getByRole('alert')).toContainText('Nothing is called “zzz”')
  await page.keyboard.press('Escape')
  await page.getByRole('rowheader', { name: 'Capacity' }).getByText('Capacity').hover()
  await expect(page.getByRole('tooltip')).toContainText('The energy a full battery holds')
})

test('every dialog is closed by its key, by Escape and beside it', async ({ page }) => {
  await openSample(page, 'loads')
  const openers: [string, () => Promise<void>][] = [
    ['Words and keys', () => header(page, HEADER.help).click()],
    ['Find', () => header(page, 'Find').click()],
    ['Add a load', () => page.getByRole('button', { name: 'Add a load' }).click()],
    ['Starting surge', () => page.getByTestId('gate-starts').click()],
    ['from a meter', () => page.getByRole('button', { name: 'Readings from a plug-in meter' }).click()],
    [
      'Keep this household',
      async () => {
        await page.getByRole('button', { name: 'Tarn End', exact: true }).click()
        await page.getByRole('menuitem', { name: 'Keep this household…' }).click()
      },
    ],
    [
      'Name, units and money',
      async () => {
        await page.getByRole('button', { name: 'Tarn End', exact: true }).click()
        await page.getByRole('menuitem', { name: /^Name, units/ }).click()
      },
    ],
  ]
  for (const [name, open] of openers) {
    const dialog = page.getByRole('dialog')
    for (const close of [
      () => dialog.getByRole('button', { name: 'Close' }).click(),
      () => page.keyboard.press('Escape'),
      () => page.mouse.click(4, 400),
    ]) {
      await open()
      await expect(dialog, name).toBeVisible()
      await close()
      await expect(dialog, name).toBeHidden()
    }
  }
})

test('readings of a meter are there when its dialog is opened again', async ({ page }) => {
  await openSample(page, 'loads')
  const open = page.getByRole('button', { name: 'Readings from a plug-in meter' })
  await open.click()
  await page.getByLabel('Reading 1, clock').fill('18:30')
  await page.getByLabel('Reading 1, total kWh').fill('0.10')
  await page.keyboard.press('Escape')
  await open.click()
  await expect(page.getByLabel('Reading 1, clock')).toHaveValue('18:30')
  await expect(page.getByLabel('Reading 1, total kWh')).toHaveValue('0.10')
})

test('undo and redo stand in the header; what was removed comes back from the notice, and the keyboard is somewhere', async ({
  page,
}) => {
  await openSample(page, 'loads')
  await expect(header(page, HEADER.undo)).toBeDisabled()
  const before = await answerNow(page)
  await page.getByRole('switch', { name: 'Boiler, two circulators on' }).click()
  await changedAnswer(page, before)
  await header(page, HEADER.undo).click()
  await expect(answer(page)).toHaveText(before)
  await header(page, HEADER.redo).click()
  await expect(answer(page)).not.toHaveText(before)
  await header(page, HEADER.undo).click()

  const load = (name: string) => page.getByRole('table').getByRole('button', { name, exact: true })
  await load('Sump pump').click()
  await page.getByRole('button', { name: 'Remove', exact: true }).click()
  await expect(load('Sump pump')).toBeHidden()
  await expect(load('Well pump, 240 V')).toBeFocused()
  await page
    .getByRole('alert')
    .filter({ hasText: 'Removed Sump pump.' })
    .getByRole('button', { name: 'Undo' })
    .click()
  await expect(load('Sump pump')).toBeVisible()
})

test('several loads are added at once', async ({ page }) => {
  await openSample(page, 'loads')
  await page.getByRole('button', { name: 'Add a load' }).click()
  const dialog = page.getByRole('dialog', { name: 'Add a load' })
  await dialog.getByLabel('Add several').check()
  for (const name of ['Aquarium air pump', 'Chest freezer']) {
    await dialog.getByRole('combobox').fill(name)
    await dialog
      .getByRole('option', { name: new RegExp(`^${name}`) })
      .first()
      .click()
  }
  await expect(dialog.getByRole('status')).toContainText('Added: Aquarium air pump, Chest freezer')
  await dialog.getByRole('button', { name: 'Done' }).click()
  for (const name of ['Aquarium air pump', 'Chest freezer'])
    await expect(page.getByRole('table').getByRole('button', { name, exact: true })).toBeVisible()
})

test('what is added has the keyboard', async ({ page }) => {
  await openSample(page, 'loads')
  await page.keyboard.press('a')
  await page.getByRole('combobox', { name: 'What is it?' }).fill('aquarium')
  await page.keyboard.press('Enter')
  await expect(page.locator(':focus')).toHaveText(/^Aquarium/)
  await page.keyboard.press('1')
  await expect(page.getByRole('navigation', { name: 'Outages' })).toBeVisible()
  await page.keyboard.press('a')
  await expect(page.locator(':focus')).toContainText('February ice 2')
  await page.keyboard.press('3')
  await expect(page.getByRole('tab', { name: 'Compare' })).toBeVisible()
  await page.keyboard.press('a')
  await page.getByRole('menuitem', { name: '3.6 kWh station, 120/240 V' }).click()
  await expect(page.locator(':focus')).toContainText('3.6 kWh station, 120/240 V')
})

test.describe('runtime', () => {
  test('the chart is read by arrow keys and by pointer, and by the hour in a table', async ({ page }) => {
    await openSample(page)
    const slider = page.getByRole('slider', { name: 'Hour on the chart' })
    await slider.focus()
    await expect(page.getByTestId('readout')).toContainText('Friday 18:00: 100 % charged')
    await page.keyboard.press('Shift+ArrowRight')
    await expect(slider).toHaveAttribute('aria-valuetext', /^Friday 20:00: \d+ % charged \(likely/)
    const box = (await page.getByTestId('readout').locator('xpath=following-sibling::*').boundingBox())!
    await page.mouse.move(box.x + box.width / 2, box.y + 40)
    await expect(page.getByTestId('readout')).toContainText(/Saturday 1[45]:\d\d/)
    await page.getByRole('button', { name: 'Hour by hour, as a table' }).click()
    await expect(page.getByRole('row', { name: /^Friday 18:00/ })).toContainText('100 %')
  })

  test('@soak worse cases are tried at once; one is kept as an outage, another as an option', async ({
    page,
  }) => {
    await openSample(page)
    const cases = page.getByTestId('worse-case')
    await page.getByRole('heading', { name: 'What if it comes worse' }).scrollIntoViewIfNeeded()
    await expect(cases.first()).toBeVisible()
    await expect(cases.filter({ hasText: 'A day longer' })).toContainText('more is asked')
    await cases.filter({ hasText: '10 °C colder' }).getByRole('button').click()
    await expect(answer(page)).toContainText('In February ice, 10 °C colder')
    await page.getByRole('alert').getByRole('button', { name: 'Undo' }).click()
    await expect(answer(page)).toContainText('In February ice, from')
    await cases.filter({ hasText: 'The battery has aged' }).getByRole('button').click()
    await expect(answer(page)).toContainText('the 2 kWh station, aged')
    await saved(page)
  })
})

test('what a page is for is said until it was read', async ({ page }) => {
  const id = await openSample(page, 'loads')
  const purpose = page.getByText('What must not stop, and what each thing draws.')
  await expect(purpose).toBeVisible()
  await page.getByRole('button', { name: /^Read:/ }).click()
  await expect(purpose).toBeHidden()
  await page.reload()
  await ready(page)
  await expect(purpose).toBeHidden()
  await page.goto(`/h/${id}/outage`)
  await expect(page.getByText('Which outage you prepare for')).toBeVisible()
})

test('a clock of twelve hours is read everywhere, and either is typed', async ({ page }) => {
  await openSample(page, 'outage')
  await page.getByRole('button', { name: 'Tarn End', exact: true }).click()
  await page.getByRole('menuitem', { name: /^Name, units/ }).click()
  await page.getByRole('group', { name: 'Clock' }).getByRole('button', { name: '12 h' }).click()
  await page.keyboard.press('Escape')
  await expect(answer(page)).toContainText('from Friday 6:00 pm')
  const starts = page.getByLabel('Starts at')
  await expect(starts).toHaveValue('6:00 pm')
  await enter(starts, '19:30')
  await expect(starts).toHaveValue('7:30 pm')
  await expect(answer(page)).toContainText('from Friday 7:30 pm')
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })

  test('the answer is a line with the hour and what is short, and opens on a touch', async ({ page }) => {
    await openSample(page, 'loads')
    const line = page.getByRole('region', { name: 'The answer' }).getByRole('button').first()
    await expect(line).toHaveText(/^Ends Saturday \d\d:\d\d · .* short$/)
    await expect(answer(page)).toBeHidden()
    await unfoldAnswer(page)
    await expect(page.getByTestId('gate-lasts')).toBeVisible()
    await line.tap()
    await expect(answer(page)).toBeHidden()
  })

  test('what was planned by a tap is removed by a tap', async ({ page }) => {
    await openSample(page)
    await page.getByRole('button', { name: 'Keep Sump pump off for an hour' }).tap()
    const pause = page.getByRole('button', { name: /^Sump pump kept off Friday 18:00/ })
    await pause.tap()
    await page.getByRole('menuitem', { name: 'Let Sump pump run then' }).tap()
    await expect(pause).toBeHidden()
  })

  test('a load opens as a sheet, and gives the keyboard back', async ({ page }) => {
    await openSample(page, 'loads')
    const load = page.getByRole('button', { name: 'Breathing aid', exact: true })
    await load.tap()
    await expect(page.getByLabel('Running watts')).toBeVisible()
    await page.getByRole('button', { name: 'Close' }).tap()
    await expect(page.getByLabel('Running watts')).toBeHidden()
    await expect(load).toBeFocused()
  })
})

test('nothing scrolls sideways at 320 pixels', async ({ page }) => {
  await page.setViewportSize({ width: 320, height: 640 })
  const id = await openSample(page)
  for (const path of [
    'outage',
    'loads',
    'power',
    'power?tab=bank',
    'power?tab=find',
    'power?tab=own',
    'runtime',
    'recharge',
    'hookup',
    'run',
  ]) {
    await page.goto(`/h/${id}/${path}`)
    await ready(page)
    expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(320)
  }
})
