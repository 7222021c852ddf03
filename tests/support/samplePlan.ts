import { UNITS_OF } from '@/core/quantity/units'
import { sourceOf, equipmentClass } from '@/catalog/equipment'
import { PLAN_FORMAT, PLAN_VERSION } from '@/core/plan/limits'
import { type Plan } from '@/core/plan/document'
import { NO_REFILL } from '@/core/plan/noRefill'
import type { Behaviour, Cycling, Load, Source } from '@/core/plan/schema'
import { quantity } from '@/core/quantity/quantity'

/** Builders of small plans for tests and benchmarks. */

export const exact = { times: 1 }

export const constant = (watts: number): Behaviour => ({
  kind: 'constant',
  runningW: quantity(watts, 'W', 'measured', exact),
})

export const cycling = (running: number, average: number, period: number, times = 1): Cycling => ({
  kind: 'cycling',
  runningW: quantity(running, 'W', 'measured', { times }),
  averageW: quantity(average, 'W', 'measured', { times }),
  periodMin: quantity(period, 'min', 'measured', { times }),
})

/** A refrigerator in an unheated room, with everything a refrigerator does. */
export const coldBox = (running: number, average: number, times = 1): Cycling => ({
  ...cycling(running, average, 45, times),
  follows: {
    mode: 'cooling',
    setC: quantity(-3, '°C', 'typical', { plusMinus: times - 1 }),
    knownAtC: quantity(21, '°C', 'typical', { plusMinus: times - 1 }),
    surroundings: 'unheated',
  },
  box: { timeConstantH: quantity(9, 'h', 'typical', { times }), fillFraction: 0.5, offForH: 0 },
  doors: { knownADay: 0, nowADay: 20 },
  defrost: {
    watts: quantity(250, 'W', 'typical', { times }),
    minutes: quantity(25, 'min', 'typical', { times }),
    everyRunH: quantity(8, 'h', 'typical', { times }),
    control: 'adaptive',
  },
})

/** A furnace that follows the cold, its blower a minute behind its burner. */
export const burner = (running: number, average: number, times = 1): Cycling => ({
  ...cycling(running, average, 24, times),
  follows: {
    mode: 'heating',
    setC: quantity(16.5, '°C', 'typical', { plusMinus: times - 1 }),
    knownAtC: quantity(-10, '°C', 'typical', { plusMinus: times - 1 }),
    surroundings: 'outdoors',
  },
  blower: { watts: quantity(running * 0.8, 'W', 'typical', { times }), lagMin: 1 },
})

export const scheduled = (watts: number, from: string, to: string): Behaviour => ({
  kind: 'scheduled',
  runningW: quantity(watts, 'W', 'measured', exact),
  windows: [{ from, to }],
  byTimer: true,
})

export const session = (
  watts: number,
  minutes: number,
  at: string[],
  times = 1,
): Extract<Behaviour, { kind: 'session' }> => ({
  kind: 'session',
  runningW: quantity(watts, 'W', 'measured', exact),
  minutesEach: quantity(minutes, 'min', 'measured', { times }),
  byTimer: true,
  when: { at },
})

export function loadOf(behaviour: Behaviour, more: Partial<Load> = {}): Load {
  return {
    id: 'load',
    name: 'Load',
    volts: 120,
    leg: 'A',
    start: null,
    medical: false,
    note: '',
    on: true,
    tier: 'critical',
    sourceId: 'main',
    behaviour,
    ...more,
  }
}

/** A 2 kWh station with nothing uncertain about it, unless told otherwise. */
export function exactSource(more: Partial<Source> = {}): Source {
  return {
    ...sourceOf(equipmentClass('station-2000'), 'main'),
    capacityWh: quantity(2000, 'Wh', 'measured', exact),
    reserveFraction: quantity(0, '1', 'measured', exact),
    efficiencyFraction: quantity(0.9, '1', 'measured', exact),
    noLoadW: quantity(10, 'W', 'measured', exact),
    usableFraction: quantity(0.8, '1', 'measured', exact),
    ...more,
  }
}

export function planWith(loads: Load[], sources: Source[] = [exactSource()], durationH = 24): Plan {
  return {
    format: PLAN_FORMAT,
    version: PLAN_VERSION,
    household: {
      name: 'Test house',
      sample: false,
      mains: '120/240 V split phase',
      units: UNITS_OF.metric,
      currency: 'USD',
      surgeSchool: 'largest-start',
    },
    scenario: {
      id: 'scenario',
      name: 'Test outage',
      startsAt: '2027-02-05T18:00',
      durationH,
      place: { name: '', latitudeDeg: 45, longitudeDeg: 0 },
      outdoor: { lowC: 0, highC: 5 },
      indoorC: 20,
      rain: 'dry',
      away: [],
      asleep: [],
      carriedTiers: 'optional',
      confidence: 0.9,
      note: '',
    },
    loads,
    powerSystem: { id: 'system', name: 'test station', sources, note: '' },
    refill: { ...NO_REFILL },
  }
}

/** Twelve loads of every kind, as a house has them, each uncertain. @param count how many, by repeating them */
export function mixedLoads(count = 12): Load[] {
  const kinds: Behaviour[] = [
    coldBox(150, 62, 1.5),
    {
      ...coldBox(90, 60, 1.5),
      drive: { kind: 'inverter', floorW: quantity(40, 'W', 'label', { times: 1.2 }) },
    },
    burner(140, 60, 1.2),
    {
      kind: 'pump',
      runningW: quantity(520, 'W', 'label', { times: 1.2 }),
      cycle: {
        by: 'spacing',
        onMin: quantity(0.37, 'min', 'label', { times: 1.2 }),
        everyMin: quantity(16, 'min', 'label', { times: 1.4 }),
      },
      inflowFollows: 'nothing',
    },
    constant(24),
    {
      kind: 'charging',
      runningW: quantity(60, 'W', 'label', { times: 1.2 }),
      energyWh: quantity(80, 'Wh', 'label', { times: 1.3 }),
      efficiencyFraction: quantity(0.85, '1', 'typical', { plusMinus: 0.05 }),
      idleW: quantity(0.5, 'W', 'typical', { times: 2 }),
      when: { at: ['19:00'] },
    },
    scheduled(38, '22:30', '06:30'),
    scheduled(45, '17:00', '23:00'),
    scheduled(60, '19:00', '21:30'),
    session(1250, 6, ['12:30', '18:30'], 1.3),
    session(900, 8, ['07:00'], 1.3),
    { ...session(700, 4, ['08:00'], 1.4), when: { timesADay: 6, from: '07:00', to: '22:00' } },
  ]
  return Array.from({ length: count }, (_, i) =>
    loadOf(kinds[i % kinds.length], { id: `load-${i}`, name: `Load ${i}` }),
  )
}
