import { describe, expect, test } from '@jest/globals'
import { demoHousehold } from '@/catalog/demoHousehold'
import { bankOf, equipmentClass } from '@/catalog/equipment'
import { planOf } from '@/core/plan/planOf'
import { simulate } from '@/core/simulation/simulate'
import { wallHours } from '@/core/storage/wallHours'
import { energyWorking, foodWorking, lifeWorking, wallWorking } from './propertyWorkings'

const station = equipmentClass('station-2000').source

describe('workings of a candidate’s properties', () => {
  test('the energy: what is taken is what reaches the outlets and what is lost', () => {
    const plan = planOf(demoHousehold())
    const result = simulate(plan, { runs: 40 })
    const { takenWh, outletWh, noLoadWh, conversionWh } = result.chains[0].energy
    expect(outletWh + noLoadWh + conversionWh).toBeCloseTo(takenWh, 6)
    const { steps } = energyWorking(plan, result)
    expect(steps).toHaveLength(1)
    expect(steps[0].values.map(({ name }) => name)).toEqual([
      'reaches the outlets',
      'idle draw',
      'conversion',
    ])
  })

  test('the wall: a 2 A maintenance charger on a big bank needs days', () => {
    const bank = bankOf('agm-12-110', 2, 2, null, 'bank')
    const slow = { ...bank, bank: { ...bank.bank!, chargerA: 2 } }
    expect(wallHours(slow)).toBeGreaterThan(48)
    expect(wallWorking(slow)!.steps[0].values).toContainEqual({ name: 'charger', value: '2 A' })
    expect(wallHours(bank)).toBe(Infinity)
    expect(wallWorking(bank)!.steps[0].result).toBe('no charger')
  })

  test('a station’s hours are its used energy over its AC input, taper and charger counted', () => {
    const used = station.capacityWh.value * (1 - station.reserveFraction.value)
    expect(wallHours(station)).toBeCloseTo((used * 1.1) / (0.9 * station.outfit!.input.acW), 9)
    expect(wallHours({ ...station, outfit: undefined })).toBeNull()
    expect(wallWorking({ ...station, outfit: undefined })).toBeNull()
  })

  test('money: what is not known has no working', () => {
    expect(lifeWorking({ ...station, price: null }, 'USD')).toBeNull()
    expect(lifeWorking(station, 'USD')!.steps.at(-1)!.result).toMatch(/^0\.\d+ USD$/)
    const plan = planOf(demoHousehold())
    const unvalued = { ...plan, household: { ...plan.household, foodValue: undefined } }
    expect(foodWorking(station, unvalued)).toBeNull()
    const valued = { ...plan, household: { ...plan.household, foodValue: station.price! / 4 } }
    expect(foodWorking(station, valued)!.steps[0].result).toBe('4 ×')
  })
})
