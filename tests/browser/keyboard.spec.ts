import { expect, test } from '@playwright/test'
import { answer, answerNow, changedAnswer, openSample, enter } from './support'

test('number keys open the pages', async ({ page }) => {
  await openSample(page)
  for (const [key, path] of [
    ['1', 'outage'],
    ['2', 'loads'],
    ['3', 'power'],
    ['4', 'runtime'],
  ]) {
    await page.keyboard.press(key)
    await expect(page).toHaveURL(new RegExp(`/${path}$`))
  }
})

test('@soak brackets step through options, comma and full stop through outages', async ({ page }) => {
  await openSample(page)
  await page.keyboard.press(']')
  await expect(answer(page)).toContainText('2 kWh station with one expansion')
  await page.keyboard.press('[')
  await page.keyboard.press('[')
  await expect(answer(page)).toContainText('the 1 kWh station')
  await page.keyboard.press('.')
  await expect(answer(page)).toContainText(/in August line work/i)
  await page.keyboard.press(',')
  await page.keyboard.press(',')
  await expect(answer(page)).toContainText(/in November flood/i)
})

test('the ledger by arrows, its switch by space; undo and redo', async ({ page }) => {
  await openSample(page, 'loads')
  const before = await answerNow(page)
  await page.getByRole('button', { name: 'Boiler, two circulators', exact: true }).focus()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('ArrowDown')
  await expect(page.getByRole('heading', { name: 'Upright freezer, outhouse' })).toBeVisible()
  await page.keyboard.press('Shift+Tab')
  await expect(page.getByRole('switch', { name: 'Upright freezer, outhouse on' })).toBeFocused()
  await page.keyboard.press('Space')
  const after = await changedAnswer(page, before)
  await page.keyboard.press('Control+z')
  await expect(answer(page)).toHaveText(before)
  await page.keyboard.press('Control+Shift+z')
  await expect(answer(page)).toHaveText(after)
})

test('undo takes a field’s typing back at once', async ({ page }) => {
  await openSample(page, 'loads')
  const before = await answerNow(page)
  await enter(page.getByLabel('Average watts'), '120')
  await changedAnswer(page, before)
  await page.keyboard.press('Control+z')
  await expect(answer(page)).toHaveText(before)
  await expect(page.getByLabel('Average watts')).toHaveValue('48 W')
})

test('slash finds anything, question mark shows words and keys', async ({ page }) => {
  await openSample(page)
  await page.keyboard.press('/')
  await expect(page.getByRole('combobox')).toBeFocused()
  await page.keyboard.type('sump')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Sump pump' })).toBeVisible()
  await page.keyboard.press('?')
  const help = page.getByRole('dialog', { name: 'Words and keys' })
  await help.getByRole('tab', { name: 'Keys' }).click()
  await expect(help).toContainText('Next power option')
  await page.keyboard.press('Escape')
  await expect(help).toBeHidden()
})

test('letters typed into a field are text, not commands', async ({ page }) => {
  await openSample(page, 'loads')
  const name = page.getByLabel('Name', { exact: true })
  await name.fill('')
  await name.pressSequentially('a 1 / ? [ .')
  await name.press('Enter')
  await expect(page.getByRole('heading', { name: 'a 1 / ? [ .' })).toBeVisible()
  await expect(page.getByRole('dialog')).toBeHidden()
  await expect(page).toHaveURL(/\/loads$/)
})
