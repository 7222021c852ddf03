import type { Source } from '@/core/plan/power'
import type { SourceWiring } from '@/core/plan/wiring'
import { GUESSED_CABLE_M } from '@/core/wiring/batteryCircuit'
import type { FieldRow } from '@/ui/field/fieldRows'

const UNSAID = 'not said'
const STANDS = [
  { value: 'free', words: 'free, air on every side' },
  { value: 'shut-in', words: 'in a closed cupboard or box' },
  { value: 'sun', words: 'in the sun' },
] as const
const NEUTRALS = [
  { value: UNSAID, words: 'not known' },
  { value: 'floating', words: 'floating: tied to nothing' },
  { value: 'bonded', words: 'bonded: tied to ground' },
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
      label: 'It stands',
      options: STANDS,
      value: ({ stands }) => stands ?? 'free',
      put: (wiring, stands) => ({ ...wiring, stands: stands as SourceWiring['stands'] }),
    },
    {
      kind: 'quantity',
      label: 'Above the floor',
      path: 'source.aboveFloorM',
      value: ({ aboveFloorM }) => aboveFloorM ?? null,
      put: (wiring, aboveFloorM) => ({ ...wiring, aboveFloorM }),
    },
    {
      kind: 'choice',
      label: 'Neutral',
      options: NEUTRALS,
      value: ({ neutral }) => neutral ?? UNSAID,
      put: (wiring, neutral) => ({
        ...wiring,
        neutral: neutral === UNSAID ? undefined : (neutral as SourceWiring['neutral']),
      }),
    },
    {
      kind: 'wire',
      label: 'Battery cable',
      when: isBank,
      isCord: false,
      value: ({ cable: there }) => there?.areaMm2 ?? null,
      put: (wiring, areaMm2) => cable(wiring, { areaMm2 }),
    },
    {
      kind: 'quantity',
      label: 'Cable, one way',
      when: isBank,
      path: 'cable.lengthM',
      value: ({ cable: there }) => there?.lengthM ?? null,
      put: (wiring, lengthM) => cable(wiring, { lengthM }),
    },
    {
      kind: 'choice',
      label: 'Battery fuse',
      when: isBank,
      options: [
        { value: UNSAID, words: 'not said' },
        { value: 'none', words: 'none' },
        { value: 'there', words: 'there is one' },
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
      label: 'Fuse',
      when: hasFuse,
      path: 'fuse.ratedA',
      value: (wiring) => wiring.fuse?.ratedA ?? USUAL_FUSE_A,
      put: (wiring, ratedA) => fuse(wiring, { ratedA }),
    },
    {
      kind: 'quantity',
      label: 'Fuse can interrupt',
      when: hasFuse,
      path: 'fuse.interruptingA',
      value: (wiring) => wiring.fuse?.interruptingA ?? null,
      put: (wiring, interruptingA) => fuse(wiring, { interruptingA }),
    },
    {
      kind: 'quantity',
      label: 'Fuse from battery',
      when: hasFuse,
      path: 'fuse.awayM',
      value: (wiring) => wiring.fuse?.awayM ?? null,
      put: (wiring, awayM) => fuse(wiring, { awayM }),
    },
    {
      kind: 'check',
      label: 'Disconnect',
      words: 'a switch cuts the battery off',
      when: isBank,
      on: ({ hasDisconnect }) => hasDisconnect ?? false,
      put: (wiring, on) => ({ ...wiring, hasDisconnect: on || undefined }),
    },
    {
      kind: 'quantity',
      label: 'Room’s opening',
      when: () => bank !== undefined && bank.battery.chemistry !== 'lifepo4',
      path: 'source.ventCm2',
      value: ({ ventCm2 }) => ventCm2 ?? null,
      put: (wiring, ventCm2) => ({ ...wiring, ventCm2 }),
    },
  ]
}
