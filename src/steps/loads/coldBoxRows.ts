import { usualDefrost } from '@/core/load/coldBox'
import type { Cycling } from '@/core/plan/schema'
import type { FieldRow } from '@/ui/field/fieldRows'
import { coldBoxRows } from '@/words/en/pages/loadFields'
import { wordsOf } from '@/words/translate'

const say = wordsOf(coldBoxRows)

/** Openings a day of a box kept shut, and of one in use. From memory. */
const SHUT_A_DAY = 2
const USUAL_A_DAY = 20
const isCooling = ({ follows }: Cycling) => follows?.mode === 'cooling'
const defrostOf = ({ defrost }: Cycling) => defrost!

const hasDefrost = (state: Cycling) => isCooling(state) && state.defrost !== undefined
const putDefrost = (state: Cycling, part: Partial<NonNullable<Cycling['defrost']>>): Cycling => ({
  ...state,
  defrost: { ...defrostOf(state), ...part },
})

const DEFROST: readonly FieldRow<Cycling>[] = [
  {
    kind: 'check',
    label: say('defrost'),
    words: say('itHasADefrostHeater'),
    when: isCooling,
    on: ({ defrost }) => defrost !== undefined,
    put: (state, on) => ({
      ...state,
      defrost: on ? usualDefrost(state.drive?.kind === 'inverter' ? 'adaptive' : 'timer') : undefined,
    }),
  },
  {
    kind: 'quantity',
    label: say('defrostWatts'),
    path: 'load.watts',
    when: hasDefrost,
    value: (state) => defrostOf(state).watts.value,
    put: (state, value) => putDefrost(state, { watts: { ...defrostOf(state).watts, value } }),
  },
  {
    kind: 'quantity',
    label: say('forWord'),
    path: 'load.defrostMin',
    when: hasDefrost,
    value: (state) => defrostOf(state).minutes.value,
    put: (state, value) => putDefrost(state, { minutes: { ...defrostOf(state).minutes, value } }),
  },
  {
    kind: 'quantity',
    label: say('eachOfRunning'),
    path: 'load.defrostEveryRunH',
    when: hasDefrost,
    value: (state) => defrostOf(state).everyRunH.value,
    put: (state, value) => putDefrost(state, { everyRunH: { ...defrostOf(state).everyRunH, value } }),
  },
  {
    kind: 'choice',
    label: say('itComes'),
    when: hasDefrost,
    options: [
      { value: 'timer', words: say('byATimer') },
      { value: 'adaptive', words: say('whenTheElectronicsSeeFit') },
    ],
    value: (state) => defrostOf(state).control,
    put: (state, value) => putDefrost(state, { control: value as 'timer' | 'adaptive' }),
  },
]

const hasDoors = (state: Cycling) => isCooling(state) && state.doors !== undefined
const putDoors = (state: Cycling, nowADay: number): Cycling => ({
  ...state,
  doors: { ...state.doors!, nowADay },
})

const DOORS: readonly FieldRow<Cycling>[] = [
  {
    kind: 'check',
    label: say('doors'),
    words: say('keptShut'),
    when: hasDoors,
    on: ({ doors }) => doors!.nowADay <= SHUT_A_DAY,
    put: (state, on) => putDoors(state, on ? SHUT_A_DAY : USUAL_A_DAY),
  },
  {
    kind: 'quantity',
    label: say('openedTimesADay'),
    path: 'load.doorsADay',
    when: (state) => hasDoors(state) && state.doors!.nowADay > SHUT_A_DAY,
    value: ({ doors }) => doors!.nowADay,
    put: putDoors,
  },
]

/** The fields only a cold box has: its defrost and its doors. */
export const COLD_BOX_ROWS: readonly FieldRow<Cycling>[] = [...DEFROST, ...DOORS]
