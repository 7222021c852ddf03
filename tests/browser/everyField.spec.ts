import { type Locator, type Page, expect, test } from '@playwright/test'
import { openSample, openMore } from './support'

/** Fields of figures, names and clocks; lines that are read as a whole have tests of their own. */
const FIELDS = 'input[type=text], textarea:not([aria-hidden])'
const LINES = /A load in one line|Label \(nameplate\)|In one line/

interface Seen {
  label: string
  value: string
}

/** What a field is called and shows. */
const seen = (field: Locator): Promise<Seen> =>
  field.evaluate((element: HTMLInputElement) => ({
    label: element.getAttribute('aria-label') ?? element.labels?.[0]?.textContent ?? '',
    value: element.value,
  }))

/** Another text of the same kind, as somebody would type it. */
function other(value: string): string {
  const clock = value.match(/^(\d\d):(\d\d)$/)
  if (clock) return `${String((Number(clock[1]) + 2) % 23).padStart(2, '0')}:41`
  const figure = value.match(/^(-?[\d.]+)(?: (.*))?$/)
  if (!figure) return `${value} x`.trim()
  const number = Number(figure[1])
  const next = figure[2] || !Number.isInteger(number) ? number * 1.07 + 0.3 : number + 1
  return `${Number(next.toFixed(2))} ${figure[2] ?? ''}`.trim()
}

const plain = (text: string) => text.replace(/[\s,]/g, '').replace(/^(-?\d+)\.0+(?=\D|$)/, '$1')

/** Types key by key, leaves, and tells what stands there, and whether it was refused with a message. */
async function typeAndLeave(page: Page, field: Locator, text: string) {
  await field.focus()
  await page.keyboard.press('Control+a')
  await page.keyboard.press('Backspace')
  await page.keyboard.type(text)
  await field.blur()
  const value = await field.inputValue()
  const isInvalid = (await field.getAttribute('aria-invalid')) === 'true'
  const message = isInvalid
    ? await page.locator(`[id="${await field.getAttribute('aria-describedby')}"]`).textContent()
    : null
  return { value, isInvalid, message }
}

/** The old value again, at once. */
async function putBack(field: Locator, value: string) {
  await field.fill(value)
  await field.blur()
}

/**
 * What counts after a field was typed into and left is what was typed, or the old value with a message; Escape brings the old
 * value back. Fields of a label that was tried before are passed over. Returns how many were tried.
 */
async function everyField(page: Page, done?: Set<string>): Promise<number> {
  const fields = page.locator('main').locator(FIELDS)
  const count = await fields.count()
  let tried = 0
  for (let i = 0; i < count; i++) {
    const field = fields.nth(i)
    const { label, value } = await seen(field)
    if (LINES.test(label) || done?.has(label)) continue
    done?.add(label)
    tried++
    const typed = other(value)
    const after = await typeAndLeave(page, field, typed)
    if (after.isInvalid) {
      expect([label, after.value]).toEqual([label, typed])
      expect(after.message, label).toMatch(/counts until then|does not go/)
      await field.focus()
      await page.keyboard.press('Escape')
      await field.blur()
    } else {
      expect([label, plain(after.value)]).toEqual([label, plain(typed)])
      await putBack(field, value)
    }
    await expect(field, `${label}: the old value again`).toHaveValue(value)

    // every third: far out of bounds, and never the last prefix that would do
    if (i % 3 > 0 || !/^-?[\d.]+/.test(value) || /:/.test(value)) continue
    const far = await typeAndLeave(page, field, '98765432')
    if (far.isInvalid) {
      expect([label, far.value]).toEqual([label, '98765432'])
      await field.focus()
      await page.keyboard.press('Escape')
      await field.blur()
    } else {
      expect([label, far.value.replace(/\D/g, '')]).toEqual([label, '98765432'])
      await putBack(field, value)
    }
    await expect(field, `${label}: the old value after what was too much`).toHaveValue(value)
  }
  return tried
}

test.describe('typed key by key into every field and left', () => {
  // some forty fields each, key by key: a page at a time
  test.setTimeout(420_000)

  test('@soak of the outage', async ({ page }) => {
    await openSample(page, 'outage')
    expect(await everyField(page)).toBeGreaterThan(10)
  })

  test('@soak of loads, one of each behaviour', async ({ page }) => {
    await openSample(page, 'loads')
    const done = new Set<string>()
    // each with a field of its behaviour, which is fetched when it is wanted
    for (const [name, field] of [
      ['Larder refrigerator', /^Average watts/],
      ['Well pump', /^(Runs for|It lifts)/],
      ['Phones, two laptops', /^Goes into the battery/],
      ['Microwave', /^Minutes each time/],
    ] as const) {
      await page
        .getByRole('table')
        .getByRole('button', { name: new RegExp(`^${name}`) })
        .click()
      await expect(page.getByRole('heading', { name, exact: true })).toBeVisible()
      await expect(page.getByLabel(field).first()).toBeVisible()
      await openMore(page)
      await everyField(page, done)
    }
    expect(done.size).toBeGreaterThan(20)
  })

  test('@soak of power: stations with their outlets, inputs and limits, and the search', async ({ page }) => {
    await openSample(page, 'power')
    await page.getByRole('button', { name: /outlets, inputs and limits/ }).click()
    expect(await everyField(page)).toBeGreaterThan(30)
  })

  test('@soak of power: a bank and its parts', async ({ page }) => {
    await openSample(page, 'power')
    await page
      .getByRole('table')
      .getByRole('button', { name: /24 V AGM bank/ })
      .click()
    await page.getByRole('button', { name: /^What .* is built of$/ }).click()
    await page.getByRole('button', { name: /parts’ own figures/ }).click()
    await openMore(page)
    expect(await everyField(page)).toBeGreaterThan(20)
  })

  test('@soak of recharge', async ({ page }) => {
    await openSample(page, 'recharge')
    for (const button of await page.getByRole('button', { name: 'Change it' }).all()) await button.click()
    expect(await everyField(page)).toBeGreaterThan(20)
  })
})
