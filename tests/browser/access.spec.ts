import AxeBuilder from '@axe-core/playwright'
import { type Page, expect, test } from '@playwright/test'
import { answer, openSample, enter } from './support'

const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']

const PAPER = { light: 'rgb(243, 239, 230)', dark: 'rgb(0, 0, 0)' }

/** @param part what is looked at; the whole page unless given */
async function violations(page: Page, part?: string): Promise<string[]> {
  // no tooltip in the way
  await page.mouse.move(0, 0)
  await expect(page.getByRole('tooltip')).toBeHidden()
  const builder = new AxeBuilder({ page }).options({
    runOnly: { type: 'tag', values: RULES },
    // not among the tags yet: who speaks to the page says what is seen
    rules: { 'label-content-name-mismatch': { enabled: true } },
  })
  const { violations: found } = await (part ? builder.include(part) : builder).analyze()
  return found.map(({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`)
}

for (const colorScheme of ['light', 'dark'] as const) {
  for (const step of ['outage', 'loads', 'power', 'runtime']) {
    const tag = colorScheme === 'dark' && step === 'runtime' ? '' : '@soak '
    test(`${tag}no violation on ${step}, ${colorScheme}`, async ({ browser }) => {
      const context = await browser.newContext({ colorScheme })
      const page = await context.newPage()
      await openSample(page, step)
      await expect(page.locator('body')).toHaveCSS('background-color', PAPER[colorScheme])
      expect(await violations(page)).toEqual([])
      await context.close()
    })
  }
}

test('no violation in the dialogs, in an empty household, nor where nothing is', async ({ page }) => {
  await openSample(page, 'loads')
  for (const key of ['?', '/', 'a']) {
    await page.keyboard.press(key)
    await expect(page.getByRole('dialog')).toBeVisible()
    expect(await violations(page, '[role=dialog]')).toEqual([])
    await page.keyboard.press('Escape')
    await expect(page.getByRole('dialog')).toBeHidden()
  }
  await page.getByTestId('gate-starts').click()
  await expect(page.getByRole('dialog')).toBeVisible()
  expect(await violations(page, '[role=dialog]')).toEqual([])
  await page.keyboard.press('Escape')
  await page.goto('/start', { waitUntil: 'networkidle' })
  await page.getByLabel('Refrigerator', { exact: true }).check()
  await expect(page.getByTestId('answer')).toContainText('carries')
  expect(await violations(page)).toEqual([])
  await page.getByRole('button', { name: 'Skip to an empty plan' }).click()
  await expect(page.getByRole('heading', { name: 'No loads yet' })).toBeVisible()
  expect(await violations(page)).toEqual([])
  await page.goto('/nowhere')
  expect(await violations(page)).toEqual([])
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })
  for (const step of ['outage', 'loads', 'power', 'runtime', 'hookup', 'run']) {
    test(`${step === 'power' ? '@soak ' : ''}${step} fits the width and has no violation`, async ({
      page,
    }) => {
      await openSample(page, step)
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
      expect(await violations(page)).toEqual([])
    })
  }

  test('a tap on a load brings its inspector into view; the steps are at the thumb', async ({ page }) => {
    await openSample(page, 'loads')
    await page.getByRole('button', { name: 'Fibre, router, switch', exact: true }).tap()
    await expect(page.getByRole('heading', { name: 'Fibre, router, switch', exact: true })).toBeInViewport()
    await page.getByRole('button', { name: 'Close' }).tap()
    await page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: 'Power' }).tap()
    await expect(page.getByLabel('Option', { exact: true })).toBeVisible()
  })
})

test('the page does not move while its numbers change', async ({ page }) => {
  await openSample(page, 'loads')
  // what comes after the first paint is there
  await expect(page.getByRole('button', { name: /^Move / }).first()).toHaveAttribute(
    'aria-roledescription',
    'a row that can be moved',
  )
  const fixed = [
    page.getByRole('region', { name: 'The answer' }),
    page.getByTestId('gate-carries'),
    page.getByTestId('gate-refills'),
    page.getByRole('table'),
    page.getByText('running watts together'),
    page.getByLabel('Name', { exact: true }),
    page.getByLabel('Average watts'),
    page.getByLabel('Voltage'),
  ]
  const boxes = () => Promise.all(fixed.map((part) => part.boundingBox()))
  const before = await boxes()
  const field = page.getByLabel('Average watts')
  for (const watts of ['4', '44', '140', '88']) {
    const was = await answer(page).textContent()
    await enter(field, watts)
    await expect(answer(page)).not.toHaveText(was ?? '')
    expect(await boxes()).toEqual(before)
  }
})

test('the theme chosen stays chosen', async ({ page }) => {
  await openSample(page)
  await page.getByRole('button', { name: 'Night theme' }).click()
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark')
  await page.reload()
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark')
})

test('day or night is drawn without a script: the system’s, or what was chosen', async ({
  browser,
  baseURL,
}) => {
  const context = await browser.newContext({ colorScheme: 'dark', javaScriptEnabled: false })
  const page = await context.newPage()
  await page.goto('/')
  await expect(page.locator('body')).toHaveCSS('background-color', PAPER.dark)
  await context.addCookies([{ name: 'yotrope-scheme', value: 'light', url: baseURL }])
  await page.reload()
  await expect(page.locator('body')).toHaveCSS('background-color', PAPER.light)
  await context.close()
})
