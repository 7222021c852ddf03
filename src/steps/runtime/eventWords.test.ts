import { describe, expect, test } from '@jest/globals'
import { bankOf, equipmentClass, sourceOf } from '@/catalog/equipment'
import { quantity } from '@/core/quantity/quantity'
import { simulate } from '@/core/simulation/simulate'
import { constant, exactSource, loadOf, planWith } from '../../../tests/support/samplePlan'
import { eventWords, isNotable } from './eventWords'

const told = (plan: ReturnType<typeof planWith>) =>
  simulate(plan, { runs: 30 })
    .events.filter(isNotable)
    .map((event) => eventWords(event, plan))

describe('what is told on the way', () => {
  test('an end by the reserve is told elsewhere', () =>
    expect(told(planWith([loadOf(constant(200))], [exactSource()], 24))).toEqual([]))

  test('a unit that goes to sleep', () =>
    expect(told(planWith([loadOf(constant(3))], [sourceOf(equipmentClass('station-300'), 'main')]))).toEqual([
      '300 Wh station goes to sleep: too little is drawn',
    ]))

  test('an inverter that cuts off on low volts before a depth chosen too deep', () => {
    const bank = bankOf('flooded-12-100', 1, 1, 'inverter-1000-12', 'Old bank')
    const deep = { ...bank, reserveFraction: quantity(0.02, '1', 'label', { plusMinus: 0 }) }
    expect(told(planWith([loadOf(constant(450))], [deep]))).toContain(
      'Old bank cuts off on low volts, before its reserve',
    )
  })

  test('the next in turn taking over, by its name', () => {
    const second = { ...exactSource(), id: 'second', name: 'Spare station', afterSourceId: 'main' }
    expect(told(planWith([loadOf(constant(400))], [exactSource(), second]))).toContain(
      'Spare station takes over',
    )
  })

  test('a load past the continuous watts', () =>
    expect(told(planWith([loadOf(constant(3000), { name: 'Heater' })]))).toContain(
      'Heater takes it past the continuous limit',
    ))
})
