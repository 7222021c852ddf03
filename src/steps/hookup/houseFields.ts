import type { HouseWiring, Risk } from '@/core/plan/wiring'
import { CAR_CABLE_M, GENERATOR_CORD_M } from '@/core/wiring/feeds'
import type { FieldRow } from '@/ui/field/fieldRows'
import { houseFields as houseFieldsWords } from '@/words/en/pages/hookupFields'
import { wordsOf } from '@/words/translate'

const say = wordsOf(houseFieldsWords)

const UNSAID = say('notSaid')
const unsaid = <T extends string>(choice: string): T | undefined =>
  choice === UNSAID ? undefined : (choice as T)

const PLACES = [
  { value: UNSAID, words: say('notSaid') },
  { value: 'outdoors', words: say('outOfDoors') },
  { value: 'carport', words: say('inACarport') },
  { value: 'porch', words: say('onAPorchUnderARoof') },
  { value: 'garage', words: say('inAGarageOrShed') },
] as const

/** Fixed wires, alarms, fuel, carrying. */
export const houseFields: readonly FieldRow<HouseWiring>[] = [
  {
    kind: 'choice',
    label: say('fixedWiresAreFedBy'),
    options: [
      { value: 'none', words: say('nothingYet') },
      { value: 'transfer-switch', words: say('anInletAndATransferSwitch') },
      { value: 'interlock', words: say('anInletAndAnInterlockIn') },
      { value: 'plug-at-appliance', words: say('aPlugAndOutletAtThe') },
    ],
    value: ({ transfer }) => transfer ?? 'none',
    put: (house, transfer) => ({ ...house, transfer: transfer as HouseWiring['transfer'] }),
  },
  {
    kind: 'quantity',
    label: say('carbonMonoxideAlarms'),
    path: 'house.alarms',
    value: ({ monoxideAlarms }) => monoxideAlarms ?? null,
    put: (house, monoxideAlarms) => ({ ...house, monoxideAlarms }),
  },
  {
    kind: 'quantity',
    label: say('smokeAlarms'),
    path: 'house.alarms',
    value: ({ smokeAlarms }) => smokeAlarms ?? null,
    put: (house, smokeAlarms) => ({ ...house, smokeAlarms }),
  },
  {
    kind: 'check',
    label: say('surgeProtector'),
    words: say('protectsWhatIsSensitive'),
    on: ({ hasSurgeProtector }) => hasSurgeProtector ?? false,
    put: (house, on) => ({ ...house, hasSurgeProtector: on || undefined }),
  },
  {
    kind: 'check',
    label: say('stairs'),
    words: say('onTheWayItIsCarried'),
    on: ({ hasStairs }) => hasStairs ?? false,
    put: (house, on) => ({ ...house, hasStairs: on || undefined }),
  },
]

/** Where the generator stands and how it is connected. */
export const generatorFields: readonly FieldRow<HouseWiring>[] = [
  {
    kind: 'choice',
    label: say('itRuns'),
    options: PLACES,
    value: ({ generatorPlace }) => generatorPlace ?? UNSAID,
    put: (house, place) => ({ ...house, generatorPlace: unsaid(place) }),
  },
  {
    kind: 'quantity',
    label: say('fromTheNearestOpening'),
    path: 'generator.awayM',
    value: ({ generatorAwayM }) => generatorAwayM ?? null,
    put: (house, generatorAwayM) => ({ ...house, generatorAwayM }),
  },
  {
    kind: 'wire',
    label: say('itsCord'),
    isCord: true,
    value: ({ generatorCord }) => generatorCord?.areaMm2 ?? null,
    put: (house, areaMm2) => ({
      ...house,
      generatorCord: { lengthM: GENERATOR_CORD_M, ...house.generatorCord, areaMm2 },
    }),
  },
  {
    kind: 'quantity',
    label: say('cordLength'),
    path: 'cord.lengthM',
    value: ({ generatorCord }) => generatorCord?.lengthM ?? null,
    put: (house, lengthM) => ({
      ...house,
      generatorCord: { areaMm2: null, ...house.generatorCord, lengthM },
    }),
  },
  {
    kind: 'choice',
    label: say('itsNeutral'),
    options: [
      { value: UNSAID, words: say('notKnown') },
      { value: 'floating', words: say('floatingTiedToNothing') },
      { value: 'bonded', words: say('bondedTiedToGround') },
    ],
    value: ({ generatorNeutral }) => generatorNeutral ?? UNSAID,
    put: (house, neutral) => ({ ...house, generatorNeutral: unsaid(neutral) }),
  },
  {
    kind: 'check',
    label: say('fuel'),
    words: say('keptInsideTheHouseOrAn'),
    on: ({ keepsFuelIndoors }) => keepsFuelIndoors ?? false,
    put: (house, on) => ({ ...house, keepsFuelIndoors: on || undefined }),
  },
  {
    kind: 'quantity',
    label: say('fuelIsMonthsOld'),
    path: 'house.fuelAgeMonths',
    value: ({ fuelAgeMonths }) => fuelAgeMonths ?? null,
    put: (house, fuelAgeMonths) => ({ ...house, fuelAgeMonths }),
  },
]

/** Where the car runs, and the cables to it. */
export const carFields: readonly FieldRow<HouseWiring>[] = [
  {
    kind: 'choice',
    label: say('itRuns'),
    options: PLACES,
    value: ({ carPlace }) => carPlace ?? UNSAID,
    put: (house, place) => ({ ...house, carPlace: unsaid(place) }),
  },
  {
    kind: 'wire',
    label: say('jumperCables'),
    isCord: false,
    value: ({ carCable }) => carCable?.areaMm2 ?? null,
    put: (house, areaMm2) => ({ ...house, carCable: { lengthM: CAR_CABLE_M, ...house.carCable, areaMm2 } }),
  },
  {
    kind: 'quantity',
    label: say('cablesOneWay'),
    path: 'cable.lengthM',
    value: ({ carCable }) => carCable?.lengthM ?? null,
    put: (house, lengthM) => ({ ...house, carCable: { areaMm2: null, ...house.carCable, lengthM } }),
  },
]

/** How fast the house cools. */
export const coolingFields: readonly FieldRow<Risk>[] = [
  {
    kind: 'quantity',
    label: say('houseKeepsWarmFor'),
    path: 'house.timeConstantH',
    value: ({ timeConstantH }) => timeConstantH ?? null,
    put: (risk, timeConstantH) => ({ ...risk, timeConstantH, isMeasured: undefined }),
  },
  {
    kind: 'check',
    label: say('waterPipes'),
    words: say('inOuterWallsOrUnheatedRooms'),
    on: ({ hasWaterPipes }) => hasWaterPipes ?? true,
    put: (risk, hasWaterPipes) => ({ ...risk, hasWaterPipes }),
  },
]
