import { UNITS_OF } from '@/core/quantity/units'
import { said } from '../../../tests/support/saidTold'
import { describe, expect, test } from '@jest/globals'
import { searchStock } from '@/catalog/searchStock'
import { constant, loadOf, planWith } from '../../../tests/support/samplePlan'
import { USUAL_CONSTRAINTS, candidatesOf } from '@/core/sizing/search/candidates'
import { Search } from '@/core/sizing/search/search'
import { searchWorking } from './searchWorking'

const plan = planWith([loadOf(constant(60))], undefined, 20)
const candidates = candidatesOf(searchStock(120), USUAL_CONSTRAINTS)
const search = new Search([plan], USUAL_CONSTRAINTS, 0.9, null, 20)
const saying = { units: UNITS_OF.metric, startsAt: '' }
const names = new Map([[plan.scenario.id, 'A night']])

describe('the working of what a search found', () => {
  test('of a bank: its parts add up to its price', () => {
    const bank = candidates.find(({ source }) => source.bank && source.bank.series > 1)!
    const { steps } = searchWorking(search.judge(bank), names, 0.9, 'USD', saying)
    expect(steps[0]).toMatchObject({ label: 'A night', values: [{ name: 'needed', value: '20 h' }] })
    const { battery, inverter, series, parallel } = bank.source.bank!
    const fittings = bank.fittings.reduce((sum, { price }) => sum + price, 0)
    expect(bank.price).toBe(series * parallel * battery.price! + inverter!.price! + fittings)
    expect(steps[1].values).toHaveLength(2 + bank.fittings.length)
  })

  test('of one that does not hold: why', () => {
    const small = candidates.find(({ source }) => source.capacityWh.value < 400)!
    const judged = search.judge(small)
    expect(judged.why).not.toBeNull()
    expect(searchWorking(judged, names, 0.9, 'USD', saying).note).toContain(said(judged.why))
  })
})
