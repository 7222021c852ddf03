// `npm run screenshots`: one current picture of each main view, from the sample data, into docs/screenshots/.
import { mkdirSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { ensureBuild, ensureModules } from './build.mjs'
import { freePort } from './database.mjs'
import { runInstance } from './instance.mjs'
import { CHROMIUM, MARIADB, ensureProgram, find } from './packages.mjs'
import { ROOT, placeOf } from './paths.mjs'

await ensureProgram(MARIADB)
await ensureProgram(CHROMIUM)
await ensureModules()
await ensureBuild()
const { chromium } = await import('@playwright/test')
const VIEWS = [
  { name: 'start-day', path: '/start', act: tickFour },
  { name: 'runtime-day', step: 'runtime' },
  { name: 'runtime-night', step: 'runtime', colorScheme: 'dark' },
  {
    name: 'loads-day',
    step: 'loads',
    act: (page) =>
      page.getByRole('table').getByRole('button', { name: 'Larder refrigerator', exact: true }).click(),
  },
  { name: 'power-day', step: 'power' },
  { name: 'power-search', step: 'power', act: search },
  { name: 'power-bank', step: 'power', act: openBank },
  { name: 'what-if', step: 'runtime', act: showWorse },
  { name: 'outage-day', step: 'outage' },
  { name: 'working', step: 'runtime', act: openWorking },
  { name: 'recharge-day', step: 'recharge', act: planDay },
  { name: 'recharge-panels', step: 'recharge', act: showPanels },
  { name: 'hookup-day', step: 'hookup', act: showHookup },
  { name: 'run-day', step: 'run', act: showRun },
  { name: 'run-phone-night', step: 'run', phone: true, colorScheme: 'dark', act: showRun },
  { name: 'loads-phone', step: 'loads', phone: true },
  { name: 'load-phone', step: 'loads', phone: true, act: openLoad },
  { name: 'runtime-phone-night', step: 'runtime', phone: true, colorScheme: 'dark' },
  {
    name: 'recharge-phone-night',
    step: 'recharge',
    phone: true,
    colorScheme: 'dark',
    act: planDay,
  },
]
/** Four ticks and a station's label. */
async function tickFour(page) {
  for (const name of ['Refrigerator', 'Gas furnace with blower', 'Sump pump', 'Fibre terminal and router'])
    await page.getByLabel(name, { exact: true }).check()
  await page.getByLabel('A power station').check()
  await page.getByLabel('Capacity').fill('2 kWh')
  await page.getByLabel('Capacity').press('Enter')
  await page.getByTestId('answer').filter({ hasText: '2 kWh station' }).waitFor()
}
/** The drawing, once what can hurt was found. */
async function showHookup(page) {
  await page.getByRole('region', { name: 'What can hurt' }).getByRole('listitem').first().waitFor()
  await page.getByTestId('hookup-summary').evaluate((element) => element.scrollIntoView({ block: 'start' }))
}
async function search(page) {
  await page.getByRole('tab', { name: 'Find', exact: true }).click()
  const box = page.getByRole('region', { name: 'Search the catalogue' })
  await box.getByRole('button', { name: 'Search', exact: true }).click()
  await box.getByRole('heading', { name: 'Near misses' }).waitFor()
  await box.evaluate((element) => element.scrollIntoView({ block: 'start' }))
}
async function openBank(page) {
  await page
    .getByRole('button', { name: /24 V AGM bank/ })
    .last()
    .click()
  await page.getByRole('tab', { name: 'Build a bank' }).click()
  const bank = page.getByRole('region', { name: /The bank of/ })
  await bank.waitFor()
  await page.waitForTimeout(1500)
  await bank.evaluate((element) => element.scrollIntoView({ block: 'start' }))
}
/** A generator in the evening and a grid that comes back now and then. */
async function planDay(page) {
  const tool = page.getByRole('group', { name: 'What comes back' })
  await tool.getByLabel('What comes back', { exact: true }).selectOption('generator')
  await tool.getByRole('button', { name: 'Add to plan' }).click()
  await page.getByTestId('answer').filter({ hasText: 'generator' }).waitFor({ state: 'attached' })
  await page.getByRole('main').evaluate(() => window.scrollTo(0, 0))
  await page.waitForTimeout(1500)
}
async function showPanels(page) {
  const panels = page.getByRole('region', { name: 'Two 220 W panels, lean-to' })
  await panels.getByRole('button', { name: 'Change it' }).click()
  await panels.evaluate((element) => element.scrollIntoView({ block: 'start' }))
}
async function showWorse(page) {
  await page.getByRole('heading', { name: 'What if it comes worse' }).scrollIntoViewIfNeeded()
  await page.getByTestId('worse-case').first().waitFor()
  await page.waitForTimeout(1500)
  await page.getByTestId('readout').evaluate((element) => element.scrollIntoView({ block: 'start' }))
}
async function openLoad(page) {
  await page.getByRole('button', { name: 'Larder refrigerator', exact: true }).click()
  await page.getByLabel('Running watts').waitFor()
}
/** A run of an evening, read every half hour. */
async function showRun(page) {
  const id = new URL(page.url()).pathname.split('/')[2]
  await page.evaluate(async (household) => {
    const at = `/api/households/${household}`
    const plan = await (await fetch(`${at}/plan`)).json()
    const start = Date.parse(`${plan.scenario.startsAt}:00.000Z`)
    const post = (path, body) =>
      fetch(path, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(body),
      })
    const startedAt = new Date(start).toISOString()
    const sourceId = plan.powerSystem.sources[0].id
    const head = {
      id: 'shown',
      kind: 'test',
      name: 'Test of 2 kWh station',
      startedAt,
      startsLocal: plan.scenario.startsAt,
      plan,
      sourceId,
    }
    await post(`${at}/runs`, head)
    const entries = [100, 98, 96, 93, 91, 89, 87, 85, 82].map((percent, i) => {
      const moment = new Date(start + i * 1_800_000).toISOString()
      return {
        id: `e${i}`,
        at: moment,
        local: moment.slice(0, 16),
        typedAt: moment,
        kind: 'reading',
        sourceId,
        chargeFraction: percent / 100,
        ...(i % 2 ? {} : { nowW: 150 + 10 * i }),
      }
    })
    await post(`${at}/runs/shown/entries`, { entries })
  }, id)
  await page.goto(`${page.url()}?run=shown`)
  await page.getByTestId('run-entry').first().waitFor()
  await page.getByTestId('run-sentence').waitFor()
  await page.waitForTimeout(2500)
}
async function openWorking(page) {
  await page.getByTestId('answer').getByTitle('The working').first().click()
  await page.getByRole('dialog').getByRole('listitem').first().waitFor()
}

const folder = join(ROOT, 'docs', 'screenshots')
mkdirSync(folder, { recursive: true })
const place = placeOf('screenshots')
rmSync(place.home, { recursive: true, force: true })
const instance = await runInstance(place, await freePort())
const browser = await chromium.launch({
  executablePath: find(CHROMIUM.program),
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-background-networking',
    '--no-first-run',
    '--disable-sync',
  ],
})
try {
  for (const { name, step, path, act, phone, colorScheme = 'light' } of VIEWS) {
    const viewport = phone ? { width: 390, height: 844 } : { width: 1280, height: 800 }
    const context = await browser.newContext({ viewport, colorScheme, reducedMotion: 'reduce' })
    const page = await context.newPage()
    await page.goto(`http://127.0.0.1:${instance.port}${path ?? '/'}`)
    if (step && step !== 'runtime') await page.goto(page.url().replace(/runtime$/, step))
    if (step)
      await page
        .getByTestId('save-status')
        .filter({ hasText: /Saved \d/ })
        .waitFor()
    await page.waitForLoadState('networkidle')
    await act?.(page)
    // cells that are still being worked out show three dots
    await page.waitForFunction(() =>
      [...document.querySelectorAll('td')].every((cell) => cell.textContent.trim() !== '…'),
    )
    await page.mouse.move(0, 0)
    await page.screenshot({ path: join(folder, `${name}.png`), animations: 'disabled' })
    await context.close()
  }
} finally {
  await browser.close()
  await instance.stop()
}
