import { describe, expect, test } from '@jest/globals'
import type { FactsOf, HazardId, Severity } from './finding'
import { SEVERITIES, severityOf } from './severity'

const monoxide = (more: Partial<FactsOf['carbon-monoxide']>): FactsOf['carbon-monoxide'] => ({
  from: 'generator',
  where: 'outdoors',
  awayM: 6,
  whileAsleep: false,
  alarms: 1,
  ...more,
})
const lost = (kind: FactsOf['what-is-lost']['kind'], isLikely = true): FactsOf['what-is-lost'] => ({
  kind,
  name: 'Thing',
  powerEndsMin: 10,
  lostMin: 20,
  earliestMin: 15,
  isLikely,
  basis: 'own',
})
const fuel = (more: Partial<FactsOf['fuel']>): FactsOf['fuel'] => ({
  litres: 38,
  isIndoors: false,
  ageMonths: 7,
  refills: 0,
  ...more,
})
const water = (aboveFloorM: number | null) => ({ name: 'Pump', source: 'S', aboveFloorM, isProtected: true })
const gap = (isMedical: boolean) => ({ name: 'X', source: 'S', gapMs: null, isMedical })
const bank = (trouble: FactsOf['unfused-battery']['trouble']): FactsOf['unfused-battery'] => ({
  source: 'S',
  trouble,
  amps: 1,
  leastFuseA: 1,
  saidA: null,
  shortCircuitA: 1,
  hasDisconnect: false,
})

/** Both sides of every edge. */
const EDGES: [string, Severity, () => Severity][] = [
  ['6 m exactly, outdoors, one alarm', 'note', () => severityOf('carbon-monoxide', monoxide({}))],
  ['a hair nearer', 'danger', () => severityOf('carbon-monoxide', monoxide({ awayM: 5.99 }))],
  ['no alarm: zero is none', 'serious', () => severityOf('carbon-monoxide', monoxide({ alarms: 0 }))],
  ['alarms not said', 'serious', () => severityOf('carbon-monoxide', monoxide({ alarms: null }))],
  ['distance not said', 'serious', () => severityOf('carbon-monoxide', monoxide({ awayM: null }))],
  ['place not said', 'serious', () => severityOf('carbon-monoxide', monoxide({ where: 'not said' }))],
  [
    'asleep, however far',
    'danger',
    () => severityOf('carbon-monoxide', monoxide({ whileAsleep: true, awayM: 50 })),
  ],
  ...(['garage', 'carport', 'porch'] as const).flatMap((where): [string, Severity, () => Severity][] => [
    [`generator: ${where}`, 'danger', () => severityOf('carbon-monoxide', monoxide({ where, awayM: 20 }))],
    [
      `car: ${where}`,
      'danger',
      () => severityOf('carbon-monoxide', monoxide({ from: 'car', where, awayM: null })),
    ],
  ]),
  [
    'car outdoors',
    'note',
    () => severityOf('carbon-monoxide', monoxide({ from: 'car', awayM: null, alarms: null })),
  ],
  [
    'car, place not said',
    'serious',
    () => severityOf('carbon-monoxide', monoxide({ from: 'car', where: 'not said', awayM: null })),
  ],
  ['food too warm', 'serious', () => severityOf('what-is-lost', lost('refrigerator'))],
  ['food too warm, one time in ten', 'note', () => severityOf('what-is-lost', lost('refrigerator', false))],
  ['medicine', 'danger', () => severityOf('what-is-lost', lost('medicine'))],
  ['medicine, one time in ten', 'note', () => severityOf('what-is-lost', lost('medicine', false))],
  ['a telephone', 'note', () => severityOf('what-is-lost', lost('phone'))],
  ['38 L', 'note', () => severityOf('fuel', fuel({}))],
  ['more', 'serious', () => severityOf('fuel', fuel({ litres: 38.1 }))],
  ['refilled hot', 'serious', () => severityOf('fuel', fuel({ refills: 1 }))],
  ['indoors', 'danger', () => severityOf('fuel', fuel({ isIndoors: true }))],
  ['half a metre above the floor', 'serious', () => severityOf('water', water(0.5))],
  ['lower', 'danger', () => severityOf('water', water(0.49))],
  ['height not said', 'serious', () => severityOf('water', water(null))],
  ['zero smoke alarms', 'serious', () => severityOf('smoke-alarms', { count: 0 })],
  ['smoke alarms not said', 'note', () => severityOf('smoke-alarms', { count: null })],
  ['a medical gap', 'serious', () => severityOf('transfer-gap', gap(true))],
  ['a computer’s', 'note', () => severityOf('transfer-gap', gap(false))],
  ['no fuse', 'danger', () => severityOf('unfused-battery', bank('none'))],
  ['a fuse nobody said', 'serious', () => severityOf('unfused-battery', bank('not said'))],
  ['a fuse far away', 'note', () => severityOf('unfused-battery', bank('far away'))],
  [
    'strings without fuses',
    'danger',
    () => severityOf('unfused-strings', { source: 'S', strings: 2, isSaid: true, shortCircuitA: 1 }),
  ],
  [
    'strings nobody said of',
    'serious',
    () => severityOf('unfused-strings', { source: 'S', strings: 2, isSaid: false, shortCircuitA: 1 }),
  ],
  [
    'kinds mixed',
    'danger',
    () => severityOf('mixed-batteries', { source: 'S', differ: 'kind', months: null }),
  ],
  ['ages mixed', 'serious', () => severityOf('mixed-batteries', { source: 'S', differ: 'age', months: 20 })],
  [
    'a 12 V plug of unknown polarity',
    'serious',
    () => severityOf('direct-current', { name: 'X', why: 'plug', arrivesV: 12, dropFraction: 0 }),
  ],
  [
    'what a car gives is said',
    'serious',
    () => severityOf('car-system', { askedW: 900, systemW: 400, givesW: 352 }),
  ],
  ['not said', 'note', () => severityOf('car-system', { askedW: 900, systemW: null, givesW: null })],
  [
    'something left for the battery',
    'note',
    () =>
      severityOf('charger-budget', { source: 'S', names: [], chargerW: 9, meanW: 8, leftW: 1, hours: 90 }),
  ],
  [
    'nothing left',
    'serious',
    () =>
      severityOf('charger-budget', { source: 'S', names: [], chargerW: 9, meanW: 9, leftW: 0, hours: null }),
  ],
]

describe('how grave', () => {
  test.each(EDGES)('%s: %s', (_, wanted, found) => expect(found()).toBe(wanted))
  test('every table ends with a row that always holds', () => {
    for (const id of Object.keys(SEVERITIES) as HazardId[])
      expect(SEVERITIES[id].at(-1)![1]({} as never)).toBe(true)
  })
})
