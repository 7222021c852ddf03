import { describe, expect, test } from '@jest/globals'
import { type FactsOf, type Finding, type HazardId, finding } from '@/core/hazard/finding'
import { UNITS_OF } from '@/core/quantity/units'
import { hazards } from '../en/hazards'
import { findingWords } from './hazardWords'

type Choices = { [Id in HazardId]: { [Name in keyof FactsOf[Id]]: readonly FactsOf[Id][Name][] } }

const yesNo = [true, false] as const
/** Every value that makes another sentence. */
const CHOICES: Choices = {
  'carbon-monoxide': {
    from: ['generator', 'car'],
    where: ['outdoors', 'garage', 'porch', 'not said'],
    awayM: [null, 4],
    whileAsleep: yesNo,
    alarms: [null, 0, 2],
  },
  'back-feed': { names: [['Furnace'], ['Furnace', 'Well pump']] },
  'floating-neutral': { name: ['Furnace'], source: ['Station'], isSaid: yesNo },
  'double-bond': { transfer: ['interlock', 'transfer-switch'] },
  'overloaded-cord': {
    cord: ['Cord'],
    names: [['Pump'], ['Pump', 'Freezer']],
    why: ['amps', 'drop', 'start drop'],
    limitedBy: ['wire', 'coil', 'strip'],
    amps: [13.2],
    ratedA: [10],
    dropFraction: [0.11],
    wire: ['16 AWG'],
    lengthM: [30.48],
    least: [null, '12 AWG'],
  },
  'cord-to-find': { name: ['Pump'], amps: [4.6], lengthM: [7.6], least: [null, '16 AWG'] },
  'unfused-battery': {
    source: ['Bank'],
    trouble: ['not said', 'none', 'too small', 'too large', 'interrupts too little', 'far away'],
    amps: [108],
    leastFuseA: [150, null],
    saidA: [100],
    shortCircuitA: [3000],
    hasDisconnect: yesNo,
  },
  'thin-cable': {
    source: ['Bank'],
    trouble: ['not said', 'too thin', 'over its fuse', 'drop'],
    amps: [108],
    wire: ['8 AWG'],
    least: ['1/0 AWG', null],
    lengthM: [1],
    isInFreeAir: yesNo,
    isDouble: yesNo,
    dropFraction: [0.05],
  },
  hydrogen: {
    source: ['Bank'],
    chemistry: ['flooded', 'agm'],
    m3PerH: [2.4],
    openingCm2: [67.2],
    saidCm2: [null, 20],
  },
  'direct-current': {
    name: ['Router'],
    why: ['drop', 'plug'],
    arrivesV: [11.2],
    dropFraction: [0.07],
  },
  'charger-budget': {
    source: ['Bank'],
    names: [['Router'], ['Router', 'Camera']],
    chargerW: [60],
    meanW: [45],
    leftW: [15, 0],
    hours: [52, null],
  },
  'hot-cord': {
    name: ['Heater'],
    cord: ['Cord'],
    on: ['strip', 'reel', 'cord'],
    drawsW: [1500],
    amps: [12.5],
    ratedA: [13],
  },
  'unfused-strings': { source: ['Bank'], strings: [3], isSaid: yesNo, shortCircuitA: [4000] },
  'mixed-batteries': { source: ['Bank'], differ: ['kind', 'size', 'age'], months: [14] },
  'car-socket': { askedW: [150], askedA: [12.5], socketW: [120], socketA: [10], way: ['socket', 'inverter'] },
  'car-system': { askedW: [900], systemW: [null, 400], givesW: [null, 352] },
  'charged-in-frost': { source: ['Station'], coldestC: [-12] },
  'panel-volts': { array: ['Roof'], coldV: [81], limitV: [60], recordC: [-30] },
  'wrong-voltage': { name: ['Well pump'], volts: [240], source: ['Station'], isCritical: yesNo },
  'start-too-large': { source: ['Station'], name: [null, 'Pump'], neededW: [9000], limitW: [4000] },
  'modified-sine': { source: ['Inverter'], names: [['Pump']], isMedical: yesNo },
  'one-source': { name: ['Breathing aid'], source: ['Station'], isShort: yesNo, endsMin: [735] },
  'transfer-gap': { name: ['Computer'], source: ['Station'], gapMs: [null, 30], isMedical: yesNo },
  'ups-input': { name: ['UPS'], behind: ['generator', 'modified sine'] },
  'what-is-lost': {
    kind: [
      'refrigerator',
      'freezer',
      'cold-room',
      'frozen-pipes',
      'flooded-pit',
      'aquarium',
      'roots',
      'animals',
      'medicine',
      'phone',
    ],
    name: ['Thing'],
    powerEndsMin: [null, 600],
    lostMin: [900],
    earliestMin: [800],
    isLikely: yesNo,
    basis: ['published', 'own', 'guess'],
  },
  'pit-unknown': { name: ['Pump'] },
  water: { name: ['Pump'], source: ['Station'], aboveFloorM: [null, 0.1], isProtected: yesNo },
  heat: { source: ['Station'], why: ['sun', 'shut-in', 'hot hours'], givesFraction: [0.8], hottestC: [38] },
  'cord-route': { cord: ['Cord'], route: ['doorway', 'covered', 'wet'] },
  'daisy-chain': { cord: ['Strip 2'], into: ['Strip 1'] },
  unattended: { from: ['generator', 'car'], asleep: yesNo, minutes: [60] },
  'smoke-alarms': { count: [null, 0] },
  'grid-return': { sensitive: [[], ['Computer']], compressors: [[], ['Refrigerator', 'Freezer']] },
  fuel: { litres: [60], isIndoors: yesNo, ageMonths: [null, 9], refills: [0, 2] },
  lifting: { source: ['Station'], weightKg: [31], hasStairs: yesNo },
}

/** Every combination of a hazard's choices. */
function everyFinding(id: HazardId): Finding[] {
  const all = Object.entries(CHOICES[id]).reduce<Record<string, unknown>[]>(
    (some, [name, values]) =>
      some.flatMap((facts) => (values as unknown[]).map((value) => ({ ...facts, [name]: value }))),
    [{}],
  )
  // with nothing sensitive and no compressors there is no such finding
  const isFound = (facts: Record<string, unknown>) =>
    id !== 'grid-return' || Object.values(facts).some((names) => (names as string[]).length > 0)
  const place = { page: 'hookup', part: 'house', id: null } as const
  return all.filter(isFound).map((facts) => finding(id, 'x', place, 'you', facts as never))
}

const metric = { units: UNITS_OF.metric, startsAt: '2027-02-05T18:00' }
const ids = Object.keys(CHOICES) as HazardId[]

describe('every hazard has whole words, whatever was found', () => {
  test.each(ids)('%s', (id) => {
    for (const found of everyFinding(id)) {
      const { title, happens, act, who } = findingWords(found, metric)
      for (const text of [title, act, who]) {
        expect(text).toMatch(/^[\p{Lu}\d“].*[.?]$/u)
        expect(text).not.toMatch(/undefined|null|NaN|\bnone\b|[{}]|\s{2}|\.\.|\s[.,;:]/)
      }
      expect(happens).toMatch(/[.]$/)
      expect(happens).not.toMatch(/undefined|null|NaN|[{}]|\.\./)
    }
  })
  test('no message is left without a hazard', () => {
    const known = new Set<string>([...ids, 'who', 'severity'])
    expect(Object.keys(hazards).filter((key) => !known.has(key))).toEqual([])
  })
})

describe('in the household’s units', () => {
  const generator = everyFinding('carbon-monoxide').find(
    ({ facts }) => 'awayM' in facts && facts.awayM === 4,
  )!
  test.each([
    ['metric', 'at least 6 m', 'planned at 4 m'],
    ['us', 'at least 20 ft', 'planned at 13 ft'],
  ] as const)('%s', (system, least, planned) => {
    const { act } = findingWords(generator, { ...metric, units: UNITS_OF[system] })
    expect(act).toContain(least)
    expect(act).toContain(planned)
  })
  test('hours of the clock are those of the household', () => {
    const [short] = everyFinding('one-source')
    expect(findingWords(short, metric).title).toContain('Saturday 06:15')
    expect(findingWords(short, { ...metric, units: UNITS_OF.us }).title).toMatch(/Saturday 6:15 am/)
  })
})
