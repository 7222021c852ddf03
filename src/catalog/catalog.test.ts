import { describe, expect, test } from '@jest/globals'
import { averageW } from '@/core/load/average'
import { readHousehold } from '@/core/plan/household'
import { planOf } from '@/core/plan/planOf'
import { powerSystemSchema } from '@/core/plan/power'
import { householdLoadSchema } from '@/core/plan/schema'
import { powerFaults } from '@/core/plan/document'
import { middlePath, steadyHours } from '@/core/conversion/loss'
import { evaluate } from '@/core/sizing/evaluate'
import { APPLIANCES, GROUPS, type OutageKind, outageKindOf } from './appliances'
import { demoHousehold } from './demoHousehold'
import { EQUIPMENT, equipmentClass, sourceOf, systemOf } from './equipment'
import { usualNoLoadW } from './noLoad'
import { newHousehold } from './newHousehold'

describe('equipment classes', () => {
  test.each(EQUIPMENT.map((equipment) => [equipment.source.name, equipment] as const))(
    '%s makes a valid power system',
    (_, equipment) => {
      const system = systemOf(equipment)
      expect(powerSystemSchema.safeParse(system).error?.issues ?? []).toEqual([])
      expect(powerFaults(system, 'powerSystem')).toEqual([])
    },
  )

  test('ids are their own, and an unknown one is an error', () => {
    expect(new Set(EQUIPMENT.map(({ id }) => id)).size).toBe(EQUIPMENT.length)
    expect(() => equipmentClass('nothing')).toThrow(RangeError)
  })

  test('the two schools agree within a quarter on a fair load of every class', () => {
    for (const equipment of EQUIPMENT) {
      const source = sourceOf(equipment, 'main')
      // a car stays awake meanwhile: at light load no fixed share is right
      if (source.kind === 'vehicle') continue
      const fairW = source.continuousW.value / 8
      const efficiency = steadyHours(middlePath(source, 'efficiency'), fairW)
      const flat = steadyHours(middlePath(source, 'flat'), fairW)
      expect(efficiency / flat).toBeGreaterThan(0.75)
      expect(efficiency / flat).toBeLessThan(1.25)
    }
  })

  test('no-load draw until measured: 2 W + 0.4 % of the rated watts', () => {
    expect(usualNoLoadW(2400)).toMatchObject({ value: 11.6, spread: { times: 2 }, evidence: 'typical' })
  })

  test('on 230 V mains a station gives 230 V', () => {
    expect(sourceOf(EQUIPMENT[3], 'main', 230).volts).toEqual([230, 12])
  })
})

describe('typical loads', () => {
  test.each(APPLIANCES.map((appliance) => [appliance.name, appliance] as const))(
    '%s is a valid load',
    (_, appliance) => {
      const load = {
        id: appliance.id,
        name: appliance.name,
        volts: appliance.volts ?? 120,
        leg: 'A',
        start: null,
        behaviour: appliance.behaviour,
        medical: appliance.medical ?? false,
        note: appliance.caution ?? '',
        standings: {},
      }
      expect(householdLoadSchema.safeParse(load).error?.issues ?? []).toEqual([])
    },
  )

  test('no average is above its running watts, and no start below', () => {
    for (const { behaviour, start } of APPLIANCES) {
      expect(averageW(behaviour)).toBeLessThanOrEqual(behaviour.runningW.value)
      expect(averageW(behaviour)).toBeGreaterThan(0)
      if (start) expect(start[0]).toBeGreaterThan(behaviour.runningW.value)
    }
  })

  test('medical devices carry a caution, and resistance heat is never offered as Hold', () => {
    for (const { medical, caution } of APPLIANCES) if (medical) expect(caution).toMatch(/emergency plan/)
    for (const id of ['fan-heater', 'water-heater', 'dryer', 'oven', 'hair-dryer'])
      expect(Object.values(APPLIANCES.find((one) => one.id === id)!.tiers)).not.toContain('critical')
  })

  test('a catalogue of sixty and more, of every group, each under its own id', () => {
    expect(APPLIANCES.length).toBeGreaterThanOrEqual(60)
    expect(new Set(APPLIANCES.map(({ id }) => id)).size).toBe(APPLIANCES.length)
    expect(new Set(APPLIANCES.map(({ group }) => group)).size).toBe(GROUPS.length)
  })

  test('what is held depends on the outage: heating in frost, cold food in heat, pumps in rain', () => {
    const tierOf = (id: string, kind: OutageKind) => APPLIANCES.find((one) => one.id === id)!.tiers[kind]
    expect([tierOf('boiler', 'cold'), tierOf('boiler', 'heat')]).toEqual(['critical', 'optional'])
    expect([tierOf('refrigerator', 'cold'), tierOf('refrigerator', 'heat')]).toEqual(['flexible', 'critical'])
    expect(tierOf('septic-lift', 'wet')).toBe('critical')
    expect(outageKindOf({ outdoor: { lowC: -16, highC: -6 }, rain: 'dry' })).toBe('cold')
    expect(outageKindOf({ outdoor: { lowC: 19, highC: 34 }, rain: 'dry' })).toBe('heat')
    expect(outageKindOf({ outdoor: { lowC: 6, highC: 9 }, rain: 'downpour' })).toBe('wet')
    expect(outageKindOf({ outdoor: { lowC: 10, highC: 20 }, rain: 'dry' })).toBe('mild')
  })
})

describe('the sample household', () => {
  test('its three outages and five candidates tell different stories', () => {
    const household = demoHousehold()
    const verdict = (scenarioId: string, powerSystemId: string) =>
      evaluate(planOf(household, scenarioId, powerSystemId), { runs: 60 }).gates
    expect(verdict('february-ice', 'station-1000').lasts.verdict).toBe('short')
    expect(verdict('august-line-work', 'station-2000').lasts.verdict).toBe('holds')
    expect(verdict('august-line-work', 'station-2000').carries.wrongVoltage.map(({ id }) => id)).toEqual([
      'well-pump',
    ])
    expect(verdict('august-line-work', 'bank-lfp-24').carries.verdict).toBe('holds')
    expect(verdict('november-flood', 'bank-lfp-24').lasts.verdict).toBe('short')
  })

  test('every copy is fresh: changing one leaves the next as it was', () => {
    const one = demoHousehold()
    one.loads[0].name = 'Changed'
    one.scenarios[0].outdoor.lowC = 5
    expect(demoHousehold().loads[0].name).toBe('Boiler, two circulators')
    expect(demoHousehold().scenarios[0].outdoor.lowC).toBe(-16)
  })

  test('a new household begins empty and valid, by its mains', () => {
    for (const mains of ['120/240 V split phase', '120 V', '230 V'] as const) {
      const household = newHousehold('Ours', mains, '2027-01-01T18:00')
      expect(readHousehold(household).ok).toBe(true)
      expect(household.loads).toEqual([])
      expect(household.powerSystems[0].sources[0].volts).toEqual([mains === '230 V' ? 230 : 120, 12])
    }
  })
})
