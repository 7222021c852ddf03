import { usualNoLoadW } from '@/catalog/noLoad'
import { coldBoxBehaviour, usualDefrost } from '@/core/load/coldBox'
import type { Plan } from '@/core/plan/document'
import type { Behaviour, Cycling, Load, Source } from '@/core/plan/schema'
import { type Quantity, quantity } from '@/core/quantity/quantity'
import { exactSource, loadOf, planWith } from '../support/samplePlan'

/**
 * Runs as people have observed them, written down as plans from what was known before each, and the
 * catalogue's typical values for the rest. Common practice, no source.
 */

/** One thing that was read off: how long it lasted, what had been taken by an hour, or a load's watts. */
export type Observation =
  | { kind: 'end'; what: string; hours: number }
  | { kind: 'outlet Wh'; what: string; atHours: number; wh: number }
  | { kind: 'battery Wh'; what: string; atHours: number; wh: number }
  | { kind: 'charge left'; what: string; atHours: number; fraction: number }
  | { kind: 'first start'; what: string; loadId: string; minutes: number }
  | { kind: 'outlet Wh a day'; what: string; wh: number }
  /** a load’s own watts, running or defrosting, against what was believed of it */
  | { kind: 'watts'; what: string; believed: Quantity<'W'>; watts: number }

export interface CalibrationCase {
  id: string
  what: string
  plan: Plan
  observations: Observation[]
}

const station = (wh: number, ratedW: number, more: Partial<Source> = {}): Source =>
  exactSource({
    capacityWh: quantity(wh, 'Wh', 'label', { times: 1.04 }),
    reserveFraction: quantity(0.03, '1', 'typical', { plusMinus: 0.02 }),
    efficiencyFraction: quantity(0.915, '1', 'typical', { plusMinus: 0.03 }),
    noLoadW: usualNoLoadW(ratedW),
    usableFraction: quantity(0.83, '1', 'typical', { plusMinus: 0.04 }),
    continuousW: quantity(ratedW, 'W', 'label', { times: 1.02 }),
    surgeW: quantity(ratedW * 2, 'W', 'label', { times: 1.1 }),
    ...more,
  })

/** LiFePO4: Wh = Ah × nominal volts × 1.03 at light load; its own cut-off leaves next to nothing. Common practice, no source. */
const lithium = (volts: number, ah: number, ratedW: number, more: Partial<Source> = {}): Source =>
  station(volts * ah * 1.03, ratedW, {
    kind: 'bank',
    reserveFraction: quantity(0.01, '1', 'typical', { plusMinus: 0.01 }),
    ...more,
  })

const about = (box: Cycling, aboutC: number): Cycling => ({
  ...box,
  follows: box.follows && {
    ...box.follows,
    surroundings: { aboutC: quantity(aboutC, '°C', 'typical', { plusMinus: 2 }) },
  },
})

const load = (id: string, name: string, behaviour: Behaviour): Load => loadOf(behaviour, { id, name })

const constant = (watts: number, times: number): Behaviour => ({
  kind: 'constant',
  runningW: quantity(watts, 'W', 'measured', { times }),
})

/** A: its average and its defrost were measured; an inverter compressor takes some 100 W at most beside it. */
const inverterRefrigerator = (): Load =>
  load('refrigerator', 'Refrigerator, inverter compressor', {
    kind: 'cycling',
    runningW: quantity(120, 'W', 'typical', { times: 1.3 }),
    averageW: quantity(84, 'W', 'measured', { times: 1.08 }),
    periodMin: quantity(45, 'min', 'typical', { times: 1.4 }),
    drive: { kind: 'inverter', floorW: quantity(40, 'W', 'typical', { times: 1.3 }) },
    defrost: { ...usualDefrost('adaptive'), watts: quantity(383, 'W', 'measured', { times: 1.05 }) },
  })

/** A, the small unit: 288 Wh of which 230 reach the outlet. */
export const smallUnitPlan = (): Plan =>
  planWith(
    [inverterRefrigerator()],
    [
      station(288, 600, {
        lossRule: 'flat',
        usableFraction: quantity(0.8, '1', 'label', { plusMinus: 0.04 }),
      }),
    ],
    4,
  )

const BELIEVED_TELEVISION = quantity(80, 'W', 'typical', { times: 1.8 })
const BELIEVED_TERMINAL = quantity(50, 'W', 'typical', { times: 1.4 })

export function calibrationCases(): CalibrationCase[] {
  const chest = about(coldBoxBehaviour({ type: 'chest-freezer', litres: 150, runningW: 75 }), 16)
  const oldRefrigerator = about(coldBoxBehaviour({ type: 'top-freezer', year: 2012, runningW: 160 }), 27)
  // “had been off”, nobody wrote down how long: since the evening before
  const wasOff = (box: Cycling): Cycling => ({
    ...box,
    box: box.box && { ...box.box, offForH: 2, offForTimes: 2.5 },
  })
  return [
    {
      id: 'A',
      what: 'inverter refrigerator on 288 Wh',
      plan: smallUnitPlan(),
      observations: [
        { kind: 'end', what: 'lasted', hours: 1 },
        { kind: 'watts', what: 'its defrost', believed: usualDefrost('adaptive').watts, watts: 383 },
      ],
    },
    {
      id: 'D',
      what: 'small chest freezer, full, garage about 16 °C, 12.8 V 100 Ah',
      plan: planWith(
        [
          load('freezer', 'Chest freezer', {
            ...chest,
            box: chest.box && { ...chest.box, fillFraction: 1 },
            doors: { knownADay: 0, nowADay: 0 },
          }),
        ],
        [lithium(12.8, 100, 1500, { noLoadW: quantity(4, 'W', 'measured', { times: 1.1 }) })],
        72,
      ),
      observations: [
        { kind: 'first start', what: 'first start after', loadId: 'freezer', minutes: 19 },
        { kind: 'end', what: 'lasted', hours: 54 },
      ],
    },
    {
      id: 'E',
      what: '12-year-old refrigerator, room about 27 °C, 25.6 V 100 Ah',
      plan: planWith(
        [load('refrigerator', 'Refrigerator', oldRefrigerator)],
        [
          lithium(25.6, 100, 3000, {
            efficiencyFraction: quantity(0.9, '1', 'label', { plusMinus: 0.02 }),
          }),
        ],
        60,
      ),
      observations: [
        { kind: 'outlet Wh', what: 'outlet energy by 12 h', atHours: 12, wh: 655 },
        { kind: 'battery Wh', what: 'battery by 12 h (29.9 Ah)', atHours: 12, wh: 29.9 * 26.4 },
        { kind: 'battery Wh', what: 'battery by 24 h (56.7 Ah)', atHours: 24, wh: 56.7 * 26.4 },
        { kind: 'outlet Wh', what: 'outlet energy by 35.9 h', atHours: 35.9, wh: 2092 },
        { kind: 'charge left', what: 'charge left at 35.9 h', atHours: 35.9, fraction: 0.02 },
      ],
    },
    {
      id: 'F',
      what: 'old refrigerator and new upright freezer, both from warm, and the network, 2,048 Wh',
      plan: planWith(
        [
          load(
            'refrigerator',
            'Refrigerator, old',
            wasOff(coldBoxBehaviour({ type: 'top-freezer', runningW: 110 })),
          ),
          load(
            'freezer',
            'Upright freezer, new',
            wasOff(coldBoxBehaviour({ type: 'upright-freezer', year: 2018, runningW: 90 })),
          ),
          load('network', 'Network', constant(62, 1.05)),
          load('lamp', 'Lamp', {
            kind: 'scheduled',
            runningW: quantity(9.5, 'W', 'label', { times: 1.1 }),
            windows: [{ from: '18:00', to: '24:00' }],
          }),
          load('phone', 'Phone', {
            kind: 'charging',
            runningW: quantity(10, 'W', 'typical', { times: 1.5 }),
            energyWh: quantity(15, 'Wh', 'typical', { times: 1.6 }),
            efficiencyFraction: quantity(0.8, '1', 'typical', { plusMinus: 0.05 }),
            idleW: quantity(0.3, 'W', 'typical', { times: 2 }),
            when: 'start',
          }),
        ],
        [station(2048, 2000)],
        24,
      ),
      observations: [
        { kind: 'charge left', what: 'charge left at 4.25 h', atHours: 4.25, fraction: 0.5 },
        { kind: 'end', what: 'lasted', hours: 11 + 55 / 60 },
      ],
    },
    {
      id: 'I',
      what: 'washing machine, label 120 V × 12 A, cold wash',
      plan: planWith(
        [
          load('washer', 'Washing machine', {
            kind: 'session',
            runningW: quantity(85, 'W', 'typical', { times: 1.5 }),
            minutesEach: quantity(45, 'min', 'typical', { times: 1.3 }),
            when: { at: ['19:00'] },
          }),
        ],
        [station(2048, 2000)],
        24,
      ),
      observations: [{ kind: 'outlet Wh a day', what: 'one wash, 38–130 W, about 0.75 h', wh: 63 }],
    },
    {
      id: 'M',
      what: 'six loads as believed: television 80 W, satellite terminal 50 W, refrigerator with a 209 W defrost',
      plan: planWith(
        [
          load('refrigerator', 'Refrigerator', {
            ...coldBoxBehaviour({ type: 'top-freezer' }),
            defrost: { ...usualDefrost('timer'), watts: quantity(209, 'W', 'measured', { times: 1.05 }) },
          }),
          load('television', 'Television', {
            kind: 'scheduled',
            runningW: BELIEVED_TELEVISION,
            windows: [{ from: '18:00', to: '22:00' }],
          }),
          load('satellite', 'Satellite terminal', {
            kind: 'scheduled',
            runningW: BELIEVED_TERMINAL,
            windows: [{ from: '15:00', to: '23:00' }],
          }),
          load('phones', 'Phones', {
            kind: 'charging',
            runningW: quantity(20, 'W', 'typical', { times: 1.3 }),
            energyWh: quantity(30, 'Wh', 'typical', { times: 1.6 }),
            efficiencyFraction: quantity(0.85, '1', 'typical', { plusMinus: 0.05 }),
            idleW: quantity(0.5, 'W', 'typical', { times: 2 }),
            when: { at: ['19:00'] },
          }),
          load('lights', 'Lights', {
            kind: 'scheduled',
            runningW: quantity(20, 'W', 'typical', { times: 1.5 }),
            windows: [{ from: '18:00', to: '23:00' }],
          }),
          load('router', 'Router', {
            kind: 'constant',
            runningW: quantity(10, 'W', 'typical', { times: 1.5 }),
          }),
        ],
        [station(1024, 1800, { capacityWh: quantity(10_000, 'Wh', 'label', { times: 1.04 }) })],
        24,
      ),
      observations: [
        { kind: 'watts', what: 'television', believed: BELIEVED_TELEVISION, watts: 30 },
        { kind: 'watts', what: 'satellite terminal', believed: BELIEVED_TERMINAL, watts: 60 },
        { kind: 'watts', what: 'refrigerator’s defrost', believed: usualDefrost('timer').watts, watts: 209 },
        { kind: 'battery Wh', what: 'a day, inverter’s own loss included', atHours: 24, wh: 1786 },
      ],
    },
  ]
}
