import { type Locator, type Page, expect, test } from '@playwright/test'
import { answer, answerNow, changedAnswer, openSample, ready, saved, enter } from './support'

test('a new visitor reads one sentence about the sample household', async ({ page }) => {
  await openSample(page)
  await expect(answer(page)).toHaveText(
    /^Breathing aid has no power from about Saturday 22:\d0\. In February ice, from Friday 18:00, the 2 kWh station carries the critical loads for 1\d h( \d0 min)?, likely \d+ to \d+ h\. It first runs out about Saturday \d\d:\d0.*With 90 % confidence it is .* short of the 42 h you planned for, and the sun brings back \d+(\.\d)? h of every 24\.$/,
  )
  await expect(page.getByText('sample data')).toBeVisible()
  await expect(page.getByTestId('gate-refills')).toContainText('of 24')
})

test('the sentence is in the page before any script runs', async ({ request }) => {
  const response = await request.get('/')
  const text = (await response.text()).replace(/<[^>]+>/g, '')
  expect(text).toContain('the 2 kWh station carries the critical loads for')
})

/** Opens a page of the sample whose scripts are still on their way. @returns lets them come */
async function openWithoutScripts(page: Page, step: string): Promise<() => void> {
  const { location } = (await page.request.get('/', { maxRedirects: 0 })).headers()
  let letScriptsCome = () => {}
  const scriptsMayCome = new Promise<void>((resolve) => (letScriptsCome = resolve))
  await page.route('**/_next/static/**/*.js', async (route) => {
    await scriptsMayCome
    await route.continue()
  })
  await page.goto(location.replace(/[^/]*$/, step), { waitUntil: 'commit' })
  return letScriptsCome
}

test('on a phone the folded answer opens at a tap before its scripts have come, and stays open', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  const letScriptsCome = await openWithoutScripts(page, 'runtime')
  const folded = page.getByLabel('The answer').getByRole('button').first()
  await expect(folded).toHaveAttribute('aria-expanded', 'false')
  await expect(answer(page)).toBeHidden()
  await folded.click()
  await expect(answer(page)).toBeVisible()
  await expect(folded).toHaveAttribute('aria-expanded', 'true')
  letScriptsCome()
  await expect(page.getByText('What you tapped is kept')).toBeHidden()
  await ready(page)
  await expect(answer(page)).toBeVisible()
  await folded.click()
  await expect(answer(page)).toBeHidden()
})

test('what is tapped and typed while the scripts are still on their way is kept, told and done', async ({
  page,
}) => {
  const letScriptsCome = await openWithoutScripts(page, 'loads')
  const boiler = page.getByRole('switch', { name: 'Boiler, two circulators on' })
  const before = await answerNow(page)
  await boiler.click()
  await page.getByLabel('How many').fill('2')
  await page.getByRole('button', { name: 'Night theme' }).click()
  await expect(page.getByText('What you tapped is kept and done as soon as it can.')).toBeVisible()
  await expect(page.locator('html')).not.toHaveAttribute('data-theme')
  letScriptsCome()
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark')
  await changedAnswer(page, before)
  await expect(boiler).not.toBeChecked()
  await expect(page.getByLabel('How many')).toHaveValue('2')
  await expect(page.getByText('What you tapped is kept')).toBeHidden()
  await saved(page)
  await page.reload()
  await expect(page.getByLabel('How many')).toHaveValue('2')
})

test('the styles a page came with stay where they are while its scripts take over', async ({ page }) => {
  await page.addInitScript(() => {
    const moved: string[] = []
    Object.assign(window, { moved })
    new MutationObserver((changes) => {
      for (const { removedNodes } of changes)
        for (const { nodeName } of removedNodes) if (nodeName === 'STYLE') moved.push(nodeName)
    }).observe(document, { childList: true, subtree: true })
  })
  await openSample(page)
  await expect(page.locator('style[data-styles]')).toHaveCount(1)
  expect(await page.evaluate(() => (window as unknown as { moved: string[] }).moved)).toEqual([])
})

test('switching a load off lengthens the answer, and is still so after a reload', async ({ page }) => {
  await openSample(page, 'loads')
  const before = await answerNow(page)
  await page.getByRole('switch', { name: 'Boiler, two circulators on' }).click()
  const after = await changedAnswer(page, before)
  const hours = (text: string) => Number(text.match(/for (\d+) h/)?.[1])
  expect(hours(after)).toBeGreaterThan(hours(before))
  await saved(page)
  await page.reload()
  await ready(page)
  await expect(answer(page)).toHaveText(after)
  await expect(page.getByRole('switch', { name: 'Boiler, two circulators on' })).not.toBeChecked()
})

test('every keystroke in a load’s watts moves the sentence, the gates and the chart’s words', async ({
  page,
}) => {
  await openSample(page, 'loads')
  await page.getByRole('button', { name: 'Fibre, router, switch', exact: true }).click()
  const carries = page.getByTestId('gate-carries')
  await expect(carries).toContainText('1,032 W')
  await page.getByLabel('Running watts').fill('0.124 kW')
  await expect(page.getByText('124 W', { exact: true }).first()).toBeVisible()
  await expect(carries).toContainText('1,132 W')
  await page.getByLabel('Running watts').press('Enter')
  await saved(page)
  await page.keyboard.press('4')
  await page.getByLabel('Running watts').blur()
  await page.keyboard.press('4')
  await expect(page.getByRole('img', { name: /^State of charge\. .*In February ice/ })).toBeVisible()
})

test('@soak another station, another outage, other tiers: chosen in the sentence itself', async ({
  page,
}) => {
  await openSample(page)
  const first = await answerNow(page)
  await answer(page).getByRole('button', { name: '2 kWh station' }).click()
  await page.getByRole('menuitem', { name: '24 V 200 Ah LiFePO4 bank' }).click()
  const second = await changedAnswer(page, first)
  expect(second).toContain('the 24 V 200 Ah LiFePO4 bank carries')
  await answer(page).getByRole('button', { name: 'critical loads' }).click()
  await page.getByRole('menuitem', { name: 'All loads on battery' }).click()
  const third = await changedAnswer(page, second)
  await answer(page).getByRole('button', { name: 'February ice', exact: true }).click()
  await page.getByRole('menuitem', { name: 'August line work' }).click()
  expect(await changedAnswer(page, third)).toMatch(/^In August line work, from Tuesday 08:00/)
  await saved(page)
  await page.reload()
  await expect(answer(page)).toHaveText(/^In August line work, .* the 24 V 200 Ah LiFePO4 bank carries/)
})

test('the outage’s start and length', async ({ page }) => {
  await openSample(page, 'outage')
  await enter(page.getByLabel('Outage length'), '8 h')
  await expect(answer(page)).toContainText('all 8 h you planned for, to Saturday 02:00')
  await enter(page.getByLabel('Starts at', { exact: true }), '6 am')
  await expect(answer(page)).toContainText('from Friday 06:00')
  await enter(page.getByLabel('Starts', { exact: true }), '2027-02-07')
  await expect(answer(page)).toContainText('from Sunday 06:00')
  // or picked
  const starts = page.getByRole('group', { name: 'When the outage starts' })
  await starts.getByRole('button', { name: 'Pick a day' }).click()
  await page
    .getByRole('dialog', { name: 'Pick a day: Starts' })
    .getByRole('gridcell', { name: '9', exact: true })
    .click()
  await expect(answer(page)).toContainText('from Tuesday 06:00')
  await expect(page.getByLabel('Starts', { exact: true })).toHaveValue('9 Feb 2027')
  await starts.getByRole('button', { name: 'Pick a time' }).click()
  const clock = page.getByRole('dialog', { name: 'Pick a time: Starts at' })
  await clock.getByRole('option', { name: '7 hours', exact: true }).click()
  await expect(answer(page)).toContainText('from Tuesday 07:00')
  await page.keyboard.press('Escape')
  await expect(clock).toBeHidden()
  await enter(page.getByLabel('Starts', { exact: true }), '2/9/2027')
  await expect(page.getByText(/9 Feb 2027 for some and|2 Sep 2027 for/)).toBeVisible()
  await page.getByLabel('Starts', { exact: true }).press('Escape')
  await saved(page)
  await page.reload()
  await expect(answer(page)).toContainText('from Tuesday 07:00')
})

test('@soak every figure of the strip opens its working, with values, evidence and result', async ({
  page,
}) => {
  await openSample(page)
  const titles: [string, RegExp][] = [
    ['gate-carries', /Running power/],
    ['gate-starts', /Starting surge/],
    ['gate-lasts', /The margin/],
    ['gate-refills', /Recharge: a day in, a day out/],
  ]
  for (const [gate, title] of titles) {
    await page.getByTestId(gate).click()
    await expect(page.getByRole('dialog')).toContainText(title)
    await page.keyboard.press('Escape')
    await expect(page.getByRole('dialog')).toBeHidden()
  }
  for (const figure of await answer(page).getByTitle('The working').all()) {
    await figure.click()
    await expect(page.getByRole('dialog').getByRole('listitem').first()).toBeVisible()
    await page.keyboard.press('Escape')
    await expect(page.getByRole('dialog')).toBeHidden()
  }
  await answer(page).getByTitle('The working').first().click()
  await expect(page.getByRole('dialog')).toContainText('capacity × (charge at the start − reserve)')
  await expect(
    page.getByRole('dialog').getByRole('img', { name: 'Evidence: measured' }).first(),
  ).toBeVisible()
})

test('@soak options stand side by side; the chosen one’s figures are fields, and the two schools of loss differ', async ({
  page,
}) => {
  await openSample(page, 'power')
  const row = page.getByRole('row', { name: /^Runtime at the chosen confidence/ })
  await expect(row.getByRole('cell')).toHaveCount(6)
  await expect(row).not.toContainText('…')
  await enter(page.getByLabel('Capacity of 2 kWh station'), '4 kWh')
  await expect(answer(page)).toContainText(/for 3[1-4] h/)
  const larger = await answerNow(page)
  await page.getByLabel('Loss estimate of 2 kWh station').selectOption('flat')
  await changedAnswer(page, larger)
  await expect(page.getByLabel('Usable share of 2 kWh station')).toHaveValue('82 %')
  await page.getByRole('button', { name: '1 kWh station portable' }).click()
  await expect(answer(page)).toContainText(/the 1 kWh station (would carry|carries)/)
})

test('a 240 V pump on a 120 V station is told in the sentence, the gate and the table', async ({ page }) => {
  await openSample(page, 'power')
  await answer(page).getByRole('button', { name: 'critical loads' }).click()
  await page.getByRole('menuitem', { name: 'Critical and flexible loads' }).click()
  await expect(answer(page)).toHaveText(/^Well pump cannot run: 240 V is needed/)
  await expect(page.getByTestId('gate-carries')).toContainText('Well pump needs 240 V')
  await expect(page.getByRole('row', { name: /^Voltage/ })).toContainText('short: no 240 V')
})

test('the plan document downloads, and is one that the command reads', async ({ page, request }) => {
  const id = await openSample(page)
  const cookies = (await page.context().cookies()).map(({ name, value }) => `${name}=${value}`).join('; ')
  const response = await request.get(`/api/households/${id}/plan?powerSystem=station-1000`, {
    headers: { cookie: cookies },
  })
  expect(response.headers()['content-disposition']).toContain('plan-february-ice-station-1000.json')
  expect(await response.json()).toMatchObject({
    format: 'yotrope-plan',
    version: 11,
    powerSystem: { id: 'station-1000' },
  })
})

/** What comes last on a page of the sample. */
const LAST: Record<string, (page: Page) => Locator> = {
  outage: (page) => page.getByLabel('Outage length'),
  loads: (page) => page.getByRole('switch', { name: 'Boiler, two circulators on' }),
  power: (page) => page.getByTestId('chosen-notes').getByText('the cheapest is'),
  runtime: (page) => page.getByTestId('worse-case'),
  recharge: (page) => page.getByText(/^lowest \d+ %$/),
  hookup: (page) => page.getByTestId('hookup-summary').getByText('dangerous'),
}

test('on a phone nothing moves while the parts of a page come', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.addInitScript(() => {
    const seen = window as unknown as { moved: number }
    seen.moved = 0
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries() as (PerformanceEntry & { value: number })[])
        seen.moved += entry.value
    }).observe({ type: 'layout-shift', buffered: true })
  })
  for (const [step, last] of Object.entries(LAST)) {
    const letScriptsCome = await openWithoutScripts(page, step)
    await expect(page.getByLabel('The answer').first()).toBeVisible()
    letScriptsCome()
    await ready(page)
    await expect(last(page).first()).toBeVisible()
    const moved = await page.evaluate(() => (window as unknown as { moved: number }).moved)
    expect(moved, step).toBeLessThan(0.02)
  }
})
