import { type APIRequestContext, type Locator, type Page, expect } from '@playwright/test'

/** Opens the start page as a new visitor and waits until the page works. @returns the household's id */
export async function openSample(page: Page, step = 'runtime'): Promise<string> {
  // the redirect tells the household; its page would be loaded for nothing
  const { location } = (await page.request.get('/', { maxRedirects: 0 })).headers()
  const id = location.split('/')[2]
  await page.goto(`/h/${id}/${step}`)
  await ready(page)
  return id
}

export const householdIdOf = (page: Page) => new URL(page.url()).pathname.split('/')[2]

/** The page's own script has taken over: the saved clock is written by it alone. */
export async function ready(page: Page): Promise<void> {
  await expect(page.getByTestId('save-status')).toHaveText(/Saved \d\d:\d\d/)
}

/** Opens a tab of the power page. */
export async function openTab(page: Page, name: string): Promise<void> {
  await page.getByRole('tab', { name, exact: true }).click()
  await expect(page.getByRole('tab', { name, exact: true })).toHaveAttribute('aria-selected', 'true')
}

/** Opens what is folded under More. */
export async function openMore(page: Page): Promise<void> {
  const folded = page.getByRole('button', { name: /^More/, expanded: false })
  while ((await folded.count()) > 0) await folded.first().click()
}

/** On a phone the answer is a line until it is touched. */
export async function unfoldAnswer(page: Page): Promise<void> {
  await page
    .getByRole('region', { name: 'The answer' })
    .getByRole('button', { expanded: false })
    .first()
    .click()
  await expect(answer(page)).toBeVisible()
}

/** What the page itself says is wrong; the framework has an alert of its own for page changes. */
export const pageAlert = (page: Page) => page.locator('[role=alert]:not(#__next-route-announcer__)')

/** Types into a field as a whole and presses Enter, which makes the change. */
export async function enter(field: Locator, text: string): Promise<void> {
  await field.fill(text)
  await field.press('Enter')
}

export const answer = (page: Page) => page.getByTestId('answer')

/** Waits until the change just made is confirmed by the server: the page says otherwise from the moment it is made. */
export async function saved(page: Page): Promise<void> {
  await expect(page.getByTestId('save-status')).toHaveText(/Saved \d\d:\d\d/)
}

/** The answer after a change, once it differs from what it was. */
export async function changedAnswer(page: Page, before: string): Promise<string> {
  await expect(answer(page)).not.toHaveText(before)
  return (await answer(page).textContent()) ?? ''
}

export async function answerNow(page: Page): Promise<string> {
  return (await answer(page).textContent()) ?? ''
}

/** A visitor without a browser: a session of its own and the household that came with it. */
export async function apiVisitor(request: APIRequestContext): Promise<string> {
  const response = await request.get('/', { maxRedirects: 0 })
  expect(response.status()).toBe(303)
  const id = response.headers().location.split('/')[2]
  // the first request for more than a page makes the visitor
  expect((await request.get(`/api/households/${id}`)).status()).toBe(200)
  return id
}
