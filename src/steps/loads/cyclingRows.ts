import type { Cycling, Drive } from '@/core/plan/schema'
import { formatWatts } from '@/words/format'
import { quantity } from '@/core/quantity/quantity'
import type { ChoiceRow, FieldRow, QuantityRow } from '@/ui/field/fieldRows'
import { cyclingRows as cyclingRowsWords } from '@/words/en/pages/loadFields'
import { wordsOf } from '@/words/translate'
import { COLD_BOX_ROWS } from './coldBoxRows'
import { followsFor } from './cyclingParts'

const say = wordsOf(cyclingRowsWords)

type Row = FieldRow<Cycling>

/** A compressor's cycle is about so long. From memory. */
const USUAL_PERIOD_MIN = [15, 60] as const

const watts = (value: number) => quantity(Math.round(value), 'W', 'typical', { times: 1.3 })
const mode = ({ follows }: Cycling) => follows?.mode ?? 'nothing'
const isCooling = (state: Cycling) => mode(state) === 'cooling'
const isHeating = (state: Cycling) => mode(state) === 'heating'
const whereOf = ({ follows }: Cycling) => follows?.surroundings
const aboutOf = (state: Cycling) => {
  const where = whereOf(state)
  return typeof where === 'object' ? where.aboutC : undefined
}
const driveKind = ({ drive }: Cycling) => drive?.kind ?? 'on-off'
const highestW = ({ runningW, defrost }: Cycling) => Math.max(runningW.value, defrost?.watts.value ?? 0)

const WITHIN_A_DEGREE = 1
const differs = (value: number, other: number, words: string) =>
  Math.abs(value - other) < WITHIN_A_DEGREE ? say('itMustDifferFromByA', { words }) : null

/** The fields of a thermostat's load. @param surroundC how warm it is around it in this outage, by mean */
export function cyclingRows(surroundC: number, volts: number): readonly Row[] {
  return [
    {
      kind: 'quantity',
      label: say('averageWatts'),
      pairedWith: say('runningWatts'),
      path: 'load.averageW',
      volts,
      value: ({ averageW }) => averageW.value,
      check: (state, value) =>
        value > highestW(state)
          ? say('anAverageCannotBeAboveThe', { watts: formatWatts(highestW(state)) })
          : null,
      put: (state, value) => ({ ...state, averageW: { ...state.averageW, value } }),
    },
    VARIES_WITH,
    standsIn(surroundC),
    ABOUT,
    ...COLD_BOX_ROWS,
    ...MORE,
  ]
}

const VARIES_WITH: ChoiceRow<Cycling> = {
  kind: 'choice',
  label: say('variesWith'),
  options: [
    { value: 'nothing', words: say('nothingTheSameAllYear') },
    { value: 'cooling', words: say('warmthARefrigeratorACooler') },
    { value: 'heating', words: say('coldABoilerAFurnaceA') },
  ],
  value: mode,
  put: (state, value) => ({
    ...state,
    follows: value === 'nothing' ? undefined : followsFor(value as 'cooling' | 'heating', state.follows),
  }),
}

const standsIn = (surroundC: number): ChoiceRow<Cycling> => ({
  kind: 'choice',
  label: say('standsIn'),
  when: ({ follows }) => follows !== undefined,
  options: [
    { value: 'indoors', words: say('indoors') },
    { value: 'unheated', words: say('inAnUnheatedRoom') },
    { value: 'outdoors', words: say('outdoors') },
    { value: 'about', words: say('atATemperatureOfItsOwn') },
  ],
  value: (state) => {
    const where = whereOf(state)
    return typeof where === 'string' ? where : 'about'
  },
  put: (state, value) => ({
    ...state,
    follows: state.follows && {
      ...state.follows,
      surroundings:
        value === 'about'
          ? { aboutC: quantity(Math.round(surroundC), '°C', 'label', { plusMinus: 2 }) }
          : (value as 'indoors' | 'unheated' | 'outdoors'),
    },
  }),
})

const ABOUT: QuantityRow<Cycling> = {
  kind: 'quantity',
  label: say('about'),
  path: 'load.celsius',
  when: (state) => aboutOf(state) !== undefined,
  value: (state) => aboutOf(state)!.value,
  put: (state, value) => ({
    ...state,
    follows: state.follows && {
      ...state.follows,
      surroundings: { aboutC: { ...aboutOf(state)!, value } },
    },
  }),
}

const as = (isUsual: (state: Cycling) => boolean) => ({ more: { isUsual } })
const driveOf = (kind: string, runningW: number): Drive | undefined =>
  kind === 'inverter'
    ? { kind, floorW: watts(runningW * 0.3) }
    : kind === 'two-stage'
      ? { kind, lowW: watts(runningW * 0.5), lowOutputFraction: 0.65 }
      : undefined
const putBox = (state: Cycling, part: Partial<NonNullable<Cycling['box']>>): Cycling => ({
  ...state,
  box: state.box && { ...state.box, ...part },
})

const MORE: readonly Row[] = [
  {
    kind: 'quantity',
    label: say('oneCycleOnAndOff'),
    path: 'load.periodMin',
    ...as(
      ({ periodMin }) => periodMin.value >= USUAL_PERIOD_MIN[0] && periodMin.value <= USUAL_PERIOD_MIN[1],
    ),
    value: ({ periodMin }) => periodMin.value,
    put: (state, value) => ({ ...state, periodMin: { ...state.periodMin, value } }),
  },
  {
    kind: 'quantity',
    label: (state) => (isHeating(state) ? say('noHeatNeededFrom') : say('thermostatSetting')),
    path: 'load.celsius',
    when: ({ follows }) => follows !== undefined,
    ...as(() => true),
    value: ({ follows }) => follows!.setC.value,
    check: ({ follows }, value) => differs(value, follows!.knownAtC.value, say('whereTheAverageWasMeasured')),
    put: (state, value) => ({
      ...state,
      follows: state.follows && { ...state.follows, setC: { ...state.follows.setC, value } },
    }),
  },
  {
    kind: 'quantity',
    label: say('averageMeasuredAtARoomTemperature'),
    path: 'load.celsius',
    when: ({ follows }) => follows !== undefined,
    ...as(() => true),
    value: ({ follows }) => follows!.knownAtC.value,
    check: ({ follows }, value) => differs(value, follows!.setC.value, say('theThermostatSetting')),
    put: (state, value) => ({
      ...state,
      follows: state.follows && { ...state.follows, knownAtC: { ...state.follows.knownAtC, value } },
    }),
  },
  {
    kind: 'quantity',
    label: say('betweenCycles'),
    path: 'load.watts',
    when: (state) => driveKind(state) !== 'inverter',
    ...as(({ idleW }) => !idleW),
    value: ({ idleW }) => idleW?.value ?? 0,
    check: ({ runningW }, value) =>
      value >= runningW.value
        ? say('betweenCyclesItDrawsLessThan', { watts: formatWatts(runningW.value) })
        : null,
    put: (state, value) => ({
      ...state,
      idleW: value > 0 ? { ...(state.idleW ?? quantity(value, 'W', 'label')), value } : undefined,
    }),
  },
  {
    kind: 'choice',
    label: say('compressorOrBurner'),
    ...as(({ drive }) => !drive),
    options: [
      { value: 'on-off', words: say('onOrOff') },
      { value: 'inverter', words: say('inverterModulatesNoStartSurge') },
      { value: 'two-stage', words: say('twoStages') },
    ],
    value: driveKind,
    put: (state, kind) => ({ ...state, drive: driveOf(kind, state.runningW.value) }),
  },
  {
    kind: 'quantity',
    label: say('lowestWatts'),
    path: 'load.watts',
    when: ({ drive }) => drive?.kind === 'inverter',
    ...as(() => false),
    value: ({ drive }) => (drive?.kind === 'inverter' ? drive.floorW.value : 0),
    check: ({ runningW }, value) => (value > runningW.value ? say('theLowestCannotBeAboveThe') : null),
    put: (state, value) =>
      state.drive?.kind === 'inverter'
        ? { ...state, drive: { ...state.drive, floorW: { ...state.drive.floorW, value } } }
        : state,
  },
  {
    kind: 'quantity',
    label: say('lowStage'),
    path: 'load.watts',
    when: ({ drive }) => drive?.kind === 'two-stage',
    ...as(() => false),
    value: ({ drive }) => (drive?.kind === 'two-stage' ? drive.lowW.value : 0),
    check: ({ runningW }, value) => (value > runningW.value ? say('theLowStageCannotBeAbove') : null),
    put: (state, value) =>
      state.drive?.kind === 'two-stage'
        ? { ...state, drive: { ...state.drive, lowW: { ...state.drive.lowW, value } } }
        : state,
  },
  {
    kind: 'quantity',
    label: say('howFull'),
    path: 'load.fillFraction',
    when: (state) => isCooling(state) && state.box !== undefined,
    ...as(() => true),
    value: ({ box }) => box!.fillFraction,
    put: (state, fillFraction) => putBox(state, { fillFraction }),
  },
  {
    kind: 'quantity',
    label: say('alreadyOffFor'),
    path: 'load.offForH',
    when: ({ box }) => box !== undefined,
    ...as(({ box }) => box!.offForH === 0),
    value: ({ box }) => box!.offForH,
    put: (state, offForH) => putBox(state, { offForH }),
  },
  {
    kind: 'note',
    label: say('offBefore'),
    when: ({ box }) => box !== undefined && box.offForH > 0,
    ...as(() => false),
    words: ({ box }) =>
      say('itRunsFlatOutAtFirst', {
        offForH:
          box!.offForH >= 100 ? say('warmAtTheStart') : say('offForHBefore', { offForH: box!.offForH }),
      }),
  },
  {
    kind: 'check',
    label: say('blower'),
    words: say('runsOnAMinuteAfterThe'),
    when: isHeating,
    ...as(({ blower }) => !blower),
    on: ({ blower }) => blower !== undefined,
    put: (state, on) => ({
      ...state,
      blower: on ? { watts: watts(state.runningW.value * 0.8), lagMin: 1 } : undefined,
    }),
  },
]
