import { bankSource } from '@/catalog/equipment'
import type { Bank, PowerSystem, Source } from '@/core/plan/power'
import { formatNumber } from '@/words/format'
import { bankAh, bankVolts, sourceOfBank, usualReserve } from '@/core/storage/bank'
import type { BankLine } from '@/core/storage/bankLine'
import { bankChange } from '@/words/en/pages/bank'
import { wordsOf } from '@/words/translate'

const say = wordsOf(bankChange)

const CHEMISTRY_WORDS = { lifepo4: say('lifepo4'), agm: say('agm'), flooded: say('flooded') }

/** What a bank is called until somebody gives it a name. @example "24 V 200 Ah LiFePO4 bank" */
export const bankName = (bank: Bank): string =>
  say('vAhBank', {
    number: formatNumber(nominalVolts(bank), 0),
    number2: formatNumber(bankAh(bank), 0),
    chemistrywords: CHEMISTRY_WORDS[bank.battery.chemistry],
  })

/** Volts as people call it: a lithium iron phosphate cell of 3.2 V counts as a quarter of 12. */
const nominalVolts = (bank: Bank) =>
  bank.battery.chemistry === 'lifepo4' ? Math.round(bankVolts(bank) / 3.2) * 3 : bankVolts(bank)

const isAutoName = (name: string, bank: Bank) =>
  name === bankName(bank) || name.replace(/ \d+$/, '') === bankName(bank)

/** A source with another bank: the reserve follows the chemistry where it was the usual one of the chemistry before. */
function withBank(source: Source & { bank: Bank }, bank: Bank): Source {
  const before = source.bank.battery.chemistry
  const now = bank.battery.chemistry
  const next = sourceOfBank(source, bank)
  const wasUsual = Math.abs(source.reserveFraction.value - usualReserve(before)) < 1e-6
  if (before === now || !wasUsual) return next
  const { reserveFraction, usableFraction } = bankSource(bank, source.name)
  return { ...next, reserveFraction, usableFraction }
}

/** A power system whose bank was changed: its name and that of its source follow, unless somebody gave them one of their own. */
export function withBankIn(system: PowerSystem, sourceId: string, bank: Bank): Partial<PowerSystem> {
  const sources = system.sources.map((source) => {
    if (source.id !== sourceId || !source.bank) return source
    const next = withBank({ ...source, bank: source.bank }, bank)
    return isAutoName(source.name, source.bank) ? { ...next, name: bankName(bank) } : next
  })
  const before = system.sources.find(({ id }) => id === sourceId)?.bank
  const renamed = before && system.sources.length === 1 && isAutoName(system.name, before)
  return renamed ? { sources, name: bankName(bank) } : { sources }
}

/** The battery a typed line names, with the price and weight the one before had where the line says none of its own. */
export const batteryOfLine = ({ battery }: BankLine, before: Bank['battery']): Bank['battery'] => ({
  ...battery,
  price: battery.price ?? before.price,
  weightKg: battery.weightKg ?? before.weightKg,
})
