import { describe, expect, test } from '@jest/globals'
import { inWords } from '../../../tests/support/saidTold'
import { equipmentBase } from '@/catalog/equipmentBase'
import type { EquipmentRow } from './equipmentCells'
import { equipmentOfRows, rowsOfEquipment } from './equipmentRows'

const needed: EquipmentRow = {
  name: 'Cellar station',
  capacity_wh: '2000',
  continuous_w: '1800',
  volts: '120',
}
const read = (more: EquipmentRow) => inWords(equipmentOfRows([{ ...needed, ...more }], equipmentBase()))
const outfitOf = (more: EquipmentRow) => read(more).equipment[0].source.outfit!

describe('fittings in a file of equipment', () => {
  test('the panels’ window is never guessed', () => {
    expect(outfitOf({}).input.solar).toBeNull()
    expect(
      outfitOf({ solar_low_v: '12', solar_high_v: '30', solar_a: '8', solar_w: '200' }).input.solar,
    ).toEqual({ lowV: 12, highV: 30, amps: 8, watts: 200 })
  })

  test('what is said counts: inputs, legs, outlets, pass-through, sleep', () => {
    expect(
      outfitOf({
        ac_in_w: '900',
        dc_in_w: '80',
        inputs_w: '1000',
        leg_w: '1500',
        outlets: '3',
        outlet_a: '20',
        passes_through: 'no',
        feeds_while_charging: 'no',
        transfer_ms: '30',
        sleep_below_w: '6',
        cycles: '800',
        warranty_years: '3',
      }),
    ).toMatchObject({
      input: { acW: 900, dcW: 80, totalW: 1000 },
      legW: 1500,
      outlets: { count: 3, ampsEach: 20 },
      passThrough: false,
      suppliesWhileCharging: false,
      transferMs: 30,
      sleep: { belowW: 6, afterMin: 120 },
      cycles: 800,
      warrantyYears: 3,
    })
  })

  test('a UPS has fittings only where its row says some', () => {
    expect(read({ kind: 'ups' }).equipment[0].source.outfit).toBeUndefined()
    expect(read({ kind: 'ups', outlets: '6' }).equipment[0].source.outfit?.outlets.count).toBe(6)
  })

  test.each([
    [{ solar_a: '8' }, /solar_high_v is empty.*are needed/],
    [{ solar_high_v: '30', solar_low_v: '40', solar_a: '8', solar_w: '200' }, /below solar_high_v 30/],
    [{ solar_high_v: '30', solar_low_v: '12' }, /solar_a and solar_w are needed/],
    [{ solar_high_v: '-5' }, /solar_high_v is “-5”; a number from 1 to 1000/],
    [{ outlets: '2.5' }, /outlets is “2.5”; a whole number/],
    [{ ac_in_w: 'lots' }, /ac_in_w is “lots”/],
  ])('%j is refused with what would be right', (row, message) => {
    const { equipment, refused } = read(row)
    expect(equipment).toEqual([])
    expect(refused[0].message).toMatch(message)
  })

  test('written and read again, it is the same', () => {
    const first = read({
      solar_low_v: '12',
      solar_high_v: '30',
      solar_a: '8',
      solar_w: '200',
      inputs_w: '1000',
      leg_w: '900',
      passes_through: 'no',
    }).equipment
    const [again] = inWords(equipmentOfRows(rowsOfEquipment(first), equipmentBase())).equipment
    expect(again.source.outfit).toEqual(first[0].source.outfit)
  })
})

describe('a battery’s own figures in a file', () => {
  const bank = (more: EquipmentRow) =>
    read({ kind: 'bank', capacity_wh: '', volts: '120', battery_ah: '100', ...more }).equipment[0]?.source
      .bank

  test('its own cut-off goes with its volts unless said', () => {
    const cells = { battery_v: '3.2', series: '8', continuous_w: '1500' }
    expect(bank(cells)!.battery.ownCutOffV).toBeCloseTo(2.5, 9)
    expect(bank({ ...cells, own_cut_off_v: '2.8', cycles: '4500' })!.battery).toMatchObject({
      ownCutOffV: 2.8,
      cycles: 4500,
    })
    expect(bank({ battery_v: '12', series: '2', chemistry: 'agm' })!.battery.ownCutOffV).toBeNull()
  })
})
