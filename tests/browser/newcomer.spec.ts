import { type Page, expect, test } from '@playwright/test'
import { answer, enter, openSample, ready, saved } from './support'

/** An empty household of one's own. */
async function emptyHousehold(page: Page) {
  await page.goto('/start', { waitUntil: 'networkidle' })
  await page.getByRole('button', { name: 'Skip to an empty plan' }).click()
  await expect(page.getByText('Our house')).toBeVisible()
  await ready(page)
  await expect(page.getByRole('heading', { name: 'No loads yet' })).toBeVisible()
}
const ledger = (page: Page) => page.getByRole('table').first()

test.describe('a newcomer’s first load', () => {
  test('by an everyday name: the closest comes first', async ({ page }) => {
    await emptyHousehold(page)
    await page.keyboard.press('a')
    for (const [typed, first] of [
      ['fan', /^Fan/],
      ['icebox', /^Refrigerator/],
      ['deep freezer', /^Chest freezer/],
      ['refridgerator', /^Refrigerator/],
      ['cpap', /^CPAP/],
    ] as const) {
      await page.getByRole('combobox', { name: 'What is it?' }).fill(typed)
      await expect(page.getByRole('option').first()).toHaveText(first)
    }
    await page.keyboard.press('Enter')
    await expect(page.getByRole('heading', { name: 'CPAP or other breathing aid' })).toBeVisible()
    await expect(page.getByText(/A medical device\./)).toBeVisible()
  })

  test('by a line: what the line does not say comes from the catalogue', async ({ page }) => {
    await emptyHousehold(page)
    const line = page.getByLabel('A load in one line')
    await line.pressSequentially('six LED light bulbs 9W 5h a day')
    await expect(page.getByTestId('understood')).toContainText(
      '54 W (6 × 9 W), by the clock 7:00 pm to midnight',
    )
    await line.press('Enter')
    await expect(ledger(page).getByRole('button', { name: 'LED light bulbs × 6' })).toBeVisible()
    await expect(page.getByLabel('How many')).toHaveValue('6')
    await enter(page.getByLabel('How many'), '3')
    await expect(page.getByLabel('Running watts')).toHaveValue('27 W')
    await page.keyboard.press('Control+z')
    await expect(page.getByLabel('Running watts')).toHaveValue('54 W')
  })

  test('by a line nobody could read alone: asked, with keys, and kept only then', async ({ page }) => {
    await emptyHousehold(page)
    const line = page.getByLabel('A load in one line')
    await line.fill('gizmo 40W')
    await expect(page.getByTestId('understood')).toContainText('On all the time?')
    await line.press('Enter')
    await expect(line).toHaveValue('gizmo 40W all the time')
    await expect(page.getByRole('heading', { name: 'No loads yet' })).toBeVisible()
    await page.getByLabel('A load in one line').fill('gizmo 40W')
    await page.getByRole('button', { name: '5 hours a day' }).click()
    await line.press('Enter')
    await expect(page.getByRole('heading', { name: 'Gizmo', exact: true })).toBeVisible()
    await expect(page.getByLabel('Behaviour')).toHaveValue('scheduled')
  })

  test('by its label: what it changes is shown before and after', async ({ page }) => {
    await emptyHousehold(page)
    const line = page.getByLabel('A load in one line')
    await line.fill('fridge')
    await line.press('Enter')
    const label = page.getByLabel('Label (nameplate)')
    await label.pressSequentially('R600a 115V 0.9A')
    await expect(page.getByTestId('label-said')).toContainText('Running watts130 W→78 W')
    await label.press('Enter')
    await expect(page.getByLabel('Running watts')).toHaveValue('77.6 W')
    await expect(ledger(page).getByRole('row', { name: /Fridge/ })).toContainText('77.6')
    await label.fill('115 V 6.5 A')
    await expect(page.getByTestId('label-said')).toContainText('its defrost heater’s, and 75 W')
  })

  test('by a meter: a wash stays a wash', async ({ page }) => {
    await emptyHousehold(page)
    const line = page.getByLabel('A load in one line')
    await line.fill('washing machine 500W 45 min')
    await line.press('Enter')
    await page.getByRole('button', { name: 'Readings from a plug-in meter' }).click()
    await page.getByRole('tab', { name: 'A file' }).click()
    const rows = Array.from(
      { length: 60 },
      (_, m) => `10:${String(m).padStart(2, '0')};${m < 38 ? (m % 10 < 5 ? 40 : 130) : 0}`,
    )
    await page.getByLabel('Meter file').setInputFiles({
      name: 'wash.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(`time;W\n${rows.join('\n')}\n`),
    })
    await page.getByRole('button', { name: 'Read it' }).click()
    await page.getByRole('button', { name: 'Use it' }).click()
    await expect(page.getByLabel('Behaviour')).toHaveValue('session')
    await expect(page.getByLabel('Running watts')).toHaveValue('130 W')
    await saved(page)
  })
})

test('raising a thermostat’s running watts asks what it means, the likelier preselected', async ({
  page,
}) => {
  await openSample(page, 'loads')
  await page
    .getByRole('table')
    .getByRole('button', { name: 'Upright freezer, outhouse', exact: true })
    .click()
  const average = await page.getByLabel('Average watts').inputValue()
  const field = page.getByLabel('Running watts')
  await field.focus()
  await page.keyboard.press('Control+a')
  await page.keyboard.type('190')
  await field.press('Enter')
  const asks = page.getByRole('group', { name: 'What 190 W means' })
  // its average is a typical value: it was guessed along with the watts
  await expect(asks.getByRole('radio', { name: /All of it is larger/ })).toBeChecked()
  await expect(page.getByLabel('Average watts')).not.toHaveValue(average)
  await asks.getByRole('radio', { name: /Measured while it ran/ }).check()
  await expect(page.getByLabel('Average watts')).toHaveValue(average)
  await expect(field).toHaveValue('190 W')
})

test('what is typed shows in the sentence before it is made, and Escape takes it back', async ({ page }) => {
  await openSample(page, 'outage')
  const before = await answer(page).textContent()
  const field = page.getByLabel('Outage length')
  await field.fill('8 h')
  await expect(answer(page)).not.toHaveText(before!)
  await field.press('Escape')
  await expect(answer(page)).toHaveText(before!)
  await expect(field).toHaveValue('42 h')
})
