import type { HouseWiring, Risk } from '@/core/plan/wiring'
import { CAR_CABLE_M, GENERATOR_CORD_M } from '@/core/wiring/feeds'
import type { FieldRow } from '@/ui/field/fieldRows'

const UNSAID = 'not said'
const unsaid = <T extends string>(choice: string): T | undefined =>
  choice === UNSAID ? undefined : (choice as T)

const PLACES = [
  { value: UNSAID, words: 'not said' },
  { value: 'outdoors', words: 'out of doors' },
  { value: 'porch', words: 'on a porch, under a roof' },
  { value: 'garage', words: 'in a garage or shed' },
] as const

/** Fixed wires, alarms, fuel, carrying. */
export const houseFields: readonly FieldRow<HouseWiring>[] = [
  {
    kind: 'choice',
    label: 'Fixed wires are fed by',
    options: [
      { value: 'none', words: 'nothing yet' },
      { value: 'transfer-switch', words: 'an inlet and a transfer switch' },
      { value: 'interlock', words: 'an inlet and an interlock in the panel' },
      { value: 'plug-at-appliance', words: 'a plug and outlet at the appliance' },
    ],
    value: ({ transfer }) => transfer ?? 'none',
    put: (house, transfer) => ({ ...house, transfer: transfer as HouseWiring['transfer'] }),
  },
  {
    kind: 'quantity',
    label: 'Carbon monoxide alarms',
    path: 'house.alarms',
    value: ({ monoxideAlarms }) => monoxideAlarms ?? null,
    put: (house, monoxideAlarms) => ({ ...house, monoxideAlarms }),
  },
  {
    kind: 'quantity',
    label: 'Smoke alarms',
    path: 'house.alarms',
    value: ({ smokeAlarms }) => smokeAlarms ?? null,
    put: (house, smokeAlarms) => ({ ...house, smokeAlarms }),
  },
  {
    kind: 'check',
    label: 'Surge protector',
    words: 'before what is sensitive',
    on: ({ hasSurgeProtector }) => hasSurgeProtector ?? false,
    put: (house, on) => ({ ...house, hasSurgeProtector: on || undefined }),
  },
  {
    kind: 'check',
    label: 'Stairs',
    words: 'on the way it is carried',
    on: ({ hasStairs }) => hasStairs ?? false,
    put: (house, on) => ({ ...house, hasStairs: on || undefined }),
  },
]

/** Where the generator stands and how it is connected. */
export const generatorFields: readonly FieldRow<HouseWiring>[] = [
  {
    kind: 'choice',
    label: 'It runs',
    options: PLACES,
    value: ({ generatorPlace }) => generatorPlace ?? UNSAID,
    put: (house, place) => ({ ...house, generatorPlace: unsaid(place) }),
  },
  {
    kind: 'quantity',
    label: 'From the nearest opening',
    path: 'generator.awayM',
    value: ({ generatorAwayM }) => generatorAwayM ?? null,
    put: (house, generatorAwayM) => ({ ...house, generatorAwayM }),
  },
  {
    kind: 'wire',
    label: 'Its cord',
    isCord: true,
    value: ({ generatorCord }) => generatorCord?.areaMm2 ?? null,
    put: (house, areaMm2) => ({
      ...house,
      generatorCord: { lengthM: GENERATOR_CORD_M, ...house.generatorCord, areaMm2 },
    }),
  },
  {
    kind: 'quantity',
    label: 'Cord, length',
    path: 'cord.lengthM',
    value: ({ generatorCord }) => generatorCord?.lengthM ?? null,
    put: (house, lengthM) => ({
      ...house,
      generatorCord: { areaMm2: null, ...house.generatorCord, lengthM },
    }),
  },
  {
    kind: 'choice',
    label: 'Its neutral',
    options: [
      { value: UNSAID, words: 'not known' },
      { value: 'floating', words: 'floating: tied to nothing' },
      { value: 'bonded', words: 'bonded: tied to ground' },
    ],
    value: ({ generatorNeutral }) => generatorNeutral ?? UNSAID,
    put: (house, neutral) => ({ ...house, generatorNeutral: unsaid(neutral) }),
  },
  {
    kind: 'check',
    label: 'Fuel',
    words: 'kept inside the house or an attached garage',
    on: ({ keepsFuelIndoors }) => keepsFuelIndoors ?? false,
    put: (house, on) => ({ ...house, keepsFuelIndoors: on || undefined }),
  },
  {
    kind: 'quantity',
    label: 'Fuel is months old',
    path: 'house.fuelAgeMonths',
    value: ({ fuelAgeMonths }) => fuelAgeMonths ?? null,
    put: (house, fuelAgeMonths) => ({ ...house, fuelAgeMonths }),
  },
]

/** Where the car runs, and the cables to it. */
export const carFields: readonly FieldRow<HouseWiring>[] = [
  {
    kind: 'choice',
    label: 'It runs',
    options: PLACES,
    value: ({ carPlace }) => carPlace ?? UNSAID,
    put: (house, place) => ({ ...house, carPlace: unsaid(place) }),
  },
  {
    kind: 'wire',
    label: 'Jumper cables',
    isCord: false,
    value: ({ carCable }) => carCable?.areaMm2 ?? null,
    put: (house, areaMm2) => ({ ...house, carCable: { lengthM: CAR_CABLE_M, ...house.carCable, areaMm2 } }),
  },
  {
    kind: 'quantity',
    label: 'Cables, one way',
    path: 'cable.lengthM',
    value: ({ carCable }) => carCable?.lengthM ?? null,
    put: (house, lengthM) => ({ ...house, carCable: { areaMm2: null, ...house.carCable, lengthM } }),
  },
]

/** How fast the house cools. */
export const coolingFields: readonly FieldRow<Risk>[] = [
  {
    kind: 'quantity',
    label: 'House keeps warm for',
    path: 'house.timeConstantH',
    value: ({ timeConstantH }) => timeConstantH ?? null,
    put: (risk, timeConstantH) => ({ ...risk, timeConstantH, isMeasured: undefined }),
  },
  {
    kind: 'check',
    label: 'Water pipes',
    words: 'in outer walls or unheated rooms',
    on: ({ hasWaterPipes }) => hasWaterPipes ?? true,
    put: (risk, hasWaterPipes) => ({ ...risk, hasWaterPipes }),
  },
]
