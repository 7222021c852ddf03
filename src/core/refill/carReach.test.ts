import { describe, expect, test } from '@jest/globals'
import { bankOf, equipmentClass } from '@/catalog/equipment'
import { CARS, generatorOf } from '@/catalog/refill'
import { said } from '../../../tests/support/saidTold'
import { constant, loadOf, planWith } from '../../../tests/support/samplePlan'
import type { Plan } from '../plan/document'
import { NO_REFILL } from '../plan/noRefill'
import type { Source } from '../plan/power'
import type { Car } from '../plan/refill'
import { sourceWarnings } from '../sizing/sourceWarnings'
import { simulate } from '../simulation/simulate'
import { carGivesWh, carReach } from './carReach'

const station = equipmentClass('station-1000').source
const bank12 = bankOf('lfp-12-100', 1, 1, 'inverter-1000-12', 'main')
const bank24 = bankOf('lfp-12-100', 2, 1, 'inverter-1500-24', 'main')
const hours = (from: number, to: number) => [{ fromMin: from * 60, toMin: to * 60 }]

/** A constant load on an empty-ish source, refilled for some hours. */
function refilled(
  of: Partial<Plan['refill']>,
  charging: Partial<Plan['scenario']['charging'] & object>,
  source = bank24,
) {
  const base = planWith([loadOf(constant(40))])
  const plan: Plan = {
    ...base,
    scenario: {
      ...base.scenario,
      durationH: 24,
      charging: { generator: [], car: [], grid: [], ...charging },
    },
    powerSystem: {
      ...base.powerSystem,
      sources: [{ ...source, id: base.loads[0].sourceId, chargedFraction: 0.6 }],
    },
    refill: { ...NO_REFILL, ...of },
  }
  return simulate(plan, { runs: 20 }).chains[0].refill!
}

/** What reaches it, and why said. */
function reach(car: Car, source: Source) {
  const { watts, why } = carReach(car, source)
  return { watts, why: said(why) }
}

describe('what of a car reaches a battery', () => {
  test('12 V charges 12 V as it is; 24 V only through a step-up charger', () => {
    expect(reach(CARS.alternator, bank12)).toEqual({ watts: 368, why: null })
    expect(reach(CARS.alternator, bank24)).toMatchObject({
      watts: 0,
      why: expect.stringMatching(/step-up/),
    })
    expect(reach({ ...CARS.alternator, stepUpW: 250 }, bank24)).toMatchObject({ watts: 250 })
  })
  test('a station’s 12 V input limits cables to the alternator too', () => {
    expect(reach(CARS.alternator, station)).toMatchObject({ watts: 100 })
    expect(reach(CARS['12 V socket'], station)).toEqual({ watts: 100, why: null })
  })
  test('household current goes through the charger, and without one nothing comes in', () => {
    expect(reach(CARS.inverter, station).watts).toBeCloseTo(270, 6)
    expect(reach(CARS.inverter, bank24)).toMatchObject({
      watts: 0,
      why: expect.stringMatching(/no charger/),
    })
  })
  test('what its 12 V system gives for hours limits it, cables and inverter', () => {
    expect(reach({ ...CARS.alternator, systemW: 200 }, bank12)).toEqual({
      watts: 200,
      why: 'The car’s 12 V system gives 200 W',
    })
    // 200 W through an inverter of 88 % and the station's charger of 90 %
    expect(reach({ ...CARS.inverter, systemW: 200 }, station).watts).toBeCloseTo(200 * 0.88 * 0.9, 6)
    expect(reach({ ...CARS.inverter, systemW: 5000 }, station).watts).toBeCloseTo(270, 6)
    const brought = (systemW?: number) =>
      refilled({ car: { ...CARS.alternator, on: true, systemW } }, { car: hours(1, 3) }, bank12).mean.dcWh
    expect(brought(100)).toBeCloseTo(200, 0)
    expect(brought()).toBeGreaterThan(300)
  })
  test('the runs agree: nothing into 24 V, 100 W into the station', () => {
    const car: Car = CARS.alternator
    const run = { car: hours(2, 6) }
    expect(refilled({ car }, run).mean.dcWh).toBe(0)
    expect(refilled({ car: { ...car, stepUpW: 250 } }, run).mean.dcWh).toBeCloseTo(1000, 0)
    expect(refilled({ car }, run, station).mean.dcWh).toBeCloseTo(400, 0)
  })
  test('an electric car gives from its present charge down to its floor', () => {
    expect(carGivesWh({ ...CARS.electric, chargedFraction: 0.5 })).toBeCloseTo(0.1 * 60_000 * 0.9, 6)
    expect(carGivesWh({ ...CARS.electric, chargedFraction: 0.3 })).toBe(0)
    const car = { ...CARS.electric, batteryWh: 4000, chargedFraction: 0.5 }
    const { mean } = refilled({ car }, { car: hours(1, 20) }, station)
    // 10 % of 4 kWh, not all of what is above the floor of a full one
    expect(mean.carWh).toBeGreaterThan(380)
    expect(mean.carWh).toBeLessThanOrEqual(401)
  })
  test('an engine on household current is told with its watt-hours', () => {
    const { mean } = refilled({ car: CARS.inverter }, { car: hours(2, 6) }, station)
    expect(mean.carFuelL).toBeCloseTo(3.6, 1)
    expect(mean.carAcWh).toBeGreaterThan(300)
    expect(mean.dcWh).toBe(0)
  })
  test('only what has an exhaust is warned of it', () => {
    const plan = planWith([loadOf(constant(40), { sourceId: 'main' })])
    const warned = (id: string) =>
      sourceWarnings({ ...equipmentClass(id).source, id: plan.loads[0].sourceId }, plan)
        .map(said)
        .join()
    expect(warned('car-battery')).toMatch(/carbon monoxide/)
    expect(warned('car-outlet')).not.toMatch(/carbon monoxide/)
    expect(warned('car-outlet')).toMatch(/drive to safety/)
  })
})

describe('the generator', () => {
  test('hours × watts = energy, and never more fuel than is in hand', () => {
    const generator = generatorOf(2000, 0.8)
    const { mean, fuelEndMin } = refilled({ generator }, { generator: hours(1, 9) }, station)
    expect(mean.fuelL).toBeLessThanOrEqual(0.8 + 1e-9)
    expect(mean.fuelL).toBeGreaterThan(0.79)
    expect(mean.generatorWh).toBeCloseTo(mean.directWh + mean.acWh / 0.9, 6)
    // the hour it stands still: its hours after it began
    const startMin = 60 + generator.startDelayMin
    expect(fuelEndMin.p50).toBeGreaterThan(startMin + (mean.generatorH - 0.3) * 60)
    expect(fuelEndMin.p50).toBeLessThan(startMin + (mean.generatorH + 0.3) * 60)
    expect(
      refilled({ generator: generatorOf(2000, 60) }, { generator: hours(1, 9) }, station).fuelEndMin.p50,
    ).toBe(Infinity)
  })
})
