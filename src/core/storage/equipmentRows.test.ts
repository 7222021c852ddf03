import { describe, expect, test } from '@jest/globals'
import { inWords } from '../../../tests/support/saidTold'
import { bankOf } from '@/catalog/equipment'
import { equipmentBase } from '@/catalog/equipmentBase'
import { equipmentSchema } from '../plan/equipment'
import type { EquipmentRow } from './equipmentCells'
import { equipmentOfRows, rowsOfEquipment } from './equipmentRows'

const read = (rows: EquipmentRow[]) => inWords(equipmentOfRows(rows, equipmentBase()))
const row = (more: EquipmentRow = {}): EquipmentRow => ({
  name: 'Cellar station',
  capacity_wh: '2048',
  continuous_w: '2400',
  volts: '120/240',
  ...more,
})

describe('equipment from a table', () => {
  test('the first four columns are enough; what is made of them is valid', () => {
    const { equipment, refused } = read([row()])
    expect(refused).toEqual([])
    expect(equipment[0]).toMatchObject({
      owned: false,
      source: { capacityWh: { value: 2048 }, surgeW: { value: 4800 }, volts: [120, 240], price: null },
    })
    expect(equipmentSchema.safeParse(equipment[0]).success).toBe(true)
  })

  test('shares as fractions or percent, decimal commas, yes and no', () => {
    const { equipment } = read([
      row({ efficiency: '91,5', reserve: '0.08', owned: 'yes', weight_kg: '24,5' }),
    ])
    expect(equipment[0]).toMatchObject({
      owned: true,
      source: { efficiencyFraction: { value: 0.915 }, reserveFraction: { value: 0.08 }, weightKg: 24.5 },
    })
  })

  test('malformed rows are told by line, the rest is kept', () => {
    const { equipment, refused } = read([
      row({ capacity_wh: '0' }),
      row(),
      row({ volts: '110' }),
      row({ name: '' }),
      row({ surge_w: '100' }),
      row({ kind: 'windmill' }),
      row({ continuous_w: '' }),
    ])
    expect(equipment).toHaveLength(1)
    expect(refused.map(({ line }) => line)).toEqual([2, 4, 5, 6, 7, 8])
    expect(refused.map(({ message }) => message).join('\n')).toMatch(
      /capacity_wh is “0”[^]*volts is “110”[^]*name[^]*surge_w 100 is below[^]*windmill[^]*continuous_w is empty/,
    )
  })

  test('a header that lacks what is needed is said once', () => {
    expect(read([{ name: 'x', price: '3' }])).toMatchObject({
      equipment: [],
      refused: [{ line: 1, message: expect.stringMatching(/lacks capacity_wh, continuous_w and volts/) }],
    })
  })

  test('a name that a spreadsheet would take for a formula is one text, marked or not', () => {
    const named = (name: string) => read([row({ name })]).equipment[0].source.name
    for (const name of ['=1+1', '+49 station', '-x', '@home', "'quoted"]) {
      expect(named(name)).toBe(name)
      if (name !== "'quoted") expect(named(`'${name}`)).toBe(name)
    }
  })

  test('written and read again it is the same', () => {
    const { equipment } = read([row({ price: '1500', weight_kg: '24', no_load_w: '11', owned: 'yes' })])
    expect(read(rowsOfEquipment(equipment)).equipment).toEqual(equipment)
  })
})

describe('banks of parts from a table', () => {
  const bank = (more: EquipmentRow = {}) =>
    row({
      name: 'Cellar bank',
      kind: 'bank',
      capacity_wh: '',
      continuous_w: '1500',
      volts: '120',
      chemistry: 'agm',
      battery_v: '12',
      battery_ah: '110',
      series: '2',
      parallel: '2',
      ...more,
    })

  test('their parts make the source: volts, amp-hours, half of lead-acid left', () => {
    const [{ source }] = read([bank()]).equipment
    expect(source).toMatchObject({
      kind: 'bank',
      capacityWh: { value: 5280 },
      reserveFraction: { value: 0.5 },
      bank: { series: 2, parallel: 2, inverter: { dcVolts: 24, cutOffV: 21 } },
    })
    expect(equipmentSchema.safeParse(read([bank()]).equipment[0]).success).toBe(true)
    expect(read([bank({ continuous_w: '', volts: '', series: '1' })]).equipment[0].source.volts).toEqual([12])
  })

  test('come back from a file as they went out', () => {
    const source = bankOf('lfp-12-100', 4, 2, 'inverter-3000-48', 'Attic bank')
    const [line] = rowsOfEquipment([{ id: 'x', note: '', owned: true, source }])
    const back = read([line]).equipment[0].source
    for (const key of ['capacityWh', 'continuousW', 'surgeW', 'noLoadW', 'reserveFraction'] as const)
      expect(back[key].value).toBeCloseTo(source[key].value, 9)
    expect(back.price).toBe(source.price)
    expect(back.bank).toMatchObject({ series: 4, parallel: 2, inverter: { dcVolts: 48 } })
  })

  test.each([
    [{ battery_ah: '0' }, /battery_ah is “0”.*from 1 to 5000/],
    [{ battery_ah: '1e9' }, /battery_ah is “1e9”/],
    [{ battery_v: '' }, /battery_v is empty/],
    [{ own_cut_off_v: '14' }, /switches itself off at 14 V/],
    [{ cycles: '0' }, /cycles is “0”/],
    [{ chemistry: 'nickel' }, /chemistry is “nickel”; lifepo4, agm or flooded would be right/],
    [{ series: '1.5' }, /series is “1.5”; a whole number/],
    [{ cut_off_v: '40' }, /cuts off at 40 V.*never run/],
  ] as [EquipmentRow, RegExp][])('%j is refused and told', (more, message) => {
    const { equipment, refused } = read([bank(more), bank()])
    expect(equipment).toHaveLength(1)
    expect(refused).toEqual([{ line: 2, message: expect.stringMatching(message) }])
  })
})
