import { averageW } from '@/core/load/average'
import type { ColdBox } from '@/core/load/coldBox'
import { startingW } from '@/core/load/start'
import type { Rain, Tier } from '@/core/plan/limits'
import type { Behaviour, Cycling, HouseholdLoad, Pump, Scenario } from '@/core/plan/schema'
import { type Quantity, quantity } from '@/core/quantity/quantity'

/** Kinds of outage that decide how important a thing is: by what threatens the house. */
export const OUTAGE_KINDS = ['cold', 'heat', 'wet', 'mild'] as const
export type OutageKind = (typeof OUTAGE_KINDS)[number]

export const GROUPS = [
  'Cold',
  'Heating and cooling',
  'Water and pumps',
  'Medical',
  'Network',
  'Lighting',
  'Kitchen',
  'Laundry',
  'Charging',
  'Home and office',
  'Animals and plants',
  'Doors, gates and alarms',
  'Workshop',
] as const
export type Group = (typeof GROUPS)[number]

/** Where the values of a catalogue entry come from. */
export type ValueSource = 'published' | 'common practice' | 'from memory'

/** A household thing with the values such a thing usually has. */
export interface Appliance {
  id: string
  name: string
  group: Group
  /** tier in each kind of outage */
  tiers: Record<OutageKind, Tier>
  behaviour: Behaviour
  /** starting watts and for how many seconds; null where there is no motor start */
  start: [watts: number, seconds: number] | null
  source: ValueSource
  medical?: boolean
  volts?: HouseholdLoad['volts']
  caution?: string
  /** a refrigerator or freezer: what its values follow from */
  box?: ColdBox
}

/** The kind of outage a scenario is: water first when it rains, then cold, then heat. */
export function outageKindOf({ outdoor, rain }: Pick<Scenario, 'outdoor'> & { rain: Rain }): OutageKind {
  if (outdoor.lowC <= 0) return 'cold'
  if (rain !== 'dry') return 'wet'
  if (outdoor.highC >= 28) return 'heat'
  return outdoor.lowC <= 5 ? 'cold' : 'mild'
}

/** The three numbers of a catalogue entry, W. */
export const numbersOf = ({ behaviour, start }: Appliance) => ({
  runningW: behaviour.runningW.value,
  startingW: startingW({
    behaviour,
    start: start && {
      watts: quantity(start[0], 'W', 'typical'),
      seconds: quantity(start[1], 's', 'typical'),
    },
  }),
  averageW: averageW(behaviour),
})

const TIER_OF: Record<string, Tier> = { h: 'critical', r: 'flexible', s: 'optional', x: 'notOnBattery' }

/** Tiers by kind of outage from four letters: cold, heat, wet, mild. @example tiers('hrrr').cold // 'critical' */
export function tiers(letters: string): Appliance['tiers'] {
  return Object.fromEntries(OUTAGE_KINDS.map((kind, i) => [kind, TIER_OF[letters[i]]])) as Appliance['tiers']
}

const typical = (watts: number, times = 1.5): Quantity<'W'> => quantity(watts, 'W', 'typical', { times })

/** Builders of the behaviours a catalogue needs, all typical. */
export const constant = (watts: number, times = 1.5): Behaviour => ({
  kind: 'constant',
  runningW: typical(watts, times),
})

export const scheduled = (watts: number, from: string, to: string, times = 1.4): Behaviour => ({
  kind: 'scheduled',
  runningW: typical(watts, times),
  windows: [{ from, to }],
})

export const eachHour = (watts: number, minutes: number): Behaviour => ({
  kind: 'scheduled',
  runningW: typical(watts, 1.4),
  windows: [{ from: '00:00', to: '24:00' }],
  eachHour: { atMinute: 0, minutes },
})

export const session = (watts: number, minutes: number, at: string[]): Behaviour => ({
  kind: 'session',
  runningW: typical(watts, 1.2),
  minutesEach: quantity(minutes, 'min', 'typical', { times: 1.4 }),
  when: { at },
})

export const sometimes = (
  watts: number,
  minutes: number,
  timesADay: number,
  from = '07:00',
  to = '22:00',
): Behaviour => ({
  kind: 'session',
  runningW: typical(watts, 1.2),
  minutesEach: quantity(minutes, 'min', 'typical', { times: 1.5 }),
  when: { timesADay, from, to },
})

export const charging = (watts: number, energyWh: number, at: string, idleW = 0.5): Behaviour => ({
  kind: 'charging',
  runningW: typical(watts, 1.3),
  energyWh: quantity(energyWh, 'Wh', 'typical', { times: 1.6 }),
  efficiencyFraction: quantity(0.85, '1', 'typical', { plusMinus: 0.05 }),
  idleW: quantity(idleW, 'W', 'typical', { times: 2 }),
  when: { at: [at] },
})

export const cycling = (running: number, average: number, periodMin: number): Cycling => ({
  kind: 'cycling',
  runningW: typical(running, 1.3),
  averageW: typical(average, 1.6),
  periodMin: quantity(periodMin, 'min', 'typical', { times: 1.5 }),
})

/**
 * Heating that runs 0.45 of the time on the design day (×/÷1.45), since it is chosen with room to spare, and needs nothing
 * above 16.5 °C outdoors. Common practice, no source.
 */
const DESIGN_DUTY = 0.45
const DESIGN_TIMES = 1.45

export const heating = (
  running: number,
  periodMin: number,
  designC = -15,
  blower?: Cycling['blower'],
): Cycling => ({
  ...cycling(running, running * DESIGN_DUTY, periodMin),
  averageW: typical(Math.round(running * DESIGN_DUTY), DESIGN_TIMES),
  follows: {
    mode: 'heating',
    setC: quantity(16.5, '°C', 'typical', { plusMinus: 1.5 }),
    knownAtC: quantity(designC, '°C', 'typical', { plusMinus: 3 }),
    surroundings: 'outdoors',
  },
  box: { timeConstantH: quantity(40, 'h', 'typical', { times: 1.6 }), fillFraction: 0.5, offForH: 0 },
  ...(blower ? { blower } : {}),
})

/** Cooling of a room that runs half the time at 33 °C outdoors and needs nothing below 22 °C. From memory. */
export const roomCooling = (running: number, floorW?: number): Cycling => ({
  ...cycling(running, running / 2, 20),
  follows: {
    mode: 'cooling',
    setC: quantity(22, '°C', 'typical', { plusMinus: 1.5 }),
    knownAtC: quantity(33, '°C', 'typical', { plusMinus: 2 }),
    surroundings: 'outdoors',
  },
  box: { timeConstantH: quantity(12, 'h', 'typical', { times: 1.6 }), fillFraction: 0.5, offForH: 0 },
  ...(floorW
    ? { drive: { kind: 'inverter' as const, floorW: quantity(floorW, 'W', 'typical', { times: 1.3 }) } }
    : {}),
})

export const pit = (running: number, onS: number, everyMin: number): Pump => ({
  kind: 'pump',
  runningW: typical(running, 1.3),
  cycle: {
    by: 'spacing',
    onMin: quantity(onS / 60, 'min', 'typical', { times: 1.4 }),
    everyMin: quantity(everyMin, 'min', 'typical', { times: 1.8 }),
  },
  inflowFollows: 'rain',
  knownIn: 'rain',
})

export const tank = (running: number, drawDownL: number, rateLMin: number, useLADay: number): Pump => ({
  kind: 'pump',
  runningW: typical(running, 1.3),
  cycle: {
    by: 'volume',
    volumeL: quantity(drawDownL, 'L', 'typical', { times: 1.4 }),
    rateLMin: quantity(rateLMin, 'L/min', 'typical', { times: 1.3 }),
    inflowLH: quantity(useLADay / 24, 'L/h', 'typical', { times: 1.6 }),
  },
  inflowFollows: 'use',
})

/** A row of a group: id, name, tiers, behaviour, where its values come from, and what else there is. */
export type Row = [
  id: string,
  name: string,
  letters: string,
  behaviour: Appliance['behaviour'],
  source: Appliance['source'],
  more?: Partial<Appliance>,
]

/** The entries of a group. @param all what all of them have */
export const group = (name: Group, rows: Row[], all: Partial<Appliance> = {}): Appliance[] =>
  rows.map(([id, label, letters, behaviour, source, more]) => ({
    id,
    name: label,
    group: name,
    tiers: tiers(letters),
    behaviour,
    start: null,
    source,
    ...all,
    ...more,
  }))
