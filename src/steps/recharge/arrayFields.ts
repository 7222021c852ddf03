import { PANELS, USUAL_LOSS } from '@/catalog/refill'
import type { PanelArray } from '@/core/plan/refill'
import type { FieldRow } from '@/ui/field/fieldRows'
import { freshName } from '@/ui/household/edits'
import { arrayFields as arrayFieldsWords } from '@/words/en/pages/array'
import { wordsOf } from '@/words/translate'

const say = wordsOf(arrayFieldsWords)

/** What the form of an array changes: the array, and the coldest day its panels ever see. */
export interface ArrayForm {
  array: PanelArray
  recordLowC: number
}

const OWN = 'own'

const classOf = ({ panel }: PanelArray) =>
  PANELS.find((one) => one.panel.watts === panel.watts && one.panel.vocV === panel.vocV)
const put = (state: ArrayForm, part: Partial<PanelArray>): ArrayForm => ({
  ...state,
  array: { ...state.array, ...part },
})

/**
 * The fields of an array: what hangs where first, what few change under More.
 *
 * @param others the other arrays, whose names are taken
 * @param isColdAsked whether the coldest day is asked for elsewhere on the page
 */
export const arrayFields = (
  others: readonly PanelArray[],
  isColdAsked: boolean,
): readonly FieldRow<ArrayForm>[] => [
  {
    kind: 'check',
    label: say('counts'),
    words: say('inUse'),
    on: ({ array }) => array.on,
    put: (state, on) => put(state, { on }),
  },
  {
    kind: 'choice',
    label: say('panel'),
    options: [
      ...PANELS.map(({ id, name }) => ({ value: id, words: name })),
      { value: OWN, words: say('asTypedBelow') },
    ],
    value: ({ array }) => classOf(array)?.id ?? OWN,
    put: (state, id) => {
      const found = PANELS.find((one) => one.id === id)
      if (!found) return state
      // a name that told the old panel tells the new one
      const told = PANELS.some(({ name }) => state.array.name.startsWith(name))
      const name = told ? freshName(found.name, [...others]) : state.array.name
      return put(state, { panel: found.panel, name })
    },
  },
  {
    kind: 'quantity',
    label: say('inSeries'),
    path: 'array.series',
    value: ({ array }) => array.series,
    put: (state, series) => put(state, { series }),
  },
  {
    kind: 'quantity',
    label: say('inParallel'),
    path: 'array.parallel',
    value: ({ array }) => array.parallel,
    put: (state, parallel) => put(state, { parallel }),
  },
  {
    kind: 'quantity',
    label: say('tilt'),
    path: 'array.tiltDeg',
    value: ({ array }) => array.tiltDeg,
    put: (state, tiltDeg) => put(state, { tiltDeg }),
  },
  {
    kind: 'quantity',
    label: say('faces'),
    path: 'array.azimuthDeg',
    value: ({ array }) => array.azimuthDeg,
    put: (state, azimuthDeg) => put(state, { azimuthDeg }),
  },
  {
    kind: 'quantity',
    label: say('coldestEverHere'),
    when: () => !isColdAsked,
    path: 'refill.recordLowC',
    value: ({ recordLowC }) => recordLowC,
    put: (state, recordLowC) => ({ ...state, recordLowC }),
  },
  {
    kind: 'quantity',
    label: say('losses'),
    more: { isUsual: ({ array }) => array.lossFraction === USUAL_LOSS },
    path: 'array.lossFraction',
    value: ({ array }) => array.lossFraction,
    put: (state, lossFraction) => put(state, { lossFraction }),
  },
]
