import { expect, test } from '@playwright/test'
import { answer, householdIdOf, openSample, ready, saved, enter, openMore } from './support'

test('a household of one’s own beside the sample, its loads listed from nothing', async ({ page }) => {
  const sample = await openSample(page)
  await page.getByRole('link', { name: 'Start yours' }).click()
  await page.getByLabel('Name of the household').fill('')
  await page.getByRole('button', { name: 'Skip to an empty plan' }).click()
  await expect(page.getByText('Give the household a name')).toBeVisible()
  await page.getByLabel('Name of the household').fill('Our house')
  await page.getByRole('button', { name: 'Skip to an empty plan' }).click()
  await expect(page.getByRole('heading', { name: 'No loads yet' })).toBeVisible()
  expect(householdIdOf(page)).not.toBe(sample)
  await ready(page)
  await expect(answer(page)).toContainText('has nothing to carry')
  await expect(page.getByText('sample data')).toBeHidden()

  await page.keyboard.press('a')
  await expect(page.getByRole('combobox', { name: 'What is it?' })).toBeFocused()
  await page.keyboard.type('chest freez')
  await page.keyboard.press('Enter')
  await expect(
    page.getByRole('table').getByRole('button', { name: 'Chest freezer', exact: true }),
  ).toBeVisible()
  await expect(answer(page)).toContainText('carries the loads for')

  await page.keyboard.press('a')
  await expect(page.getByRole('combobox', { name: 'What is it?' })).toBeFocused()
  await page.keyboard.type('Terrarium lamp')
  // the catalogue's nearest comes first, one's own name is there too
  await expect(page.getByRole('option').first()).toHaveText(/^Terrarium heat lamp/)
  await page.getByRole('option', { name: /^“Terrarium lamp”/ }).click()
  await expect(
    page.getByText(/Nothing is known about it yet: 50 W day and night is a stand-in/),
  ).toBeVisible()
  await enter(page.getByLabel('Running watts'), '40')
  await page.getByLabel('Behaviour').selectOption('scheduled')
  await enter(page.getByLabel('On from – until 1: from'), '8 pm')
  await enter(page.getByLabel('On from – until 1: until'), '23:30')
  await expect(page.getByText('140 Wh a day')).toBeVisible()
  await saved(page)

  await page.reload()
  await ready(page)
  await expect(
    page.getByRole('table').getByRole('button', { name: 'Terrarium lamp', exact: true }),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Our house' }).click()
  await page.getByRole('menuitem', { name: 'Tarn End (sample)' }).click()
  await expect(answer(page)).toContainText('In February ice')
})

test('@soak a new option and a new outage are added, chosen, removed and brought back', async ({ page }) => {
  await openSample(page, 'power')
  await page.keyboard.press('a')
  await page.getByRole('menuitem', { name: '3.6 kWh station, 120/240 V' }).click()
  await expect(answer(page)).toContainText('the 3.6 kWh station, 120/240 V carries')
  await page.getByRole('button', { name: 'Remove it' }).click()
  await expect(answer(page)).not.toContainText('3.6 kWh')
  await page.keyboard.press('Control+z')
  await expect(answer(page)).toContainText('3.6 kWh')

  await page.keyboard.press('1')
  await page.getByRole('button', { name: 'Add an outage like this' }).click()
  await enter(page.getByLabel('Name'), 'A windy night')
  await expect(answer(page)).toContainText('In A windy night')
  await page.getByRole('button', { name: /^Remove this outage/ }).click()
  await expect(answer(page)).not.toContainText('In A windy night')
})

test('@soak every behaviour can be given by hand', async ({ page }) => {
  await openSample(page, 'loads')
  await page.getByRole('button', { name: 'Microwave', exact: true }).click()
  await expect(page.getByText('250 Wh a day')).toBeVisible()
  await page.getByRole('button', { name: 'add an hour' }).click()
  await expect(page.getByText('375 Wh a day')).toBeVisible()
  await page.getByLabel('When').selectOption('within')
  await enter(page.getByLabel('Times a day'), '2')
  await expect(page.getByText('250 Wh a day')).toBeVisible()
  await page.getByLabel('Behaviour').selectOption('cycling')
  await enter(page.getByLabel('Average watts'), '100')
  await openMore(page)
  await enter(page.getByLabel('One cycle, on and off'), '1 h')
  await expect(page.getByText('On 8 % of the time')).toBeVisible()
  await page.getByLabel('Motor start').selectOption('yes')
  await enter(page.getByLabel('Starting watts'), '3k')
  await page.getByRole('radio', { name: /Measured/ }).check()
  await expect(page.getByText('likely 93 W to 108 W')).toBeVisible()
  await page.getByRole('button', { name: 'Duplicate' }).click()
  await expect(page.getByRole('heading', { name: 'Microwave 2' })).toBeVisible()
  await page.getByRole('button', { name: 'Remove', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Microwave 2' })).toBeHidden()
})

test('a load typed as one line is understood before it is kept; several lines may be pasted', async ({
  page,
}) => {
  await openSample(page, 'loads')
  const line = page.getByLabel('A load in one line')
  const understood = page.getByTestId('understood')
  await line.fill('garage fridge 150W')
  await expect(understood).toContainText('150 W, on and off by a thermostat')
  await line.pressSequentially(' 1/3 on')
  await expect(understood).toContainText('33 % of the time, 1.20 kWh a day')
  await line.press('Enter')
  await expect(page.getByRole('heading', { name: 'Garage fridge' })).toBeVisible()
  await line.fill('fridge 1.2 kWh')
  await expect(understood).toContainText('1.20 kWh in what time?')
  await line.press('Enter')
  await expect(line).toHaveValue('fridge 1.2 kWh a day')
  await line.fill('fridge 150W blue')
  await expect(understood).toContainText('“blue” was not understood and would not count')
  await line.press('Enter')
  await expect(line).toHaveValue('fridge 150W')
  await line.fill('')

  await line.evaluate((element) => {
    const data = new DataTransfer()
    data.setData('text', 'lamp 9.5W 18:00-24:00\nnonsense\nrouter 18W\n')
    element.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    )
  })
  await expect(page.getByRole('table').getByRole('button', { name: 'Lamp', exact: true })).toBeVisible()
  await expect(page.getByRole('table').getByRole('button', { name: 'Router', exact: true })).toBeVisible()
  await expect(
    page.getByRole('alert').filter({ hasText: 'Line 2, “nonsense”: Watts are missing' }),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Leave them out' }).click()
  await line.blur()
  await page.keyboard.press('Control+z')
  await expect(page.getByRole('table').getByRole('button', { name: 'Router', exact: true })).toBeHidden()
  await expect(
    page.getByRole('table').getByRole('button', { name: 'Garage fridge', exact: true }),
  ).toBeVisible()
})
