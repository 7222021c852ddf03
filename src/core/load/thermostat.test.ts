import { UNITS_OF } from '../quantity/units'
import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { chargeMin, chargeStarts, chargingAverageW } from './charging'
import { outputOf } from './drive'
import { asMeasured, decidingQuantities } from './deciding'
import { pumpWorking } from '@/words/workings/pumpWorking'
import { thermostatWorking } from '@/words/workings/thermostatWorking'
import { RAIN_INFLOW, inflowByHour, pumpTrouble, spacingCycle, volumeCycle } from './pump'
import { catchUpMin, coastMin, cycleTimes, demandFactor, periodAtHalf, referenceDuty } from './thermostat'
import { coldBox, planWith } from '../../../tests/support/samplePlan'
import type { Charging, Pump } from '../plan/schema'
import { quantity } from '../quantity/quantity'

const share = fc.double({ min: 0.02, max: 0.98, noNaN: true })

describe('duty follows the difference of temperatures', () => {
  test('a label’s 32 °C brought to a room of 21 °C', () =>
    expect(demandFactor(21, -3, 32)).toBeCloseTo(24 / 35, 9))
  test('heating: none at its balance temperature and above, twice at twice the difference', () => {
    expect(demandFactor(16.5, 16.5, -10)).toBe(0)
    expect(demandFactor(20, 16.5, -10)).toBe(0)
    expect(demandFactor(-36.5, 16.5, -10)).toBeCloseTo(2, 9)
  })
  test('a set-point at the known surroundings follows nothing', () =>
    expect(demandFactor(5, 20, 20.5)).toBe(1))
})

describe('cycles', () => {
  test('the times on and off come back to the duty and the period they were known at', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.06, max: 0.94, noNaN: true }),
        fc.double({ min: 1, max: 90, noNaN: true }),
        (duty, period) => {
          const { onMin, offMin } = cycleTimes(periodAtHalf(period, duty), duty)
          expect(onMin + offMin).toBeCloseTo(period, 6)
          expect(onMin / (onMin + offMin)).toBeCloseTo(duty, 9)
        },
      ),
    ))
  test('a defrost takes its share of a known average', () => {
    const { duty, defrostW } = referenceDuty(60, 150, { watts: 300, minutes: 30, everyRunH: 10 })
    // by hand: 600 ÷ ((150 · 600 + 300 · 30) ÷ 60 − 30) = 600 ÷ 1620
    expect(duty).toBeCloseTo(600 / 1620, 9)
    // a round takes 1650 minutes: 600 of compressor, 30 of defrost
    expect((600 * 150) / 1650 + defrostW).toBeCloseTo(60, 9)
  })
  test('an inverter drive below its floor: compressor and defrost still come to the average', () => {
    const { duty, defrostW } = referenceDuty(20, 120, { watts: 300, minutes: 20, everyRunH: 10 }, 40)
    const wallMin = 600 / ((duty * 120) / 40) + 20
    expect((600 * 40) / wallMin + defrostW).toBeCloseTo(20, 9)
  })
  test('an inverter drive above its floor runs through between its defrosts', () => {
    const { duty, defrostW } = referenceDuty(60, 120, { watts: 300, minutes: 20, everyRunH: 10 }, 40)
    expect((duty * 120 * 600) / 620 + defrostW).toBeCloseTo(60, 9)
  })
})

describe('catching up', () => {
  test('grows with how long it was off, and never ends at full duty', () =>
    fc.assert(
      fc.property(share, fc.double({ min: 1, max: 3000, noNaN: true }), (duty, off) => {
        expect(catchUpMin(duty, 600, off)).toBeLessThan(catchUpMin(duty, 600, off + 10))
        expect(catchUpMin(1, 600, off)).toBe(Infinity)
      }),
    ))
  test('what it takes in catching up is never more than what it would have taken, nor less than nothing', () =>
    fc.assert(
      fc.property(share, fc.double({ min: 1, max: 3000, noNaN: true }), (duty, off) => {
        const extra = catchUpMin(duty, 600, off) * (1 - duty)
        expect(extra).toBeLessThanOrEqual(off * duty + 1e-9)
        expect(extra).toBeGreaterThan(0)
      }),
    ))
  test('a refrigerator from warm at a third runs flat out for some hours', () =>
    expect(catchUpMin(1 / 3, 9 * 60, Infinity) / 60).toBeCloseTo(9 * Math.log(1.5), 6))
  test('a set-back coasts first: 5 K of 30 K with 40 h take 7.3 h', () => {
    expect(coastMin(40 * 60, 30, 5) / 60).toBeCloseTo(40 * Math.log(30 / 25), 6)
    expect(coastMin(40 * 60, 4, 5)).toBe(0)
  })
})

describe('drives', () => {
  const inverter = { kind: 'inverter' as const, fullW: 120, floorW: 40, lowOutputFraction: 0 }
  test('an inverter modulates above its floor and cycles below it', () => {
    expect(outputOf(inverter, 0.5)).toEqual({ watts: 60, duty: 1 })
    expect(outputOf(inverter, 0.1)).toEqual({ watts: 40, duty: 0.3 })
  })
  test('two stages: the low one while it suffices', () => {
    const stages = { kind: 'two-stage' as const, fullW: 400, floorW: 200, lowOutputFraction: 0.6 }
    expect(outputOf(stages, 0.3)).toEqual({ watts: 200, duty: 0.5 })
    expect(outputOf(stages, 1)).toEqual({ watts: 400, duty: 1 })
  })
  test('energy rises with demand, whatever the drive', () =>
    fc.assert(
      fc.property(share, fc.constantFrom('on-off', 'inverter', 'two-stage'), (demand, kind) => {
        const drive = { kind: kind as 'on-off', fullW: 400, floorW: 150, lowOutputFraction: 0.6 }
        const watts = (d: number) => outputOf(drive, d).watts * outputOf(drive, d).duty
        expect(watts(demand)).toBeGreaterThan(watts(demand * 0.9))
      }),
    ))
})

describe('pumps', () => {
  const pump: Pump = {
    kind: 'pump',
    runningW: quantity(600, 'W', 'label'),
    cycle: {
      by: 'volume',
      volumeL: quantity(30, 'L', 'label'),
      rateLMin: quantity(60, 'L/min', 'label'),
      inflowLH: quantity(300, 'L/h', 'label'),
    },
    inflowFollows: 'rain',
    knownIn: 'rain',
  }
  const scenario = planWith([]).scenario

  test('V ÷ (Qp − Qi) on and V ÷ Qi off', () => {
    const { duty, periodHalfMin } = volumeCycle(30, 60, 300)
    const { onMin, offMin } = cycleTimes(periodHalfMin, duty)
    expect(onMin).toBeCloseTo(30 / (60 - 5), 9)
    expect(offMin).toBeCloseTo(30 / 5, 9)
  })
  test('15 s every 6 min come back as they were counted', () => {
    const { duty, periodHalfMin } = spacingCycle(0.25, 6)
    const { onMin, offMin } = cycleTimes(periodHalfMin, duty)
    expect(onMin).toBeCloseTo(0.25, 9)
    expect(onMin + offMin).toBeCloseTo(6, 9)
  })
  test('a downpour raises what was known in rain; use follows the day and keeps its mean', () => {
    expect(inflowByHour(pump, { ...scenario, rain: 'downpour' }, 3)[0]).toBe(
      RAIN_INFLOW.downpour / RAIN_INFLOW.rain,
    )
    const use = inflowByHour({ ...pump, inflowFollows: 'use' }, scenario, 24)
    expect(use.reduce((sum, f) => sum + f, 0) / 24).toBeCloseTo(1, 9)
    expect(use[(7 - 18 + 24) % 24]).toBeGreaterThan(use[(3 - 18 + 24) % 24] * 5)
  })
  test('what flows in faster than it is lifted never stops, and is told', () => {
    expect(pumpTrouble(pump, scenario)).toBeNull()
    const weak = { ...pump, cycle: { ...pump.cycle, rateLMin: quantity(8, 'L/min', 'label') } } as Pump
    expect(pumpTrouble(weak, { ...scenario, rain: 'downpour' })?.what).toBe('pump.neverStops')
    expect(pumpWorking('Pump', pump, scenario).steps[2].result).toMatch(/min on/)
  })
})

describe('charging', () => {
  const charging: Charging = {
    kind: 'charging',
    runningW: quantity(60, 'W', 'label'),
    energyWh: quantity(51, 'Wh', 'label'),
    efficiencyFraction: quantity(0.85, '1', 'label'),
    idleW: quantity(0.5, 'W', 'label'),
    when: { at: ['19:00'] },
  }
  test('a bounded amount: 51 Wh at 85 % and 60 W take an hour', () => {
    expect(chargeMin(51, 0.85, 60)).toBeCloseTo(60, 9)
    expect(chargingAverageW(charging)).toBeCloseTo((60 + 23 * 0.5) / 24, 6)
  })
  test('once at the start, or at its hours every day', () => {
    expect(chargeStarts('start', '2027-02-05T18:00', 3000)).toEqual([0])
    expect(chargeStarts({ at: ['19:00'] }, '2027-02-05T18:00', 2900)).toEqual([-1380, 60, 1500])
  })
})

test('what a day on a meter would tell keeps its middle values and loses its spread', () => {
  const box = coldBox(150, 60, 1.5)
  const measured = asMeasured(box)
  expect(decidingQuantities(measured)[0]).toMatchObject({
    value: 60,
    evidence: 'measured',
    spread: { times: 1.08 },
  })
  expect(measured.runningW.value).toBe(150)
})

test('the working of a duty says where it was known and what it is now', () => {
  const working = thermostatWorking('Refrigerator', coldBox(150, 60), 9, UNITS_OF.us)
  expect(working.steps[1].values[0].value).toBe('48.2 °F')
  expect(working.steps.map(({ label }) => label)).toEqual(['Duty where it was known', 'Duty in this outage'])
  expect(working.steps[1].result).toBe('19 %')
})
