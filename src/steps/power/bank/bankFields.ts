import { BATTERIES } from '@/catalog/batteries'
import { INVERTERS } from '@/catalog/inverters'
import type { Bank, Source } from '@/core/plan/power'
import type { FieldRow } from '@/ui/field/fieldRows'
import { bankFields as bankFieldsWords } from '@/words/en/pages/bank'
import { wordsOf } from '@/words/translate'

const say = wordsOf(bankFieldsWords)

/** What the form of a bank changes: the bank, and where it stands. */
export interface BankForm {
  bank: Bank
  where: Source['where']
}

const OWN = 'own'
const NONE = 'none'

const put = (state: BankForm, part: Partial<Bank>): BankForm => ({
  ...state,
  bank: { ...state.bank, ...part },
})
const classOf = ({ inverter }: Bank) => INVERTERS.find((one) => one.inverter.name === inverter?.name)
const batteryOf = ({ battery }: Bank) => BATTERIES.find((one) => one.battery.name === battery.name)

/**
 * The fields of a bank: what it is built of first, what few change under More.
 *
 * @param is230 of the household's mains: inverters come with one voltage
 */
export const bankFields = (bank: Bank, is230: boolean): readonly FieldRow<BankForm>[] => [
  {
    kind: 'choice',
    label: say('battery'),
    options: [
      ...(batteryOf(bank) ? [] : [{ value: OWN, words: bank.battery.name }]),
      ...BATTERIES.map(({ id, battery }) => ({ value: id, words: battery.name })),
    ],
    value: (state) => batteryOf(state.bank)?.id ?? OWN,
    put: (state, id) => {
      const found = BATTERIES.find((one) => one.id === id)
      return found ? put(state, { battery: found.battery }) : state
    },
  },
  {
    kind: 'quantity',
    label: say('inSeries'),
    path: 'bank.series',
    value: (state) => state.bank.series,
    put: (state, series) => put(state, { series }),
  },
  {
    kind: 'quantity',
    label: say('stringsInParallel'),
    path: 'bank.parallel',
    value: (state) => state.bank.parallel,
    put: (state, parallel) => put(state, { parallel }),
  },
  {
    kind: 'choice',
    label: say('inverter'),
    options: [
      { value: NONE, words: say('noneDirectCurrentOnly') },
      ...(bank.inverter && !classOf(bank) ? [{ value: OWN, words: bank.inverter.name }] : []),
      ...INVERTERS.map(({ id, inverter }) => ({ value: id, words: inverter.name })),
    ],
    value: (state) => (state.bank.inverter ? (classOf(state.bank)?.id ?? OWN) : NONE),
    put: (state, id) => {
      if (id === NONE) return put(state, { inverter: null })
      const found = INVERTERS.find((one) => one.id === id)?.inverter
      return found ? put(state, { inverter: { ...found, volts: is230 ? [230] : found.volts } }) : state
    },
  },
  {
    kind: 'quantity',
    label: say('chargerOfItsOwn'),
    path: 'inverter.chargerA',
    value: (state) => state.bank.chargerA ?? 0,
    put: (state, amps) => put(state, { chargerA: amps >= 0.1 ? amps : null }),
  },
  {
    kind: 'choice',
    label: say('itStands'),
    options: [
      { value: 'indoors', words: say('indoors') },
      { value: 'unheated', words: say('inAnUnheatedRoom') },
      { value: 'outdoors', words: say('outdoors') },
    ],
    value: ({ where }) => where ?? 'indoors',
    put: (state, where) => ({ ...state, where: where as BankForm['where'] }),
  },
  ...FEW_CHANGE,
]

const FEW_CHANGE: readonly FieldRow<BankForm>[] = [
  {
    kind: 'quantity',
    label: say('lowVoltageCutOff'),
    when: ({ bank }) => bank.inverter !== null,
    more: { isUsual: ({ bank }) => classOf(bank)?.inverter.cutOffV === bank.inverter?.cutOffV },
    path: 'battery.cutOffV',
    value: ({ bank }) => bank.inverter!.cutOffV,
    // the alarm comes before it, or with it
    put: (state, cutOffV) => {
      const inverter = state.bank.inverter!
      return put(state, { inverter: { ...inverter, cutOffV, alarmV: Math.max(inverter.alarmV, cutOffV) } })
    },
  },
  {
    kind: 'quantity',
    label: say('capacityLostToAgeing'),
    more: { isUsual: ({ bank }) => bank.battery.agedFraction === 0 },
    path: 'battery.agedFraction',
    value: ({ bank }) => bank.battery.agedFraction,
    put: (state, agedFraction) => put(state, { battery: { ...state.bank.battery, agedFraction } }),
  },
  {
    kind: 'quantity',
    label: say('peukertExponent'),
    when: ({ bank }) => bank.battery.chemistry !== 'lifepo4',
    more: { isUsual: ({ bank }) => batteryOf(bank)?.battery.peukert.value === bank.battery.peukert.value },
    path: 'battery.peukert',
    value: ({ bank }) => bank.battery.peukert.value,
    put: (state, value) => {
      const { battery } = state.bank
      return put(state, { battery: { ...battery, peukert: { ...battery.peukert, value } } })
    },
  },
  {
    kind: 'choice',
    label: say('voltageAt50'),
    when: ({ bank }) => bank.battery.chemistry === 'flooded',
    more: { isUsual: ({ bank }) => bank.halfUsedSchool === 'at 12.05 V' },
    options: [
      { value: 'at 12.05 V', words: say('text1205VAtRestThe') },
      { value: 'at 12.10 V earlier', words: say('text1210VAtRestRecharge') },
    ],
    value: ({ bank }) => bank.halfUsedSchool,
    put: (state, school) => put(state, { halfUsedSchool: school as Bank['halfUsedSchool'] }),
  },
  {
    kind: 'quantity',
    label: say('chargerFusesCablesPrice'),
    more: { isUsual: ({ bank }) => bank.fittingsPrice === undefined },
    path: 'source.price',
    value: ({ bank }) => bank.fittingsPrice ?? 0,
    put: (state, price) => put(state, { fittingsPrice: price > 0 ? price : undefined }),
  },
]
