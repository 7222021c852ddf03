import type { Source } from '@/core/plan/power'
import type { SourceWiring } from '@/core/plan/wiring'
import { bankUnits } from '@/core/storage/bank'
import { GUESSED_CABLE_M } from '@/core/wiring/batteryCircuit'
import type { FieldRow } from '@/ui/field/fieldRows'
import { sourceFields as sourceFieldsWords } from '@/words/en/pages/hookupFields'
import { wordsOf } from '@/words/translate'

const say = wordsOf(sourceFieldsWords)

const UNSAID = say('notSaid')
const STANDS = [
  { value: UNSAID, words: say('notSaid') },
  { value: 'free', words: say('freeAirOnEverySide') },
  { value: 'shut-in', words: say('inAClosedCupboardOrBox') },
  { value: 'sun', words: say('inTheSun') },
] as const
const NEUTRALS = [
  { value: UNSAID, words: say('notKnown') },
  { value: 'floating', words: say('floatingTiedToNothing') },
  { value: 'bonded', words: say('bondedTiedToGround') },
] as const

const cable = (wiring: SourceWiring, part: Partial<NonNullable<SourceWiring['cable']>>): SourceWiring => ({
  ...wiring,
  cable: { areaMm2: null, lengthM: GUESSED_CABLE_M, ...wiring.cable, ...part },
})
const USUAL_FUSE_A = 100
const fuse = (wiring: SourceWiring, part: Partial<NonNullable<SourceWiring['fuse']>>): SourceWiring => ({
  ...wiring,
  fuse: { ratedA: USUAL_FUSE_A, ...wiring.fuse, ...part },
})
const hasFuse = ({ fuse: there }: SourceWiring) => there !== undefined && there !== null

/** How a source stands, and what lies between a bank's batteries and its inverter. */
export const sourceFields = (
  { bank }: Source,
  leastFuseA: number | null,
): readonly FieldRow<SourceWiring>[] => {
  const isBank = () => bank !== undefined
  return [
    {
      kind: 'choice',
      label: say('itStands'),
      options: STANDS,
      value: ({ stands }) => stands ?? UNSAID,
      put: (wiring, stands) => ({
        ...wiring,
        stands: stands === UNSAID ? undefined : (stands as SourceWiring['stands']),
      }),
    },
    {
      kind: 'quantity',
      label: say('aboveTheFloor'),
      path: 'source.aboveFloorM',
      value: ({ aboveFloorM }) => aboveFloorM ?? null,
      put: (wiring, aboveFloorM) => ({ ...wiring, aboveFloorM }),
    },
    {
      kind: 'choice',
      label: say('neutral'),
      options: NEUTRALS,
      value: ({ neutral }) => neutral ?? UNSAID,
      put: (wiring, neutral) => ({
        ...wiring,
        neutral: neutral === UNSAID ? undefined : (neutral as SourceWiring['neutral']),
      }),
    },
    {
      kind: 'wire',
      label: say('batteryCable'),
      when: isBank,
      isCord: false,
      value: ({ cable: there }) => there?.areaMm2 ?? null,
      put: (wiring, areaMm2) => cable(wiring, { areaMm2 }),
    },
    {
      kind: 'check',
      label: say('twoCables'),
      words: say('twoBesideEachOther'),
      when: (wiring) => bank !== undefined && wiring.cable?.areaMm2 != null,
      on: ({ cable: there }) => there?.isDouble ?? false,
      put: (wiring, on) => cable(wiring, { isDouble: on || undefined }),
    },
    {
      kind: 'quantity',
      label: say('cableOneWay'),
      when: isBank,
      path: 'cable.lengthM',
      value: ({ cable: there }) => there?.lengthM ?? null,
      put: (wiring, lengthM) => cable(wiring, { lengthM }),
    },
    {
      kind: 'choice',
      label: say('batteryFuse'),
      when: isBank,
      options: [
        { value: UNSAID, words: say('notSaid') },
        { value: 'none', words: say('noneWord') },
        { value: 'there', words: say('thereIsOne') },
      ],
      value: (wiring) => (wiring.fuse === undefined ? UNSAID : wiring.fuse === null ? 'none' : 'there'),
      put: (wiring, choice) =>
        choice === UNSAID
          ? { ...wiring, fuse: undefined }
          : choice === 'none'
            ? { ...wiring, fuse: null }
            : fuse(wiring, leastFuseA === null ? {} : { ratedA: leastFuseA }),
    },
    {
      kind: 'quantity',
      label: say('fuse'),
      when: hasFuse,
      path: 'fuse.ratedA',
      value: (wiring) => wiring.fuse?.ratedA ?? USUAL_FUSE_A,
      put: (wiring, ratedA) => fuse(wiring, { ratedA }),
    },
    {
      kind: 'quantity',
      label: say('fuseCanInterrupt'),
      when: hasFuse,
      path: 'fuse.interruptingA',
      value: (wiring) => wiring.fuse?.interruptingA ?? null,
      put: (wiring, interruptingA) => fuse(wiring, { interruptingA }),
    },
    {
      kind: 'quantity',
      label: say('fuseFromBattery'),
      when: hasFuse,
      path: 'fuse.awayM',
      value: (wiring) => wiring.fuse?.awayM ?? null,
      put: (wiring, awayM) => fuse(wiring, { awayM }),
    },
    {
      kind: 'choice',
      label: say('fusesOfStrings'),
      when: () => (bank?.parallel ?? 1) > 1,
      options: [
        { value: UNSAID, words: say('notSaid') },
        { value: 'each', words: say('oneEach') },
        { value: 'none', words: say('noneOfTheirOwn') },
      ],
      value: ({ hasStringFuses: has }) => (has === undefined ? UNSAID : has ? 'each' : 'none'),
      put: (wiring, choice) => ({
        ...wiring,
        hasStringFuses: choice === UNSAID ? undefined : choice === 'each',
      }),
    },
    {
      kind: 'choice',
      label: say('batteriesAre'),
      when: () => bank !== undefined && bankUnits(bank) > 1,
      options: [
        { value: UNSAID, words: say('notSaid') },
        { value: 'alike', words: say('ofOneKindAndSize') },
        { value: 'kind', words: say('ofDifferentKinds') },
        { value: 'size', words: say('ofDifferentSizes') },
      ],
      value: ({ batteriesAre }) => batteriesAre ?? UNSAID,
      put: (wiring, are) => ({
        ...wiring,
        batteriesAre: are === UNSAID ? undefined : (are as SourceWiring['batteriesAre']),
      }),
    },
    {
      kind: 'quantity',
      label: say('boughtMonthsApart'),
      when: () => bank !== undefined && bankUnits(bank) > 1,
      path: 'source.boughtApartMonths',
      value: ({ boughtApartMonths }) => boughtApartMonths ?? null,
      put: (wiring, boughtApartMonths) => ({ ...wiring, boughtApartMonths }),
    },
    {
      kind: 'check',
      label: say('disconnect'),
      words: say('aSwitchCutsTheBatteryOff'),
      when: isBank,
      on: ({ hasDisconnect }) => hasDisconnect ?? false,
      put: (wiring, on) => ({ ...wiring, hasDisconnect: on || undefined }),
    },
    {
      kind: 'quantity',
      label: say('roomsOpening'),
      when: () => bank !== undefined && bank.battery.chemistry !== 'lifepo4',
      path: 'source.ventCm2',
      value: ({ ventCm2 }) => ventCm2 ?? null,
      put: (wiring, ventCm2) => ({ ...wiring, ventCm2 }),
    },
  ]
}
