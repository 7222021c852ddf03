import { LIMITS } from '@/core/plan/limits'
import type { Cord } from '@/core/plan/wiring'
import type { FieldRow } from '@/ui/field/fieldRows'
import { cordFields as cordFieldsWords } from '@/words/en/pages/hookupFields'
import { wordsOf } from '@/words/translate'

const say = wordsOf(cordFieldsWords)

const SOURCE = ''

const ROUTES = [
  { value: 'open', words: say('inTheOpenAlongAWall') },
  { value: 'doorway', words: say('throughADoorOrWindow') },
  { value: 'covered', words: say('underACarpetOrBehindThings') },
  { value: 'wet', words: say('whereItIsWet') },
] as const

/** The fields of a cord. @param others cords it may be plugged into */
export const cordFields = (others: readonly Cord[]): readonly FieldRow<Cord>[] => [
  {
    kind: 'text',
    label: say('called'),
    maxLength: LIMITS.nameLength,
    value: ({ name }) => name,
    put: (cord, name) => ({ ...cord, name }),
  },
  {
    kind: 'wire',
    label: say('wireSize'),
    isCord: true,
    value: ({ areaMm2 }) => areaMm2,
    put: (cord, areaMm2) => ({ ...cord, areaMm2 }),
  },
  {
    kind: 'quantity',
    label: say('length'),
    path: 'cord.lengthM',
    value: ({ lengthM }) => lengthM,
    put: (cord, lengthM) => ({ ...cord, lengthM }),
  },
  {
    kind: 'choice',
    label: say('pluggedInto'),
    when: () => others.length > 0,
    options: [
      { value: SOURCE, words: say('theSource') },
      ...others.map(({ id, name }) => ({ value: id, words: name })),
    ],
    value: ({ fromCordId }) => fromCordId ?? SOURCE,
    put: (cord, id) => ({ ...cord, fromCordId: id === SOURCE ? undefined : id }),
  },
  {
    kind: 'choice',
    label: say('itLies'),
    options: ROUTES,
    value: ({ route }) => route ?? 'open',
    put: (cord, route) => ({ ...cord, route: route as Cord['route'] }),
  },
  {
    kind: 'check',
    label: say('reel'),
    words: say('staysCoiledWhileInUse'),
    on: ({ isCoiled }) => isCoiled ?? false,
    put: (cord, on) => ({ ...cord, isCoiled: on || undefined }),
  },
  {
    kind: 'check',
    label: say('powerStrip'),
    words: say('severalOutletsAtItsEnd'),
    on: ({ isStrip }) => isStrip ?? false,
    put: (cord, on) => ({ ...cord, isStrip: on || undefined }),
  },
]
