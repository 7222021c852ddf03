import { type Page, expect, test } from '@playwright/test'
import { answer, answerNow, openSample, ready, saved, openTab } from './support'

type Household = any

/** Opens the sample with its household changed beforehand, on a page. */
async function openChanged(page: Page, step: string, change: (household: Household) => void) {
  const id = await openSample(page, 'runtime')
  const { household, version } = await (await page.request.get(`/api/households/${id}`)).json()
  change(household)
  // as the page itself saves: changes are taken from the site's own pages alone
  const status = await page.evaluate(
    async ([url, body]) =>
      (await fetch(url, { method: 'PUT', headers: { 'content-type': 'application/json' }, body })).status,
    [`/api/households/${id}`, JSON.stringify({ baseVersion: version, household })],
  )
  expect(status).toBe(200)
  await page.goto(`/h/${id}/${step}`)
  await ready(page)
}

const loadOf = (household: Household, id: string) => household.loads.find((load: Household) => load.id === id)
const standing = (household: Household, id: string) =>
  loadOf(household, id).standings[household.chosen.scenarioId]
const w = (value: number) => ({ value, unit: 'W', spread: { times: 1.1 }, evidence: 'label' })

/** Nothing but what the breathing aid of the sample lacks stands before what is carried. */
const CARRIED = /^((Fibre, router, switch|Breathing aid) has no power from about [^.]+\. )*In /

test.describe('the sentence tells what breaks first', () => {
  test('a furnace too strong for the station: in the colour of a fault, the hours as a condition; taking turns opens the gate', async ({
    page,
  }) => {
    await openChanged(page, 'power', (household) => {
      const boiler = loadOf(household, 'boiler')
      boiler.behaviour.runningW = w(2600)
      boiler.behaviour.averageW = w(300)
    })
    await expect(answer(page)).toHaveText(
      /^Too much runs at once: .*, Boiler.* the largest; it would switch off\. .*Otherwise, in /,
    )
    await expect(answer(page)).toHaveText(/would carry the/)
    const fault = answer(page).getByText('Too much runs at once')
    const colour = (target: typeof fault) => target.evaluate((element) => getComputedStyle(element).color)
    expect(await colour(fault)).not.toBe(await colour(answer(page)))
    await expect(page.getByTestId('gate-carries')).toContainText('short')
  })

  test('a critical load off, by its own switch, and on again', async ({ page }) => {
    await openSample(page, 'loads')
    const before = await answerNow(page)
    expect(before).toMatch(CARRIED)
    const name = 'Boiler, two circulators'
    await page.getByRole('switch', { name: `${name} on` }).click()
    await expect(answer(page)).toHaveText(
      new RegExp(`${name} must not stop, but is switched off\\. For the rest: in `),
    )
    await page.getByRole('switch', { name: `${name} on` }).click()
    await expect(answer(page)).toHaveText(CARRIED)
  })

  test('a rule that drops the heating is told with its hours, and what that costs where it is made', async ({
    page,
  }) => {
    await openSample(page, 'recharge')
    const editor = page.getByRole('group', { name: 'A new rule' })
    await editor.getByLabel('Load to shed').selectOption({ label: 'Boiler, two circulators' })
    await expect(page.getByTestId('rule-cost')).toContainText('the house cools')
    await editor.getByRole('button', { name: 'Add the rule' }).click()
    await expect(answer(page)).toHaveText(
      /Boiler, two circulators must not stop, but a rule keeps it off for about .* of this outage/,
    )
    await expect(page.getByText('This rule is there already.')).toBeVisible()
    await page.getByRole('button', { name: /^No longer: Boiler/ }).click()
    await expect(answer(page)).toHaveText(CARRIED)
  })

  test('@soak rotation: two loads too strong together take turns by one key, and the gate opens', async ({
    page,
  }) => {
    await openChanged(page, 'power', (household) => {
      const spare = structuredClone(loadOf(household, 'network'))
      household.loads.push({
        ...spare,
        id: 'heater',
        name: 'Heater',
        behaviour: {
          kind: 'session',
          runningW: w(1500),
          minutesEach: { value: 30, unit: 'min', spread: { times: 1.2 }, evidence: 'typical' },
          when: { at: ['20:00'] },
        },
        start: null,
      })
    })
    await expect(answer(page)).toHaveText(/^Too much runs at once/)
    const turns = page.getByTestId('chosen-notes').getByRole('button', { name: /take turns$/ })
    await turns.click()
    await expect(answer(page)).not.toHaveText(/^Too much runs at once/)
    await expect(page.getByTestId('gate-carries')).toContainText('enough')
  })

  test('a medical device is asked about before a lane pauses it', async ({ page }) => {
    await openChanged(page, 'runtime', (household) => {
      loadOf(household, 'network').medical = true
    })
    const lane = page.getByTestId('lane-network')
    await lane.hover()
    await lane.getByRole('button', { name: /off for an hour/ }).click()
    const dialog = page.getByRole('dialog')
    await expect(dialog).toContainText('medical device')
    await dialog.getByRole('button', { name: 'Leave it on' }).click()
    await expect(answer(page)).toHaveText(CARRIED)
    await lane.getByRole('button', { name: /off for an hour/ }).click()
    await page
      .getByRole('dialog')
      .getByRole('button', { name: /all the same/ })
      .click()
    await expect(answer(page)).toHaveText(/must not stop, but is paused for 1 h/)
    await expect(page.getByTestId('cost-network')).toContainText('supplier')
    await saved(page)
  })
})

test.describe('what endangers is told', () => {
  test('@soak a string on a guessed cold does not fit until the number is typed', async ({ page }) => {
    await openChanged(page, 'recharge', (household) => {
      household.refill.recordLowC = null
      const [array] = household.refill.panels
      Object.assign(array, { series: 2, parallel: 1 })
      for (const system of household.powerSystems)
        for (const source of system.sources)
          if (source.outfit?.input.solar) source.outfit.input.solar.highV = 60
      for (const scenario of household.scenarios) scenario.place.latitudeDeg = 30
    })
    const verdict = page.getByTestId('string-verdict').first()
    await expect(verdict).toContainText(/which is a guess.*Type the coldest it has ever been here/)
    await expect(verdict).not.toHaveAttribute('data-verdict', 'fits')
    const field = page.getByTestId('asks-record-cold').first().getByLabel('Coldest ever here')
    await field.fill('-5')
    await field.press('Enter')
    await expect(verdict).toHaveAttribute('data-verdict', /fits|clipped/)
    await expect(page.getByTestId('asks-record-cold')).toHaveCount(0)
  })

  test('@soak a 12 V car does not charge a 24 V bank: nothing comes in, and a step-up charger is asked for', async ({
    page,
  }) => {
    await openChanged(page, 'recharge', (household) => {
      const bank = household.powerSystems.find(({ sources }: Household) => sources[0].bank)
      household.chosen.powerSystemId = bank.id
      household.refill.panels = []
      household.refill.car = {
        name: 'Car, cables to the alternator',
        on: true,
        way: 'alternator',
        alternatorA: 80,
        watts: 368,
        idleLPerH: 0.9,
        onHandL: 30,
        batteryWh: 0,
        floorFraction: 0,
      }
      const scenario = household.scenarios.find(({ id }: Household) => id === household.chosen.scenarioId)
      scenario.charging = { generator: [], grid: [], car: [{ fromMin: 60, toMin: 300 }] }
    })
    await expect(page.getByTestId('car-sum')).toContainText('It brings nothing.')
    await expect(page.getByTestId('car-why')).toContainText('step-up (DC to DC) charger')
    await expect(answer(page)).toContainText('needs a step-up')
    await page.getByRole('button', { name: 'Change the car' }).click()
    const field = page.getByLabel('Step-up charger')
    await field.fill('300')
    await field.press('Enter')
    await expect(page.getByTestId('car-sum')).not.toContainText('It brings nothing.')
    await expect(page.getByTestId('car-why')).toContainText('passes 300 W')
  })

  test('@soak a search with a critical medical device offers no bank to be wired, unless asked otherwise', async ({
    page,
  }) => {
    await openChanged(page, 'power', (household) => {
      loadOf(household, 'network').medical = true
      for (const load of household.loads)
        if (load.id !== 'network')
          load.standings[household.chosen.scenarioId] = { on: false, tier: 'optional' }
      standing(household, 'network').on = true
    })
    await openTab(page, 'Find')
    const box = page.getByRole('region', { name: 'Search the catalogue' })
    const plain = box.getByLabel(/be ready to plug in/)
    await expect(plain).toBeChecked()
    await box.getByRole('button', { name: 'Search', exact: true }).click()
    await expect(box.getByTestId('search-answer')).toContainText(/lasts|Nothing here does it all/)
    await expect(box.getByTestId('search-answer')).not.toContainText('So far')
    await expect(box.getByTestId('search-answer')).not.toContainText(/\dS\dP/)
    await expect(box.getByTestId('buyer-must')).toContainText(/plug in/)
    await plain.uncheck()
    await expect(box).toContainText('have a bank wired and tested by somebody qualified')
  })
})
