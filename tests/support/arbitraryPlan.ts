import * as fc from 'fast-check'
import type { Behaviour, Load, Source } from '@/core/plan/schema'
import { quantity } from '@/core/quantity/quantity'
import { exactSource, loadOf, planWith } from './samplePlan'

/** Plans as they may come, for property-based tests. */

const watts = fc.integer({ min: 0, max: 900 })
const times = fc.constantFrom(1, 1.1, 1.6)
const clock = fc
  .tuple(fc.integer({ min: 0, max: 23 }), fc.integer({ min: 0, max: 59 }))
  .map(([h, m]) => `${String(h).padStart(2, '0')}:${String(m).padStart(2, '0')}`)

const behaviour: fc.Arbitrary<Behaviour> = fc.oneof(
  fc
    .tuple(watts, times)
    .map(([w, t]): Behaviour => ({ kind: 'constant', runningW: quantity(w, 'W', 'label', { times: t }) })),
  fc.tuple(watts, times, clock, clock).map(([w, t, from, to]): Behaviour => ({
    kind: 'scheduled',
    runningW: quantity(w, 'W', 'label', { times: t }),
    windows: [{ from, to }],
  })),
  fc
    .tuple(watts, times, fc.integer({ min: 1, max: 90 }), fc.array(clock, { minLength: 1, maxLength: 4 }))
    .map(([w, t, minutes, at]): Behaviour => ({
      kind: 'session',
      runningW: quantity(w, 'W', 'label', { times: t }),
      minutesEach: quantity(minutes, 'min', 'label', { times: t }),
      when: { at },
    })),
  fc
    .tuple(watts, fc.integer({ min: 1, max: 90 }), fc.integer({ min: 1, max: 12 }), clock, clock)
    .map(([w, minutes, timesADay, from, to]): Behaviour => ({
      kind: 'session',
      runningW: quantity(w, 'W', 'label', { times: 1.2 }),
      minutesEach: quantity(minutes, 'min', 'label', { times: 1.3 }),
      when: { timesADay, from, to },
    })),
  fc
    .tuple(
      watts,
      fc.double({ min: 0, max: 1.1, noNaN: true }),
      fc.double({ min: 0.5, max: 200, noNaN: true }),
      times,
    )
    .map(([w, duty, period, t]): Behaviour => ({
      kind: 'cycling',
      runningW: quantity(w, 'W', 'label', { times: t }),
      averageW: quantity(Math.min(50_000, w * duty), 'W', 'label', { times: t }),
      periodMin: quantity(period, 'min', 'label', { times: t }),
      dutyFollows: 'nothing',
    })),
)

export const someLoads = (max = 5): fc.Arbitrary<Load[]> =>
  fc
    .array(behaviour, { minLength: 1, maxLength: max })
    .map((list) => list.map((b, i) => loadOf(b, { id: `l${i}`, name: `Load ${i}` })))

export const someSource: fc.Arbitrary<Source> = fc
  .record({
    capacity: fc.integer({ min: 50, max: 9000 }),
    reserve: fc.constantFrom(0, 0.08, 0.5),
    charged: fc.constantFrom(0.3, 0.7, 1),
    rule: fc.constantFrom('efficiency' as const, 'flat' as const),
    noLoad: fc.integer({ min: 0, max: 40 }),
    spread: times,
  })
  .map(({ capacity, reserve, charged, rule, noLoad, spread }) =>
    exactSource({
      capacityWh: quantity(capacity, 'Wh', 'label', { times: spread }),
      reserveFraction: quantity(reserve, '1', 'typical', { plusMinus: 0.01 }),
      chargedFraction: charged,
      lossRule: rule,
      noLoadW: quantity(noLoad, 'W', 'typical', { times: spread }),
    }),
  )

/** A plan of one source, or of two in turn. */
export const somePlan = fc
  .tuple(someLoads(), someSource, fc.option(someSource))
  .map(([loads, source, second]) =>
    planWith(loads, second ? [source, { ...second, id: 'second', afterSourceId: 'main' }] : [source], 20),
  )
