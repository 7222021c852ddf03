import { expect, test } from '@playwright/test'
import { answer, answerNow, openSample, ready, saved, enter } from './support'

test.describe('a field refuses nonsense with what would be right, and the last good value counts', () => {
  for (const [typed, message] of [
    ['-150', /below zero\. Write watts, such as/],
    ['999999', /more than this can be \(50,000 W at most\)/],
    ['a lot', /“a lot” is not a number/],
    ['40 Wh', /that is energy; running watts are wanted here/],
    ['2 watts per hour', /leave out “per hour”/],
    ['', /Nothing is written here/],
  ] as const) {
    test(`“${typed}” as running watts`, async ({ page }) => {
      await openSample(page, 'loads')
      const before = await answerNow(page)
      const field = page.getByLabel('Running watts')
      await field.fill(typed)
      await expect(page.getByRole('alert').filter({ hasText: message })).toBeVisible()
      await expect(field).toHaveAttribute('aria-invalid', 'true')
      // what was typed stays, the old value counts and the strip says so, until it is given up
      await field.blur()
      await expect(field).toHaveValue(typed)
      await expect(page.getByText(/150 W counts until then/)).toBeVisible()
      await expect(page.getByTestId('held-texts')).toContainText('Running watts of Boiler')
      await expect(answer(page)).toHaveText(before)
      await field.focus()
      await page.keyboard.press('Escape')
      await expect(field).toHaveValue('150 W')
      await expect(page.getByTestId('held-texts')).toHaveCount(0)
    })
  }
})

test('an average above the running watts, an outage of 15 days, a clock of 25:00, a surge below the continuous watts', async ({
  page,
}) => {
  await openSample(page, 'loads')
  await enter(page.getByLabel('Average watts'), '300')
  await expect(page.getByText('An average cannot be above the running watts (150 W).')).toBeVisible()
  await page.getByLabel('Average watts').blur()
  await page.keyboard.press('1')
  await enter(page.getByLabel('Outage length'), '15 days')
  await expect(page.getByText(/more than this can be \(336 h at most\)/)).toBeVisible()
  await enter(page.getByLabel('Starts at', { exact: true }), '25:00')
  await expect(page.getByText('“25:00” is not a time of day.')).toBeVisible()
  await enter(page.getByLabel('Coldest outdoors'), '20')
  await expect(
    page.getByRole('alert').filter({ hasText: 'The coldest hour cannot be warmer than the warmest.' }),
  ).toBeVisible()
  await page.getByLabel('Coldest outdoors').blur()
  await page.keyboard.press('3')
  await enter(page.getByLabel('Largest start of 2 kWh station'), '100')
  await expect(page.getByRole('alert').filter({ hasText: 'At least the continuous 2,400 W.' })).toBeVisible()
  await enter(page.getByLabel('Capacity of 2 kWh station'), '2000 W')
  await expect(page.getByText(/that is power; how much is stored/)).toBeVisible()
})

test('@soak a name of 5,000 characters is refused; emoji and right-to-left text are kept', async ({
  page,
}) => {
  await openSample(page, 'loads')
  const name = page.getByLabel('Name', { exact: true })
  await enter(name, 'x'.repeat(5000))
  await expect(page.getByText('That is 5,000 characters; 80 at most.')).toBeVisible()
  await name.blur()
  await expect(name).toHaveValue('x'.repeat(5000))
  await expect(page.getByRole('heading', { name: 'Boiler, two circulators' })).toBeVisible()
  await enter(name, 'غلاية التدفئة 🔥')
  await expect(page.getByRole('heading', { name: 'غلاية التدفئة 🔥' })).toBeVisible()
  await saved(page)
  await page.reload()
  await ready(page)
  await expect(page.getByRole('button', { name: 'غلاية التدفئة 🔥', exact: true })).toBeVisible()
})

test('two windows: the later save is not written over the earlier one, and both can be kept', async ({
  page,
  context,
}) => {
  await openSample(page, 'loads')
  const other = await context.newPage()
  await other.goto(page.url())
  await ready(other)
  await enter(page.getByLabel('Name', { exact: true }), 'Boiler, from window one')
  await saved(page)
  await enter(other.getByLabel('Average watts'), '70')
  await expect(
    other.getByText(/was saved elsewhere at \d\d:\d\d, after you opened it\. Nothing was overwritten/),
  ).toBeVisible()
  await other.getByRole('button', { name: /^Take the newer state/ }).click()
  await expect(other.getByRole('heading', { name: 'Boiler, from window one' })).toBeVisible()
  await expect(other.getByLabel('Average watts')).toHaveValue('48 W')
  await other.getByLabel('Average watts').blur()
  await other.keyboard.press('Control+z')
  await expect(other.getByLabel('Average watts')).toHaveValue('70 W')
  await enter(other.getByLabel('Name', { exact: true }), 'Boiler, kept by window two')
  await saved(other)
  await enter(page.getByLabel('Running watts'), '160')
  await page.getByRole('button', { name: 'Keep mine and save it' }).click()
  await expect(page.getByTestId('save-status')).toHaveText(/Saved/)
  await other.reload()
  await ready(other)
  await expect(other.getByLabel('Running watts')).toHaveValue('160 W')
})

test('@soak once a newer state was taken, a reload asks nothing again', async ({ page, context }) => {
  await openSample(page, 'loads')
  const other = await context.newPage()
  await other.goto(page.url())
  await ready(other)
  await enter(page.getByLabel('Average watts'), '51')
  await saved(page)
  await enter(other.getByLabel('Average watts'), '70')
  await other.getByRole('button', { name: /^Take the newer state/ }).click()
  await other.reload()
  await ready(other)
  await expect(other.getByLabel('Average watts')).toHaveValue('51 W')
  await expect(other.getByText(/was saved elsewhere/)).toBeHidden()
})

test('@soak a save whose answer was lost on the way is no quarrel with oneself', async ({ page }) => {
  await openSample(page, 'loads')
  let lost = false
  await page.route('**/api/households/*', async (route) => {
    if (route.request().method() !== 'PUT' || lost) return route.continue()
    lost = true
    await route.fetch()
    await route.abort()
  })
  await enter(page.getByLabel('Average watts'), '57')
  await expect(page.getByTestId('save-status')).toHaveText(/Not saved/)
  await saved(page)
  expect(lost).toBe(true)
  await expect(page.getByText(/was saved elsewhere/)).toBeHidden()
  await page.reload()
  await ready(page)
  await expect(page.getByLabel('Average watts')).toHaveValue('57 W')
})
