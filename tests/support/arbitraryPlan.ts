import * as fc from 'fast-check'
import type { Behaviour, Cycling, Load, Source, Steering } from '@/core/plan/schema'
import { type Quantity, quantity } from '@/core/quantity/quantity'
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
    })),
)

const shareOfWatts = fc.double({ min: 0, max: 1.1, noNaN: true })
const known = (value: number, unit: '°C' | 'h' | 'L' | 'L/min' | 'L/h', t: number) =>
  quantity(value, unit, 'typical', unit === '°C' ? { plusMinus: t - 1 } : { times: t })

/** Boxes and burners in weather, with every part they may have. */
const thermostat: fc.Arbitrary<Cycling> = fc
  .record({
    watts: fc.integer({ min: 20, max: 600 }),
    share: shareOfWatts,
    period: fc.integer({ min: 4, max: 90 }),
    t: times,
    follows: fc.option(
      fc.record({
        mode: fc.constantFrom('cooling' as const, 'heating' as const),
        where: fc.constantFrom(
          'indoors' as const,
          'unheated' as const,
          'outdoors' as const,
          'about' as const,
        ),
      }),
    ),
    drive: fc.constantFrom('on-off' as const, 'inverter' as const, 'two-stage' as const),
    box: fc.option(
      fc.record({
        tau: fc.integer({ min: 2, max: 60 }),
        fill: fc.constantFrom(0, 0.5, 1),
        off: fc.constantFrom(0, 5, 1000),
      }),
    ),
    defrost: fc.option(
      fc.record({
        watts: fc.integer({ min: 100, max: 500 }),
        minutes: fc.integer({ min: 5, max: 40 }),
        every: fc.integer({ min: 1, max: 12 }),
        control: fc.constantFrom('timer' as const, 'adaptive' as const),
      }),
    ),
    blower: fc.boolean(),
    idle: fc.constantFrom(0, 0, 6, 15),
  })
  .map(({ watts: w, share, period, t, follows, drive, box, defrost, blower, idle }) => ({
    kind: 'cycling',
    runningW: quantity(w, 'W', 'label', { times: t }),
    averageW: quantity(w * share, 'W', 'label', { times: t }),
    periodMin: quantity(period, 'min', 'label', { times: t }),
    ...(idle > 0 ? { idleW: quantity(idle, 'W', 'label', { times: t }) } : {}),
    ...(follows
      ? {
          follows: {
            mode: follows.mode,
            setC: known(follows.mode === 'cooling' ? -10 : 16, '°C', t),
            knownAtC: known(follows.mode === 'cooling' ? 32 : -5, '°C', t),
            surroundings: follows.where === 'about' ? { aboutC: known(18, '°C', t) } : follows.where,
          },
        }
      : {}),
    drive:
      drive === 'inverter'
        ? { kind: drive, floorW: quantity(w * 0.4, 'W', 'label', { times: t }) }
        : drive === 'two-stage'
          ? { kind: drive, lowW: quantity(w * 0.5, 'W', 'label', { times: t }), lowOutputFraction: 0.6 }
          : { kind: drive },
    ...(box
      ? { box: { timeConstantH: known(box.tau, 'h', t), fillFraction: box.fill, offForH: box.off } }
      : {}),
    ...(defrost
      ? {
          defrost: {
            watts: quantity(defrost.watts, 'W', 'label', { times: t }),
            minutes: quantity(defrost.minutes, 'min', 'label', { times: t }),
            everyRunH: known(defrost.every, 'h', t) as Quantity<'h'>,
            control: defrost.control,
          },
        }
      : {}),
    ...(blower ? { blower: { watts: quantity(w * 0.7, 'W', 'label', { times: t }), lagMin: 1 } } : {}),
  })) as fc.Arbitrary<Cycling>

const pump: fc.Arbitrary<Behaviour> = fc
  .record({
    watts,
    bySpacing: fc.boolean(),
    a: fc.integer({ min: 1, max: 40 }),
    b: fc.integer({ min: 2, max: 60 }),
    t: times,
    follows: fc.constantFrom('nothing' as const, 'rain' as const, 'use' as const),
  })
  .map(({ watts: w, bySpacing, a, b, t, follows }) => ({
    kind: 'pump',
    runningW: quantity(w, 'W', 'label', { times: t }),
    cycle: bySpacing
      ? {
          by: 'spacing',
          onMin: quantity(a / 10, 'min', 'label', { times: t }),
          everyMin: quantity(b, 'min', 'label', { times: t }),
        }
      : {
          by: 'volume',
          volumeL: quantity(a, 'L', 'label', { times: t }),
          rateLMin: quantity(b, 'L/min', 'label', { times: t }),
          inflowLH: quantity(a * b, 'L/h', 'label', { times: t }),
        },
    inflowFollows: follows,
  }))

const charging: fc.Arbitrary<Behaviour> = fc
  .record({ watts, wh: fc.integer({ min: 1, max: 400 }), t: times, at: fc.option(clock) })
  .map(({ watts: w, wh, t, at }) => ({
    kind: 'charging',
    runningW: quantity(w, 'W', 'label', { times: t }),
    energyWh: quantity(wh, 'Wh', 'label', { times: t }),
    efficiencyFraction: quantity(0.85, '1', 'typical', { plusMinus: 0.05 }),
    idleW: quantity(0.5, 'W', 'typical', { times: t }),
    when: at ? { at: [at] } : 'start',
  }))

const steering: fc.Arbitrary<Steering | undefined> = fc.option(
  fc.record({
    pauses: fc.array(
      fc
        .tuple(fc.integer({ min: 0, max: 1500 }), fc.integer({ min: 1, max: 400 }))
        .map(([fromMin, length]) => ({ fromMin, toMin: fromMin + length })),
      { maxLength: 2 },
    ),
    offDaily: fc.array(
      fc.tuple(clock, clock).map(([from, to]) => ({ from, to })),
      { maxLength: 1 },
    ),
    setBackK: fc.constantFrom(0, 3, 12),
  }),
  { nil: undefined },
)

export const someLoads = (max = 5): fc.Arbitrary<Load[]> =>
  fc
    .array(fc.tuple(fc.oneof(behaviour, thermostat, pump, charging), steering), {
      minLength: 1,
      maxLength: max,
    })
    .map((list) =>
      list.map(([b, s], i) => loadOf(b, { id: `l${i}`, name: `Load ${i}`, ...(s ? { steering: s } : {}) })),
    )

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
