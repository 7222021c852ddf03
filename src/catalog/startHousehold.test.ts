import { describe, expect, test } from '@jest/globals'
import { busyFault } from '@/core/simulation/switchingBudget'
import { readHousehold } from '@/core/plan/household'
import { planOf } from '@/core/plan/planOf'
import { evaluate } from '../../tests/support/saidEvaluation'
import { answerText } from '@/words/answer/answerParts'
import { APPLIANCES } from './appliances'
import { countryOf, usualOf } from './countries'
import {
  COMMON_THINGS,
  SEASONS,
  type StartAnswers,
  type StartPower,
  climateNear,
  startHousehold,
  startOf,
} from './startHousehold'

const TODAY = '2026-11-26'
const answers = (of: Partial<StartAnswers> = {}): StartAnswers => ({
  name: 'Our house',
  place: { name: 'Fern Ridge', latitudeDeg: 44.5, longitudeDeg: -71.6, utcOffsetH: -5 },
  ...usualOf('US'),
  hours: 14,
  season: 'winter',
  things: [
    { id: 'refrigerator', count: 1 },
    { id: 'furnace', count: 1 },
    { id: 'drain-pump', count: 1 },
    { id: 'network', count: 1 },
    { id: 'phones', count: 4 },
  ],
  written: [],
  power: { kind: 'station', capacityWh: 2000, watts: 2400, surgeW: null },
  ...of,
})

const POWERS: StartPower[] = [
  { kind: 'nothing' },
  { kind: 'station', capacityWh: 500, watts: 300, surgeW: 600 },
  { kind: 'battery', chemistry: 'agm', volts: 24, ah: 110, watts: 1500 },
  { kind: 'battery', chemistry: 'lifepo4', volts: 12, ah: 280, watts: 2000 },
  { kind: 'battery', chemistry: 'flooded', volts: 48, ah: 220, watts: 3000 },
  { kind: 'generator', watts: 2000 },
  { kind: 'car' },
]

describe('a household from the start sheet', () => {
  test('five ticks and a label give an answer of one’s own', () => {
    const household = startHousehold(answers(), TODAY)
    const text = answerText(evaluate(planOf(household), { runs: 60 }).answer)
    expect(text).toMatch(/^In a winter night, from Friday 6:00 pm, the 2 kWh station carries the loads for /)
    expect(household.loads.find(({ id }) => id === 'phones')?.count).toBe(4)
    expect(household.scenarios[0]).toMatchObject({
      startsAt: '2027-01-15T18:00',
      outdoor: { lowC: -14, highC: -5 },
      place: { utcOffsetH: -5 },
    })
    // in a cold outage the furnace must not stop; the refrigerator may be paused
    const tierOf = (id: string) =>
      household.loads.find((one) => one.id === id)!.standings['first-outage'].tier
    expect([tierOf('furnace'), tierOf('refrigerator')]).toEqual(['critical', 'flexible'])
  })

  test.each(POWERS)('whatever there is, it is a household that can be worked out: %o', (power) => {
    for (const country of ['US', 'JP', 'DE'])
      for (const season of SEASONS) {
        const things = COMMON_THINGS.map((id) => ({ id, count: 1 }))
        const household = startHousehold(answers({ ...usualOf(country), power, season, things }), TODAY)
        const reading = readHousehold(JSON.parse(JSON.stringify(household)))
        expect(reading.ok ? [] : reading.faults).toEqual([])
        expect(busyFault(household)).toBeNull()
      }
    const household = startHousehold(answers({ power }), TODAY)
    expect(answerText(evaluate(planOf(household), { runs: 20 }).answer)).not.toBe('')
  })

  test('a battery twice as large lasts longer, one on its label’s watts carries no more than they say', () => {
    const of = (ah: number) =>
      evaluate(
        planOf(
          startHousehold(
            answers({ power: { kind: 'battery', chemistry: 'lifepo4', volts: 12, ah, watts: 2000 } }),
            TODAY,
          ),
        ),
        { runs: 40 },
      ).gates
    expect(of(280).lasts.runtimeMin).toBeGreaterThan(1.5 * of(140).lasts.runtimeMin)
    expect(of(280).carries.limitW).toBe(2000)
  })

  test('all that is common is in the catalogue', () => {
    for (const id of COMMON_THINGS) expect(APPLIANCES.some((one) => one.id === id)).toBe(true)
  })
})

describe('where and when', () => {
  test.each([
    ['north of the sea', 51.5, -0.1, 'mild-coast'],
    ['an inland town', 44.5, -71.6, 'cold-inland'],
    ['a gulf', 29.8, -95.4, 'warm-humid'],
    ['an olive coast', 36.7, -4.4, 'dry-summer'],
    ['above the circle', 69.6, 18.9, 'far-north'],
    ['south of the line', -33.9, 151.2, 'warm-humid'],
  ])('%s', (_, latitudeDeg, longitudeDeg, id) => {
    expect(climateNear({ latitudeDeg, longitudeDeg }).id).toBe(id)
  })

  test('winter is in July south of the equator; a day that has passed comes next year', () => {
    expect(startOf('winter', 44, TODAY)).toBe('2027-01-15T18:00')
    expect(startOf('winter', -34, TODAY)).toBe('2027-07-15T18:00')
    expect(startOf('autumn', 44, '2027-10-14')).toBe('2027-10-15T18:00')
    expect(startOf('autumn', 44, '2027-10-15')).toBe('2028-10-15T18:00')
  })

  test('what is usual in a country', () => {
    expect(usualOf('US')).toMatchObject({ mains: '120/240 V split phase', currency: 'USD' })
    expect(usualOf('US').units).toMatchObject({ temperature: '°F', volume: 'gal', clock: '12 h' })
    expect(usualOf('CA').units).toMatchObject({ temperature: '°C', wire: 'AWG', clock: '12 h' })
    expect(usualOf('DE')).toMatchObject({ mains: '230 V', currency: 'EUR', units: { decimal: ',' } })
    expect(usualOf('JP').mains).toBe('120 V')
    expect(usualOf('QQ')).toMatchObject({ mains: '230 V', currency: 'USD' })
    expect([countryOf('en-US'), countryOf('de'), countryOf('zh-Hant-TW')]).toEqual(['US', null, 'TW'])
  })
})
