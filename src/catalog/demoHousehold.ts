import { UNITS_OF } from '@/core/quantity/units'
import type { Household } from '@/core/plan/household'
import { coldBoxBehaviour } from '@/core/load/coldBox'
import type { Behaviour, Cycling, HouseholdLoad, Scenario } from '@/core/plan/schema'
import type { Wiring } from '@/core/plan/wiring'
import type { Tier } from '@/core/plan/limits'
import { type Evidence, type Quantity, quantity } from '@/core/quantity/quantity'
import { heating } from './appliances'
import type { Refill } from '@/core/plan/refill'
import { equipmentClass, systemOf } from './equipment'
import { CARS, arrayOf, generatorOf, usualController } from './refill'

/** The sample household "Tarn End": an invented stone house in an invented valley, with invented numbers. */

const PLACE = { name: 'Little Stavering', latitudeDeg: 44.5, longitudeDeg: -71.6 }

const REFILL: Refill = {
  recordLowC: -34,
  panels: [
    arrayOf('panel-220', 'lean-to', {
      name: 'Two 220 W panels, lean-to',
      parallel: 2,
      tiltDeg: 35,
      azimuthDeg: 170,
      horizon: [{ fromDeg: 70, toDeg: 120, heightDeg: 12 }],
      controller: usualController(24),
    }),
  ],
  generator: generatorOf(2000, 20),
  car: CARS['12 V socket'],
}

const SCENARIOS: Scenario[] = [
  {
    id: 'february-ice',
    name: 'February ice',
    startsAt: '2027-02-05T18:00',
    durationH: 42,
    place: PLACE,
    outdoor: { lowC: -16, highC: -6 },
    indoorC: 19,
    rain: 'dry',
    sky: { kind: 'days', days: ['overcast', 'overcast', 'clear'] },
    away: [{ from: '09:00', to: '14:00', days: ['sat'] }],
    asleep: [{ from: '23:00', to: '06:30' }],
    carriedTiers: 'critical',
    confidence: 0.9,
    note: 'Overcast the first day, clear the second. Heating comes before the refrigerator: food can go outside.',
  },
  {
    id: 'august-line-work',
    name: 'August line work',
    startsAt: '2027-08-10T08:00',
    durationH: 10,
    place: PLACE,
    outdoor: { lowC: 19, highC: 34 },
    indoorC: 27,
    rain: 'dry',
    sky: { kind: 'days', days: ['clear'] },
    away: [],
    asleep: [{ from: '23:00', to: '06:30' }],
    carriedTiers: 'flexible',
    confidence: 0.9,
    note: 'Announced by the utility: 08:00 to 18:00.',
  },
  {
    id: 'november-flood',
    name: 'November flood',
    startsAt: '2027-11-13T06:00',
    durationH: 72,
    place: PLACE,
    outdoor: { lowC: 6, highC: 9 },
    indoorC: 19,
    rain: 'downpour',
    sky: { kind: 'days', days: ['dark'] },
    away: [],
    asleep: [{ from: '23:00', to: '06:30' }],
    carriedTiers: 'critical',
    confidence: 0.9,
    note: 'Rain for three days and no sun. The cellar drain pump comes first.',
  },
]

type Standing = [on: boolean, tier: Tier]

function load(
  id: string,
  name: string,
  behaviour: Behaviour,
  [ice, heat, flood]: [Standing, Standing, Standing],
  more: Partial<Omit<HouseholdLoad, 'id' | 'name' | 'behaviour' | 'standings'>> = {},
): HouseholdLoad {
  const standing = ([on, tier]: Standing) => ({ on, tier })
  return {
    id,
    name,
    volts: 120,
    leg: 'A',
    start: null,
    medical: false,
    note: '',
    ...more,
    behaviour,
    standings: {
      'february-ice': standing(ice),
      'august-line-work': standing(heat),
      'november-flood': standing(flood),
    },
  }
}

const start = (watts: number, seconds: number, evidence: Evidence): HouseholdLoad['start'] => ({
  watts: quantity(watts, 'W', evidence, { times: evidence === 'measured' ? 1.08 : 1.4 }),
  seconds: quantity(seconds, 's', 'typical', { times: 2 }),
})

/** The outhouse is unheated: the freezer's defrost and doors are few there. */
const inTheOuthouse = (freezer: Cycling): Cycling => ({
  ...freezer,
  follows: freezer.follows && { ...freezer.follows, surroundings: 'unheated' },
})

const cycling = (runningW: Quantity<'W'>, averageW: Quantity<'W'>, periodMin: number): Behaviour => ({
  kind: 'cycling',
  runningW,
  averageW,
  periodMin: quantity(periodMin, 'min', 'typical', { times: 1.3 }),
})

const on = (tier: Tier): Standing => [true, tier]
const off = (tier: Tier): Standing => [false, tier]

const LOADS: HouseholdLoad[] = [
  load(
    'boiler',
    'Boiler, two circulators',
    {
      ...heating(150, 24, -10),
      runningW: quantity(150, 'W', 'measured', { times: 1.05 }),
      averageW: quantity(48, 'W', 'measured'),
    },
    [on('critical'), off('optional'), on('flexible')],
    {
      start: start(310, 0.3, 'measured'),
      note: 'Hard-wired; a licensed electrician fits the inlet.',
    },
  ),
  load(
    'larder-refrigerator',
    'Larder refrigerator',
    {
      ...coldBoxBehaviour({ type: 'top-freezer', litres: 480, year: 2009, runningW: 165 }),
      averageW: quantity(66, 'W', 'label', { times: 1.5 }),
    },
    [on('flexible'), on('critical'), on('critical')],
    {
      start: start(1050, 0.3, 'label'),
    },
  ),
  load(
    'outhouse-freezer',
    'Upright freezer, outhouse',
    inTheOuthouse(coldBoxBehaviour({ type: 'upright-freezer', litres: 260, year: 2016, runningW: 95 })),
    [on('critical'), on('critical'), on('critical')],
    {
      start: start(620, 0.3, 'typical'),
    },
  ),
  load(
    'network',
    'Fibre, router, switch',
    { kind: 'constant', runningW: quantity(24, 'W', 'measured', { times: 1.05 }) },
    [on('critical'), on('critical'), on('critical')],
  ),
  load(
    'breathing-aid',
    'Breathing aid',
    {
      kind: 'scheduled',
      runningW: quantity(38, 'W', 'label', { times: 1.3 }),
      windows: [{ from: '22:30', to: '06:30' }],
    },
    [on('critical'), on('critical'), on('critical')],
    {
      medical: true,
      note: 'The supplier’s emergency plan comes first; this one only counts hours.',
    },
  ),
  load(
    'drain-pump',
    'Sump pump',
    {
      kind: 'pump',
      runningW: quantity(520, 'W', 'label', { times: 1.2 }),
      cycle: {
        by: 'spacing',
        onMin: quantity(0.3, 'min', 'measured', { times: 1.15 }),
        everyMin: quantity(11, 'min', 'measured', { times: 1.4 }),
      },
      inflowFollows: 'rain',
      knownIn: 'rain',
    },
    [on('critical'), on('critical'), on('critical')],
    {
      start: start(1500, 0.5, 'typical'),
    },
  ),
  load(
    'well-pump',
    'Well pump',
    {
      kind: 'pump',
      runningW: quantity(920, 'W', 'label', { times: 1.2 }),
      cycle: {
        by: 'volume',
        volumeL: quantity(30, 'L', 'typical', { times: 1.3 }),
        rateLMin: quantity(25, 'L/min', 'typical', { times: 1.3 }),
        inflowLH: quantity(20, 'L/h', 'typical', { times: 1.5 }),
      },
      inflowFollows: 'use',
    },
    [on('flexible'), on('flexible'), on('flexible')],
    {
      volts: 240,
      leg: 'both',
      start: start(3100, 0.4, 'label'),
      note: 'Drawn water in cans carries the house for two days.',
    },
  ),
  load(
    'lights',
    'Lights, evening',
    {
      kind: 'scheduled',
      runningW: quantity(45, 'W', 'label', { times: 1.2 }),
      windows: [{ from: '17:00', to: '23:00' }],
    },
    [on('flexible'), on('flexible'), on('flexible')],
  ),
  load(
    'phones-laptops',
    'Phones, two laptops',
    {
      kind: 'charging',
      runningW: quantity(95, 'W', 'typical', { times: 1.3 }),
      energyWh: quantity(125, 'Wh', 'typical', { times: 1.4 }),
      efficiencyFraction: quantity(0.85, '1', 'typical', { plusMinus: 0.05 }),
      idleW: quantity(1, 'W', 'typical', { times: 2 }),
      when: { at: ['19:00'] },
    },
    [on('optional'), on('critical'), on('flexible')],
    { leg: 'B' },
  ),
  load(
    'propagator',
    'Propagator mat',
    cycling(quantity(70, 'W', 'typical', { times: 1.2 }), quantity(35, 'W', 'typical'), 20),
    [off('optional'), off('optional'), off('optional')],
    { leg: 'B' },
  ),
  load(
    'coffee',
    'Coffee maker',
    {
      kind: 'session',
      runningW: quantity(900, 'W', 'label', { times: 1.1 }),
      minutesEach: quantity(8, 'min', 'typical', { times: 1.3 }),
      when: { at: ['07:00'] },
    },
    [on('optional'), on('optional'), on('optional')],
    { leg: 'B' },
  ),
  load(
    'microwave',
    'Microwave',
    {
      kind: 'session',
      runningW: quantity(1250, 'W', 'label', { times: 1.1 }),
      minutesEach: quantity(6, 'min', 'typical', { times: 1.3 }),
      when: { at: ['12:30', '18:30'] },
    },
    [on('optional'), on('optional'), on('optional')],
    { leg: 'B' },
  ),
  load(
    'fan-heater',
    'Fan heater',
    { kind: 'constant', runningW: quantity(1500, 'W', 'label', { times: 1.1 }) },
    [off('notOnBattery'), off('notOnBattery'), off('notOnBattery')],
    { leg: 'B', note: 'Resistance heat: 2 kWh lasts little over an hour.' },
  ),
]

/** What is plugged in how at Tarn End: a pump on a thin long cord, a boiler on fixed wires, a pit that was measured. */
const WIRING: Wiring = {
  cords: [
    { id: 'cellar-cord', name: 'Orange cord', areaMm2: 1, lengthM: 30 },
    { id: 'outhouse-cord', name: 'Outhouse cord', areaMm2: 2.5, lengthM: 20, route: 'doorway' },
    { id: 'shelf-strip', name: 'Strip on the shelf', areaMm2: 1.5, lengthM: 2, isStrip: true },
  ],
  loads: [
    { loadId: 'drain-pump', connection: 'cord', cordId: 'cellar-cord' },
    { loadId: 'outhouse-freezer', connection: 'cord', cordId: 'outhouse-cord' },
    { loadId: 'network', connection: 'cord', cordId: 'shelf-strip' },
    { loadId: 'lights', connection: 'cord', cordId: 'shelf-strip' },
    { loadId: 'phones-laptops', connection: 'cord', cordId: 'shelf-strip' },
    { loadId: 'breathing-aid', connection: 'straight' },
    { loadId: 'larder-refrigerator', connection: 'straight' },
    { loadId: 'coffee', connection: 'straight' },
    { loadId: 'microwave', connection: 'straight' },
  ],
  sources: [{ powerSystemId: 'station-2000', sourceId: 'main', aboveFloorM: 0.9 }],
  house: {
    generatorPlace: 'outdoors',
    generatorAwayM: 8,
    generatorCord: { areaMm2: 2.5, lengthM: 15 },
    carPlace: 'outdoors',
    monoxideAlarms: 2,
    smokeAlarms: 3,
  },
  risk: {
    timeConstantH: 45,
    hasWaterPipes: true,
    pits: [{ loadId: 'drain-pump', areaM2: 0.16, toRimM: 0.35, inflowLH: 110 }],
  },
}

const CANDIDATES = ['station-1000', 'station-2000', 'station-2000-expanded', 'bank-lfp-24', 'bank-agm-24']

/** A fresh copy of the sample household. */
export function demoHousehold(): Household {
  return structuredClone({
    profile: {
      name: 'Tarn End',
      sample: true,
      mains: '120/240 V split phase',
      units: UNITS_OF.metric,
      currency: 'USD',
      surgeSchool: 'largest-start',
      cooksWithGas: true,
      foodValue: 280,
    },
    scenarios: SCENARIOS,
    loads: LOADS,
    refill: REFILL,
    wiring: WIRING,
    powerSystems: CANDIDATES.map((id) => systemOf(equipmentClass(id))),
    hangsOn: {},
    chosen: { scenarioId: 'february-ice', powerSystemId: 'station-2000' },
  })
}
