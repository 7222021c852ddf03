import { LIMITS } from '@/core/plan/limits'
import type { Cord } from '@/core/plan/wiring'
import type { FieldRow } from '@/ui/field/fieldRows'

const SOURCE = ''

const ROUTES = [
  { value: 'open', words: 'in the open, along a wall' },
  { value: 'doorway', words: 'through a door or window' },
  { value: 'covered', words: 'under a carpet or behind things' },
  { value: 'wet', words: 'where it is wet' },
] as const

/** The fields of a cord. @param others cords it may be plugged into */
export const cordFields = (others: readonly Cord[]): readonly FieldRow<Cord>[] => [
  {
    kind: 'text',
    label: 'Called',
    maxLength: LIMITS.nameLength,
    value: ({ name }) => name,
    put: (cord, name) => ({ ...cord, name }),
  },
  {
    kind: 'wire',
    label: 'Wire size',
    isCord: true,
    value: ({ areaMm2 }) => areaMm2,
    put: (cord, areaMm2) => ({ ...cord, areaMm2 }),
  },
  {
    kind: 'quantity',
    label: 'Length',
    path: 'cord.lengthM',
    value: ({ lengthM }) => lengthM,
    put: (cord, lengthM) => ({ ...cord, lengthM }),
  },
  {
    kind: 'choice',
    label: 'Plugged into',
    when: () => others.length > 0,
    options: [
      { value: SOURCE, words: 'the source' },
      ...others.map(({ id, name }) => ({ value: id, words: name })),
    ],
    value: ({ fromCordId }) => fromCordId ?? SOURCE,
    put: (cord, id) => ({ ...cord, fromCordId: id === SOURCE ? undefined : id }),
  },
  {
    kind: 'choice',
    label: 'It lies',
    options: ROUTES,
    value: ({ route }) => route ?? 'open',
    put: (cord, route) => ({ ...cord, route: route as Cord['route'] }),
  },
  {
    kind: 'check',
    label: 'Reel',
    words: 'stays coiled while in use',
    on: ({ isCoiled }) => isCoiled ?? false,
    put: (cord, on) => ({ ...cord, isCoiled: on || undefined }),
  },
  {
    kind: 'check',
    label: 'Power strip',
    words: 'several outlets at its end',
    on: ({ isStrip }) => isStrip ?? false,
    put: (cord, on) => ({ ...cord, isStrip: on || undefined }),
  },
]
