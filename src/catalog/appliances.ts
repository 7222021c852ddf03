import type { Behaviour, HouseholdLoad } from '@/core/plan/schema'
import type { Tier } from '@/core/plan/limits'
import { quantity } from '@/core/quantity/quantity'

/** A household thing with the values such a thing usually has. */
export interface Appliance {
  id: string
  name: string
  tier: Tier
  behaviour: Behaviour
  /** starting watts and for how many seconds; null where there is no motor start */
  start: [watts: number, seconds: number] | null
  medical?: boolean
  volts?: HouseholdLoad['volts']
  caution?: string
}

const constant = (runningW: number): Behaviour => ({
  kind: 'constant',
  runningW: quantity(runningW, 'W', 'typical'),
})
const cycling = (runningW: number, averageW: number, periodMin: number): Behaviour => ({
  kind: 'cycling',
  runningW: quantity(runningW, 'W', 'typical', { times: 1.3 }),
  averageW: quantity(averageW, 'W', 'typical'),
  periodMin: quantity(periodMin, 'min', 'typical', { times: 1.3 }),
})
const scheduled = (runningW: number, from: string, to: string): Behaviour => ({
  kind: 'scheduled',
  runningW: quantity(runningW, 'W', 'typical'),
  windows: [{ from, to }],
})
const session = (runningW: number, minutes: number, at: string[]): Behaviour => ({
  kind: 'session',
  runningW: quantity(runningW, 'W', 'typical', { times: 1.2 }),
  minutesEach: quantity(minutes, 'min', 'typical', { times: 1.3 }),
  when: { at },
})

/** Typical values: common practice, from memory. */
export const APPLIANCES: readonly Appliance[] = [
  {
    id: 'refrigerator',
    name: 'Refrigerator',
    tier: 'hold',
    behaviour: cycling(140, 55, 45),
    start: [900, 0.3],
  },
  {
    id: 'freezer-chest',
    name: 'Chest freezer',
    tier: 'hold',
    behaviour: cycling(85, 30, 50),
    start: [600, 0.3],
  },
  {
    id: 'freezer-upright',
    name: 'Upright freezer',
    tier: 'hold',
    behaviour: cycling(110, 45, 45),
    start: [700, 0.3],
  },
  {
    id: 'boiler',
    name: 'Boiler with circulator',
    tier: 'hold',
    behaviour: cycling(120, 55, 20),
    start: [250, 0.3],
    caution: 'Usually hard-wired: a licensed electrician fits the inlet or transfer switch.',
  },
  {
    id: 'furnace',
    name: 'Gas furnace with blower',
    tier: 'hold',
    behaviour: cycling(500, 220, 15),
    start: [1500, 0.5],
    caution: 'Usually hard-wired: a licensed electrician fits the inlet or transfer switch.',
  },
  {
    id: 'drain-pump',
    name: 'Cellar drain pump',
    tier: 'hold',
    behaviour: cycling(600, 20, 8),
    start: [1800, 0.5],
  },
  {
    id: 'well-pump',
    name: 'Well pump, 240 V',
    tier: 'ration',
    behaviour: {
      kind: 'session',
      runningW: quantity(1000, 'W', 'typical', { times: 1.3 }),
      minutesEach: quantity(2, 'min', 'typical', { times: 1.4 }),
      when: { timesADay: 12, from: '06:00', to: '23:00' },
    },
    start: [3200, 0.4],
    volts: 240,
  },
  { id: 'network', name: 'Fibre terminal and router', tier: 'hold', behaviour: constant(18), start: null },
  {
    id: 'breathing-aid',
    name: 'Breathing aid at night',
    tier: 'hold',
    behaviour: scheduled(40, '22:30', '06:30'),
    start: null,
    medical: true,
    caution: 'This plan does not replace your supplier’s or doctor’s emergency plan.',
  },
  {
    id: 'oxygen',
    name: 'Oxygen concentrator',
    tier: 'hold',
    behaviour: constant(330),
    start: null,
    medical: true,
    caution: 'This plan does not replace your supplier’s or doctor’s emergency plan.',
  },
  {
    id: 'lights',
    name: 'Lights, evening',
    tier: 'ration',
    behaviour: scheduled(40, '17:00', '23:00'),
    start: null,
  },
  {
    id: 'phones',
    name: 'Phones and a laptop',
    tier: 'ration',
    behaviour: scheduled(60, '19:00', '21:00'),
    start: null,
  },
  {
    id: 'television',
    name: 'Television',
    tier: 'spare',
    behaviour: scheduled(70, '19:00', '22:00'),
    start: null,
  },
  {
    id: 'microwave',
    name: 'Microwave',
    tier: 'spare',
    behaviour: session(1250, 6, ['12:30', '18:30']),
    start: null,
  },
  { id: 'coffee', name: 'Coffee maker', tier: 'spare', behaviour: session(900, 8, ['07:00']), start: null },
  {
    id: 'fan-heater',
    name: 'Fan heater',
    tier: 'refuse',
    behaviour: constant(1500),
    start: null,
    caution: 'Resistance heat empties a battery in an hour or two.',
  },
  { id: 'aquarium', name: 'Aquarium pump', tier: 'hold', behaviour: constant(12), start: null },
  { id: 'fan', name: 'Fan', tier: 'ration', behaviour: constant(35), start: null },
]
