import { describe, expect, test } from '@jest/globals'
import { batterySchema, inverterSchema, sourceSchema } from '@/core/plan/power'
import { BATTERIES } from './batteries'
import { bankOf } from './equipment'
import { INVERTERS } from './inverters'
import { searchStock } from './searchStock'
import { STATIONS, stationSource } from './stations'

describe('parts of the catalogue', () => {
  test.each(BATTERIES.map(({ id, battery }) => [id, battery] as const))('%s is valid', (_, battery) => {
    expect(batterySchema.safeParse(battery).error?.issues ?? []).toEqual([])
    expect(battery.peukert.value > 1.05).toBe(battery.chemistry !== 'lifepo4')
  })

  test.each(INVERTERS.map(({ id, inverter }) => [id, inverter] as const))('%s is valid', (_, inverter) => {
    expect(inverterSchema.safeParse(inverter).error?.issues ?? []).toEqual([])
    // cut-offs near 10.5 V and alarms near 11 V on 12 V; common practice, no source
    expect((inverter.cutOffV * 12) / inverter.dcVolts).toBeCloseTo(10.5, 1)
    expect((inverter.alarmV * 12) / inverter.dcVolts).toBeCloseTo(11, 1)
    expect(inverter.continuousVa).toBeGreaterThanOrEqual(inverter.continuousW.value)
  })

  test.each(STATIONS.map((station) => [station.id, station] as const))('%s is valid', (_, station) => {
    expect(sourceSchema.safeParse(stationSource(station)).error?.issues ?? []).toEqual([])
  })

  test('unknown parts are an error', () => {
    expect(() => bankOf('nothing', 1, 1, null, 'x')).toThrow(RangeError)
    expect(() => bankOf('lfp-12-100', 1, 1, 'nothing', 'x')).toThrow(RangeError)
  })

  test('on 230 V mains everything searched gives 230 V and nothing 120 V', () => {
    const { equipment, inverters } = searchStock(230)
    for (const { source } of equipment) expect(source.volts.filter((volts) => volts > 12)).toEqual([230])
    for (const { volts } of inverters) expect(volts).toEqual([230])
    expect(searchStock(120).equipment.some(({ source }) => source.volts.includes(240))).toBe(true)
  })
})
