import { describe, expect, test } from '@jest/globals'
import { readPlan } from '@/core/plan/document'
import type { Behaviour, Source } from '@/core/plan/schema'
import { interval80, quantity } from '@/core/quantity/quantity'
import { readLabel } from '@/core/load/label'
import { APPLIANCES } from '@/catalog/appliances'
import { runAll, simulate } from '@/core/simulation/simulate'
import { evaluate } from '@/core/sizing/evaluate'
import { calibrationCases, smallUnitPlan } from '../calibration/cases'
import { coverage, predict } from '../calibration/predict'
import { usualNoLoadW } from '@/catalog/noLoad'
import {
  constant,
  cycling,
  exact,
  exactSource,
  loadOf,
  planWith,
  scheduled,
  session,
} from '../support/samplePlan'

/** Check values A, B, C, G, I and L, and the calibration over A, D, E, F, I and M: common practice, no source. Each by the flat rule and by efficiency plus no-load draw. */

const fraction = (value: number) => quantity(value, '1', 'measured', exact)
const wh = (value: number) => quantity(value, 'Wh', 'label', exact)

/** Middle runtime in hours; the plan goes through the same reading as a user's. */
function hours(behaviours: Behaviour[], source: Partial<Source>, durationH = 72): number {
  const loads = behaviours.map((behaviour, i) => loadOf(behaviour, { id: `l${i}` }))
  const reading = readPlan(
    planWith(
      loads,
      [
        exactSource({
          continuousW: quantity(1000, 'W', 'label', exact),
          surgeW: quantity(2000, 'W', 'label', exact),
          ...source,
        }),
      ],
      durationH,
    ),
  )
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults))
  return simulate(reading.plan, { runs: 200 }).runtimeMin.p50 / 60
}

const within = (share: number, expected: number, found: number) => {
  expect(found).toBeGreaterThan(expected * (1 - share))
  expect(found).toBeLessThan(expected * (1 + share))
}

describe('A: a refrigerator that averages 84 W', () => {
  const steady = constant(84)
  const compressor = cycling(105, 84, 40)
  const flat = (capacity: number): Partial<Source> => ({
    capacityWh: wh(capacity),
    lossRule: 'flat',
    usableFraction: fraction(0.8),
  })

  test('flat rule, 80 % reach the outlet: 1,260 Wh carry it 12.0 h', () =>
    within(0.02, 12, hours([steady], flat(1260))))
  test('flat rule: 720 Wh carry it 6.9 h', () => within(0.02, 6.9, hours([steady], flat(720))))
  test('flat rule: 288 Wh have 230 Wh usable, 2.7 h without a defrost', () =>
    within(0.02, 230 / 84, hours([steady], flat(288))))
  test('cycling as a compressor does, the middle run stays there', () =>
    within(0.04, 12, hours([compressor], flat(1260))))

  test('efficiency plus no-load draw, a 5 % reserve and the usual figures of a 1 kW inverter: the same 12.0 h', () => {
    const source = {
      capacityWh: wh(1260),
      reserveFraction: fraction(0.05),
      efficiencyFraction: fraction(0.915),
      noLoadW: { ...usualNoLoadW(1000), spread: exact },
    }
    within(0.03, 12, hours([steady], source))
  })
})

describe('B: a 55 W canister filter, 4.5 A from a 12 V 100 Ah lead-acid battery used to half', () => {
  test('flat: half of 1,200 Wh at 4.5 A × 12 V last 11.1 h', () =>
    within(
      0.02,
      11.1,
      hours([constant(4.5 * 12)], {
        capacityWh: wh(1200),
        lossRule: 'flat',
        usableFraction: fraction(0.5),
        reserveFraction: fraction(0.5),
      }),
    ))

  test('efficiency plus no-load draw: drawn from the battery directly, no inverter and no loss', () =>
    within(
      0.02,
      11.1,
      hours([constant(4.5 * 12)], {
        capacityWh: wh(1200),
        reserveFraction: fraction(0.5),
        efficiencyFraction: fraction(1),
        noLoadW: quantity(0, 'W', 'measured', exact),
      }),
    ))
})

describe('C: 3.83 W of network gear on a 71 Wh LiFePO4 battery through DC converters', () => {
  const tiny = { capacityWh: wh(71), reserveFraction: fraction(0) }
  test('flat: 86 % overall last 15.9 h', () =>
    within(
      0.02,
      15.9,
      hours([constant(3.83)], { ...tiny, lossRule: 'flat', usableFraction: fraction(0.86) }),
    ))
  test('flat: 20 W at 85 % last 3.0 h', () =>
    within(0.02, 3, hours([constant(20)], { ...tiny, lossRule: 'flat', usableFraction: fraction(0.85) })))
  test('efficiency plus no-load draw: 86 % converters that idle at nothing', () =>
    within(
      0.02,
      15.9,
      hours([constant(3.83)], {
        ...tiny,
        efficiencyFraction: fraction(0.86),
        noLoadW: quantity(0, 'W', 'measured', exact),
      }),
    ))
  test('the same gear on an AC inverter that idles at 4 W lasts less than half as long', () =>
    expect(
      hours([constant(3.83)], {
        ...tiny,
        efficiencyFraction: fraction(0.86),
        noLoadW: quantity(4.5, 'W', 'measured', exact),
      }),
    ).toBeLessThan(15.9 / 2))
})

describe('L: a breathing aid of 50 W, alone and with an oxygen concentrator, on 1,500 Wh', () => {
  const night = 8
  const flat = (share: number): Partial<Source> => ({
    capacityWh: wh(1500),
    lossRule: 'flat',
    usableFraction: fraction(share),
  })
  const both = [scheduled(50, '18:00', '06:00'), constant(350)]
  test('400 W together: a little over 3 h, not the night', () => {
    for (const share of [0.8, 0.85]) {
      const found = hours(both, flat(share), night)
      within(0.02, (1500 * share) / 400, found)
      expect(found).toBeLessThan(night)
    }
  })
  test('efficiency plus no-load draw says the same within a tenth', () =>
    within(
      0.1,
      3.1,
      hours(
        both,
        {
          capacityWh: wh(1500),
          reserveFraction: fraction(0.08),
          efficiencyFraction: fraction(0.915),
          noLoadW: { ...usualNoLoadW(1000), spread: exact },
        },
        night,
      ),
    ))
  test('the breathing aid alone has its night', () =>
    expect(hours([constant(50)], flat(0.8), night)).toBeGreaterThan(night))
})

describe('G: a hybrid inverter of 5 kW with the grid, 2,300 VA in backup, about 2,000 W', () => {
  const backup = exactSource({
    capacityWh: wh(10_000),
    continuousW: quantity(2000, 'W', 'label', exact),
    surgeW: quantity(2300, 'W', 'label', exact),
  })
  const gates = (behaviour: Behaviour, startW?: number) =>
    evaluate(
      planWith(
        [
          loadOf(behaviour, {
            start: startW
              ? {
                  watts: quantity(startW, 'W', 'typical', exact),
                  seconds: quantity(0.5, 's', 'typical', exact),
                }
              : null,
          }),
        ],
        [backup],
        12,
      ),
      { runs: 30 },
    ).gates
  test('a hair dryer of 1,800 W is carried, narrowly, and barely dents it', () => {
    const dryer = session(1800, 5, ['19:00'])
    expect(gates(dryer).carries.verdict).toBe('holds')
    const { result } = evaluate(planWith([loadOf(dryer)], [backup], 12), { runs: 30 })
    expect(result.loads[0].suppliedWh).toBeCloseTo(150, 0)
    expect(result.loads[0].suppliedWh / 10_000).toBeLessThan(0.02)
  })
  test('a fan heater of 2,240 W is over', () => expect(gates(constant(2240)).carries.verdict).toBe('short'))
  test('an air compressor of 1.7 hp, about 1,200 W, will not start at five times, nor at ten', () => {
    for (const times of [5, 10]) {
      const { carries, starts } = gates(constant(1200), 1200 * times)
      expect([carries.verdict, starts.verdict]).toEqual(['holds', 'short'])
    }
  })
})

describe('I: a washing machine’s plate, 120 V × 12 A', () => {
  test('the plate is the limit of its heater; a cold wash draws a tenth', () => {
    const reading = readLabel('120 V 12 A', 'motor', 120)
    expect(reading.kind === 'read' && reading.result.limitW?.value).toBe(1440)
    const wash = APPLIANCES.find(({ id }) => id === 'washer')!.behaviour.runningW
    const [low, high] = interval80({ ...wash, spread: { times: 1.5 } })
    expect(low).toBeGreaterThan(38)
    expect(high).toBeLessThan(130)
  })
})

describe('A, the small unit: a defrost may end it within the first hours', () => {
  const { chains, runs } = runAll(smallUnitPlan(), { runs: 2000 })
  const [{ runs: defrosts }] = chains[0].defrosts
  const end = chains[0].emptyMin[0]
  const share = (holds: (run: number) => boolean) => defrosts.filter((_, run) => holds(run)).length / runs

  test('it begins within the first hour in some runs of a hundred', () => {
    const within = share((run) => defrosts[run].firstMin < 60)
    expect(within).toBeGreaterThan(0.05)
    expect(within).toBeLessThan(0.3)
  })
  test('a run it ends lasts an hour or two, not the usual three; the event names the load', () => {
    expect(share((run) => defrosts[run].endsIt && end[run] < 120)).toBeGreaterThan(0.02)
    const event = simulate(smallUnitPlan(), { runs: 400 }).events.find(
      ({ kind }) => kind === 'ends-in-defrost',
    )
    expect(event).toMatchObject({ loadId: 'refrigerator' })
    expect(event!.fraction).toBeGreaterThan(0.02)
  })
})

describe('over all observed runs', () => {
  const predictions = calibrationCases().flatMap((one) => predict(one, 600))
  test('70 to 95 % of the observations lie within the 80 % band', () => {
    expect(coverage(predictions)).toBeGreaterThanOrEqual(0.7)
    expect(coverage(predictions)).toBeLessThanOrEqual(0.95)
  })
  test('the middle predictions stand on both sides of the truth', () => {
    const below = predictions.filter(({ percentile }) => percentile > 0.5).length
    expect(below).toBeGreaterThan(predictions.length * 0.25)
    expect(below).toBeLessThan(predictions.length * 0.75)
  })
})
