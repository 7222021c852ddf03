import { expect, test } from '@playwright/test'
import { answer, enter, householdIdOf, openSample, ready, saved } from './support'

for (const size of [
  { name: 'at a desk', width: 1280, height: 800 },
  { name: 'on a phone', width: 390, height: 844 },
])
  test(`five ticks give a newcomer a first own answer ${size.name}`, async ({ page }) => {
    await page.setViewportSize(size)
    await page.goto('/')
    await page.getByRole('link', { name: 'Start yours' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Tick what must not stop')
    for (const name of [
      'Refrigerator',
      'Gas furnace with blower',
      'Sump pump',
      'Fibre terminal and router',
      'Phones',
    ])
      await page.getByLabel(name, { exact: true }).check()
    await expect(answer(page)).toContainText(/1 kWh station (would carry|carries) the loads for/)
    await page.getByLabel('A power station').check()
    await enter(page.getByLabel('Capacity'), '2 kWh')
    await enter(page.getByLabel('Running watts'), '2400')
    await expect(answer(page)).toContainText('In a winter night, from')
    await expect(answer(page)).toContainText('the 2 kWh station')
    await expect(page.getByText('Counted as 3,600 W, which is a guess')).toBeVisible()
    await expect(page.getByText('It begins at 6:00 pm; asleep from 11:00 pm to 6:30 am.')).toBeVisible()
    const sentence = await answer(page).textContent()
    await page.getByRole('button', { name: 'Open my plan' }).click()
    await ready(page)
    await expect(page).toHaveURL(/\/h\/[^/]+\/runtime$/)
    // the plan says what the sheet said
    await expect(answer(page)).toHaveText(sentence!)
    await expect(page.getByText('sample data')).toBeHidden()
  })

test('a town brings its mains, units, clock and weather; things come by name and by a line', async ({
  page,
}) => {
  await page.goto('/start', { waitUntil: 'networkidle' })
  const town = page.getByLabel('Town, or leave it out')
  const found = page.getByRole('option', { name: /^Reykjav.*Iceland/ })
  // what is typed before the page's script has taken over asks for nothing
  await expect(async () => {
    await town.fill('')
    await town.fill('reykjav')
    await expect(found).toBeVisible({ timeout: 4000 })
  }).toPass()
  await found.click()
  await expect(page.getByLabel('Mains')).toHaveValue('230 V')
  await expect(page.getByLabel('Units')).toHaveValue('metric')
  await expect(page.getByText(/°C on an ordinary day of that season, a guess by where it is/)).toBeVisible()
  await expect(page.getByText('It begins at 18:00; asleep from 23:00 to 06:30.')).toBeVisible()
  await page.getByRole('button', { name: 'Three days' }).click()
  const search = page.getByLabel('Name it, or write a line')
  await search.fill('oxygen')
  await page.getByRole('option', { name: /^Oxygen concentrator, portable/ }).click()
  await expect(page.getByLabel('Oxygen concentrator, portable', { exact: true })).toBeChecked()
  await expect(page.getByText('does not replace your supplier’s or doctor’s emergency plan')).toBeVisible()
  await search.fill('washing machine 500W 45 min')
  await search.press('Enter')
  await expect(page.getByLabel('Washing machine', { exact: true })).toBeChecked()
  await search.fill('900 V 2 A')
  await search.press('Enter')
  // what cannot be read stays where it was typed
  await expect(search).toHaveValue('900 V 2 A')
  await expect(answer(page)).toContainText('three days in winter')
  await page.getByRole('button', { name: 'Open my plan' }).click()
  // nothing yet: the page that finds something
  await expect(page).toHaveURL(/\/power\?tab=find$/)
  const id = householdIdOf(page)
  const { household } = await (await page.request.get(`/api/households/${id}`)).json()
  expect(household.profile).toMatchObject({ mains: '230 V', currency: 'USD' })
  expect(household.scenarios[0]).toMatchObject({ durationH: 72, place: { utcOffsetH: 0 } })
  expect(household.loads).toHaveLength(2)
  expect(household.loads[0].volts).toBe(230)
})

test('units are changed in one place, and every field takes any', async ({ page }) => {
  await openSample(page, 'outage')
  await expect(page.getByLabel('Indoors')).toHaveValue(/ °C$/)
  await page.getByRole('button', { name: 'Tarn End', exact: true }).click()
  await page.getByRole('menuitem', { name: 'Name, units and money…' }).click()
  await page.getByRole('dialog').getByRole('button', { name: '°F' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click()
  await expect(page.getByRole('dialog')).toBeHidden()
  const indoors = page.getByLabel('Indoors')
  await expect(indoors).toHaveValue(/ °F$/)
  await enter(indoors, '68')
  await expect(indoors).toHaveValue('68 °F')
  await enter(indoors, '18 °C')
  await expect(indoors).toHaveValue('64.4 °F')
  await indoors.fill('200')
  await indoors.press('Enter')
  await expect(page.getByText(/200 °F is more than this can be \(122 °F at most\)/)).toBeVisible()
  await indoors.press('Escape')
  await saved(page)
  const { household } = await (await page.request.get(`/api/households/${householdIdOf(page)}`)).json()
  expect(household.scenarios[0].indoorC).toBe(18)
})
