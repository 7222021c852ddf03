import { describe, expect, test } from '@jest/globals'
import { bankOf, equipmentClass, systemOf } from '@/catalog/equipment'
import { CARS, generatorOf } from '@/catalog/refill'
import { NO_REFILL } from '@/core/plan/noRefill'
import { UNITS_OF } from '@/core/quantity/units'
import { alternatorIdleW } from '@/core/refill/alternator'
import { upkeepOf } from './upkeep'

describe('what keeps it ready', () => {
  const station = systemOf(equipmentClass('station-2000'))

  test('a station alone: one task, its loss and its minutes at the wall by hand', () => {
    const [task, ...others] = upkeepOf(station, NO_REFILL, 1, UNITS_OF.metric)
    expect(others).toEqual([])
    expect(task).toMatchObject({ title: 'Top up the 2 kWh station', everyMonths: 1 })
    // 3 % of 2,048 Wh · 1.1 ÷ (0.9 · 1,229 W) = 3.7 min, told as five at least
    expect(task.notes).toMatch(/costs about 3 %/)
    expect(task.notes).toMatch(/about 5 min at an outlet/)
    expect(task.notes).toMatch(/below 0 °C/)
    expect(upkeepOf(station, NO_REFILL, 1, UNITS_OF.us)[0].notes).toMatch(/below 32 °F/)
  })

  test('three months cost more than one, and less than three times as much', () => {
    const [task] = upkeepOf(station, NO_REFILL, 3, UNITS_OF.metric)
    expect(task.notes).toMatch(/3 months costs about 9 %/)
    // 8.7 % of 2,048 Wh: 11 min
    expect(task.notes).toMatch(/about 1\d min/)
  })

  test('a lead-acid bank takes hours, its absorption counted; one without a charger has no time', () => {
    const bank = {
      ...station,
      sources: [{ ...bankOf('agm-12-110', 2, 2, 'inverter-3000-24', 'bank'), id: 'b' }],
    }
    expect(upkeepOf(bank, NO_REFILL, 1, UNITS_OF.metric)[0].notes).toMatch(/about [4-9] h/)
    const bare = { ...station, sources: [bankOf('agm-12-110', 2, 2, 'inverter-1500-24', 'bare')] }
    expect(upkeepOf(bare, NO_REFILL, 1, UNITS_OF.metric)[0].notes).not.toMatch(/at the wall/)
  })

  test('carbon monoxide alarms are tested every month, and also where only a car’s engine runs', () => {
    const { car } = { car: CARS.alternator }
    expect(upkeepOf(station, { ...NO_REFILL, car }, 1, UNITS_OF.metric).at(-1)).toMatchObject({
      id: 'co-alarms',
      everyMonths: 1,
    })
    expect(upkeepOf(station, { ...NO_REFILL, car: CARS.electric }, 1, UNITS_OF.metric)).toHaveLength(1)
  })

  test('with a generator: its run, its fuel and the alarms; a car is nobody’s to top up', () => {
    const tasks = upkeepOf(station, { ...NO_REFILL, generator: generatorOf(2000) }, 1, UNITS_OF.metric)
    expect(tasks.map(({ id }) => id)).toEqual(['top-up-main', 'generator-run', 'generator-fuel', 'co-alarms'])
    expect(tasks[1].notes).toMatch(/6 m \(20 ft\).*carbon monoxide/)
    expect(upkeepOf(systemOf(equipmentClass('car-outlet')), NO_REFILL, 1, UNITS_OF.metric)).toEqual([])
  })
})

test('an 80 A alternator at idle bears about 370 W for hours, a 150 A one 690 W (common practice, no source)', () => {
  expect(alternatorIdleW(80)).toBeCloseTo(368, 0)
  expect(alternatorIdleW(150)).toBeCloseTo(690, 0)
})
