import { describe, expect, test } from '@jest/globals'
import { equipmentClass } from '@/catalog/equipment'
import { usualNoLoadW } from '@/catalog/noLoad'
import { equipmentSchema } from '../plan/equipment'
import { type EquipmentRow, equipmentOfRows, rowsOfEquipment } from './equipmentRows'

const base = equipmentClass('station-1000').source
const read = (rows: EquipmentRow[]) => equipmentOfRows(rows, base, usualNoLoadW)
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
      refused: [{ line: 1, message: expect.stringMatching(/lacks capacity_wh, continuous_w, volts/) }],
    })
  })

  test('written and read again it is the same', () => {
    const { equipment } = read([row({ price: '1500', weight_kg: '24', no_load_w: '11', owned: 'yes' })])
    expect(read(rowsOfEquipment(equipment)).equipment).toEqual(equipment)
  })
})
