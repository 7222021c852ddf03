import AxeBuilder from '@axe-core/playwright'
import { type Page, expect, test } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { enter, householdIdOf, openSample, ready, saved } from './support'

const drawing = (page: Page) => page.getByRole('group', { name: 'What plugs into what' })
const findings = (page: Page) => page.getByRole('region', { name: 'What can hurt' })
const part = (page: Page, name: string) => page.getByRole('region', { name: `Connection of ${name}` })

test('a furnace on a portable source, from nothing to what can hurt, answered and asked again', async ({
  page,
}) => {
  await openSample(page)
  await page.getByRole('link', { name: 'Start yours' }).click()
  await page.getByRole('button', { name: 'Skip to an empty plan' }).click()
  await expect(page.getByRole('heading', { name: 'No loads yet' })).toBeVisible()
  await ready(page)
  await page.keyboard.press('a')
  await page.getByRole('combobox', { name: 'What is it?' }).fill('gas furnace')
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('answer')).toContainText('carries the loads for')
  await saved(page)
  await page.keyboard.press('Escape')
  await page.goto(`/h/${householdIdOf(page)}/hookup`)

  const feed = findings(page).getByRole('listitem').filter({ hasText: 'hard-wired' })
  await expect(feed).toContainText('licensed electrician, to local code')
  await expect(feed).toContainText('kill a line worker')
  await expect(findings(page)).toContainText('control board may not fire')
  await expect(findings(page)).toContainText('neutral tied to ground')
  await expect(page.getByTestId('hookup-summary')).toContainText('dangerous')
  await expect(drawing(page).getByRole('link', { name: 'no inlet' })).toBeVisible()

  // answered it stands apart
  await feed.getByRole('button', { name: /^Mark as handled/ }).click()
  await enter(feed.getByLabel('What you do about it'), 'Inlet ordered')
  await feed.getByRole('button', { name: 'Keep answer' }).click()
  await expect(feed).toBeHidden()
  await findings(page).getByRole('button', { name: 'Show 1 answered' }).click()
  await expect(findings(page)).toContainText('Answered: Inlet ordered')
  // a switch that is named ends it, and the drawing shows it
  await page.getByLabel('Fixed wires are fed by').selectOption('transfer-switch')
  await expect(drawing(page).getByRole('link', { name: 'transfer switch' })).toBeVisible()
  await expect(findings(page).getByRole('button', { name: /answered/ })).toBeHidden()
  await saved(page)
  await page.reload()
  await expect(page.getByLabel('Fixed wires are fed by')).toHaveValue('transfer-switch')
})

test('a cord: what is wrong with it, bad input, a thicker one, and nothing lost', async ({ page }) => {
  await openSample(page, 'hookup')
  await expect(findings(page)).toContainText('Orange cord: the start loses 11 %.')
  await drawing(page)
    .getByRole('link', { name: /^Orange cord: 1 mm²/ })
    .click()
  const cord = part(page, 'Orange cord')
  await expect(cord).toBeFocused()
  for (const [label, text, message] of [
    ['Wire size', '40 mm²', /40 mm² is not sold here; 0.75, 1, 1.5/],
    ['Wire size', 'thick', /is no wire’s size/],
    ['Length', '-1', /−1 m is below zero/],
    ['Length', '2 km', /150 m at most/],
  ] as const) {
    const field = cord.getByLabel(label, { exact: true })
    await enter(field, text)
    await expect(cord.getByRole('alert')).toHaveText(message)
    await expect(field).toHaveValue(text)
    await field.press('Escape')
    await expect(cord.getByRole('alert')).toBeHidden()
  }
  await enter(cord.getByLabel('Wire size'), '12 AWG')
  await expect(cord.getByLabel('Wire size')).toHaveValue('12 AWG')
  await expect(findings(page)).not.toContainText('Orange cord')
  await expect(
    drawing(page).getByRole('link', { name: /^Orange cord: 12 AWG, 30 m, .* 3 % lost$/ }),
  ).toBeVisible()
  await page.keyboard.press('Control+z')
  await expect(findings(page)).toContainText('Orange cord: the start loses 11 %.')
  // another load on a cord of its own
  await drawing(page).getByRole('link', { name: 'Breathing aid' }).click()
  await part(page, 'Breathing aid').getByLabel('Connected by').selectOption('another cord …')
  await expect(part(page, 'Cord of Breathing aid').getByLabel('Wire size')).toHaveValue('not bought yet')
  await expect(page.getByRole('region', { name: 'To buy or to find' })).toContainText('Cord of Breathing aid')
  await saved(page)
})

test('a bank from parts to its parts list', async ({ page }) => {
  await openSample(page, 'power')
  await page.keyboard.press('[')
  await page.keyboard.press('[')
  await expect(page.getByTestId('answer')).toContainText('AGM')
  await page.getByRole('tab', { name: 'Build a bank' }).click()
  await expect(page.getByTestId('bank-needs')).toContainText(
    /8 lugs; battery fuse, 100 A; battery disconnect: about \d+0 USD/,
  )
  await saved(page)
  await page.goto(page.url().replace(/power.*$/, 'hookup'))
  await ready(page)
  const list = page.getByRole('region', { name: 'To buy or to find' })
  await expect(list).toContainText('Battery fuse with holder, 100 A')
  await expect(list).toContainText('Battery cable 25 mm², 1 m')
  await expect(findings(page)).toContainText('the fuse is not said')
  await expect(findings(page)).toContainText('two openings to outdoors')
  for (const [name, price] of [
    ['Battery cable 25 mm², 1 m', '15'],
    ['Lugs for 25 mm²', '2'],
    ['Battery fuse with holder, 100 A', '40'],
    ['Battery disconnect', '30'],
  ])
    await enter(list.getByLabel(`Price of ${name}`), price)
  // two cables and eight lugs: 30 + 16 + 40 + 30
  await list.getByRole('button', { name: 'Count 116 USD in the bank’s price' }).click()
  await expect(list.getByRole('button', { name: /^Count/ })).toBeHidden()
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    list.getByRole('button', { name: 'Save as CSV' }).click(),
  ])
  const csv = readFileSync(await file.path(), 'utf8')
  expect(csv).toMatch(/^part,amount,price_each,currency,for\r\n/)
  expect(csv).toContain('"Battery fuse with holder, 100 A",1,40,USD,"24 V AGM bank, 2S2P"')

  // the drawing as a file needs nothing of the page
  const [svg] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as SVG' }).click(),
  ])
  const drawn = readFileSync(await svg.path(), 'utf8')
  expect(svg.suggestedFilename()).toBe('24 V AGM bank, 2S2P.svg')
  expect(drawn).toMatch(/^<svg .*xmlns="http:\/\/www.w3.org\/2000\/svg"/)
  expect(drawn).not.toMatch(/class=|href=|var\(--/)
  expect(drawn).toContain('Breathing aid')

  // what is there is said, and judged
  await drawing(page)
    .getByRole('link', { name: /^24 V AGM bank/ })
    .click()
  const bank = part(page, '24 V AGM bank, 2S2P')
  await enter(bank.getByLabel('Battery cable'), '6')
  await expect(findings(page)).toContainText('6 mm² is too thin')
  await enter(bank.getByLabel('Battery cable'), '35')
  await bank.getByLabel('Battery fuse').selectOption('there is one')
  await enter(bank.getByLabel('Fuse can interrupt'), '20000 A')
  await expect(findings(page)).not.toContainText('cable')
  await expect(list).not.toContainText('Battery fuse')
  await bank.getByRole('button', { name: 'How it is worked out' }).click()
  const working = page.getByRole('dialog', { name: /cable and fuse of its battery/ })
  await expect(working).toContainText('1.25 × amps, the next size that is sold')
  await page.keyboard.press('Escape')
  await expect(working).toBeHidden()
})

test('@soak network gear on 12 V: its outlet, plug, lead and converter, and what they cost', async ({
  page,
}) => {
  await openSample(page, 'loads')
  await page.getByRole('table').getByRole('button', { name: 'Fibre, router, switch', exact: true }).click()
  const load = page.getByLabel('The selected load')
  await load.getByRole('button', { name: /^More: motor start/ }).click()
  await load.getByLabel('Voltage').selectOption('12 V DC')
  await saved(page)
  await page.goto(page.url().replace(/loads.*$/, 'hookup'))
  await ready(page)
  await expect(findings(page)).toContainText('Fibre, router, switch: plug and polarity are not named')
  await expect(drawing(page).getByRole('link', { name: /^12 V, / })).toBeVisible()
  await drawing(page).getByRole('link', { name: 'Fibre, router, switch' }).click()
  const router = part(page, 'Fibre, router, switch')
  await router.getByLabel('Plug').selectOption('round, plus inside')
  await expect(findings(page)).not.toContainText('plug and polarity')
  const answer = page.getByTestId('answer')
  const before = await answer.textContent()
  await enter(router.getByLabel('Device needs'), '48 V')
  await enter(router.getByLabel('Converter passes on'), '50 %')
  await expect(answer).not.toHaveText(before!)
  await enter(router.getByLabel('Lead, wire size'), '0.5')
  await enter(router.getByLabel('Lead, length'), '25')
  await expect(findings(page)).toContainText(/Fibre, router, switch: its lead loses \d+ %/)
  await router.getByRole('button', { name: 'How it is worked out' }).click()
  await expect(page.getByRole('dialog')).toContainText('share its converter passes on')
  await page.keyboard.press('Escape')
  // paper is printed by the colours of the day, and the night comes back
  await page.getByRole('button', { name: 'Night theme' }).click()
  await page.evaluate(() => dispatchEvent(new Event('beforeprint')))
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'light')
  await page.evaluate(() => dispatchEvent(new Event('afterprint')))
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark')
})

test('@soak a cellar pump in the rain: its pit on the clock, by keyboard alone', async ({ page }) => {
  await openSample(page, 'hookup')
  await page.keyboard.press(',')
  await expect(page.getByTestId('answer')).toContainText('November flood')
  const clocks = page.getByRole('region', { name: 'What is lost, and when' })
  const pit = clocks.getByRole('row').filter({ hasText: 'pit runs over' })
  await expect(pit).toContainText(/(Saturday|Sunday) \d\d:\d\d/)
  await expect(findings(page)).toContainText('Sump pump: the pit runs over by')
  const before = await pit.textContent()

  await drawing(page).getByRole('link', { name: 'Sump pump', exact: true }).focus()
  await page.keyboard.press('Enter')
  await expect(part(page, 'Sump pump')).toBeFocused()
  const inflow = part(page, 'Sump pump').getByLabel('Runs in, when measured')
  await inflow.focus()
  await page.keyboard.type('10 L/h')
  await page.keyboard.press('Enter')
  await expect(pit).not.toHaveText(before!)
  await saved(page)
  // the same clock stands on Runtime, and the load’s mark leads back here
  await page.keyboard.press('Escape')
  await page.goto(page.url().replace(/hookup.*$/, 'runtime'))
  await ready(page)
  await expect(page.getByRole('heading', { name: 'What is lost then' })).toBeVisible()
  const levers = page.getByRole('region', { name: 'What adds hours' })
  await levers.getByRole('button', { name: 'Least lost' }).click()
  await expect(levers.getByRole('listitem').first()).toContainText(/first loss|nothing is lost any more/)
  await page.goto(page.url().replace(/runtime$/, 'loads'))
  await ready(page)
  await page.getByRole('table').getByRole('button', { name: 'Sump pump', exact: true }).click()
  await page
    .getByRole('list', { name: 'What can hurt here' })
    .getByRole('link', { name: /water near/ })
    .click()
  await expect(findings(page).locator('li:focus')).toContainText('water near')
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(
    violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`),
  ).toEqual([])
})
