import { expect, test } from '@playwright/test'
import { answerNow, changedAnswer, openSample, pageAlert, ready, saved, enter } from './support'

test('weather by climate and kind of storm: shown first, taken over, and refused where there is none such', async ({
  page,
}) => {
  await openSample(page, 'outage')
  const preset = page.getByRole('group', { name: 'Weather like' })
  await preset.getByLabel('Climate').selectOption('cold-inland')
  await preset.getByLabel('Kind of weather').selectOption('deep-cold')
  await expect(page.getByTestId('preset')).toContainText('−22 to −11 °C, dry; the sky clear')
  const before = await answerNow(page)
  await preset.getByRole('button', { name: 'Use this weather' }).click()
  await expect(page.getByLabel('Coldest outdoors')).toHaveValue('−22 °C')
  await expect(page.getByLabel(/^Sky of Saturday/)).toHaveValue('clear')
  await changedAnswer(page, before)
  await preset.getByLabel('Kind of weather').selectOption('heat')
  await expect(preset.getByRole('status')).toContainText('there is no such weather in that month')
  await expect(preset.getByRole('button', { name: 'Use this weather' })).toBeDisabled()
  await saved(page)
  await page.keyboard.press('Control+z')
  await expect(page.getByLabel('Coldest outdoors')).toHaveValue('−16 °C')
})

test('latitude 95° is refused with what would be right, and the last good one counts', async ({ page }) => {
  await openSample(page, 'outage')
  await enter(page.getByLabel('Latitude'), '95')
  await expect(pageAlert(page)).toContainText(/95 ° is more than this can be.*90/)
  await page.getByLabel('Latitude').press('Escape')
  await expect(page.getByLabel('Latitude')).toHaveValue('44.5 °')
  await enter(page.getByLabel('Latitude'), '60')
  await saved(page)
  await page.reload()
  await ready(page)
  await expect(page.getByLabel('Latitude')).toHaveValue('60 °')
})
