import type { Chemistry } from '../plan/limits'
import { BANK_LIMITS } from '../plan/limits'
import type { Bank, Source } from '../plan/power'
import { type Told, told } from '../quantity/told'
import { quantity } from '../quantity/quantity'
import type { BankVoltage } from './loadedVoltage'

export const bankVolts = ({ battery, series }: Bank) => battery.volts * series
export const bankAh = ({ battery, parallel }: Bank) =>
  battery.capacityAh.value * parallel * (1 - battery.agedFraction)
/** Wh a bank holds as stated, its age taken off: V · Ah. */
export const bankWh = (bank: Bank) => bankVolts(bank) * bankAh(bank)
export const bankUnits = ({ series, parallel }: Bank) => series * parallel

/** Ohms of the whole bank: those of a row add up, rows beside each other share the current. */
export const bankOhm = ({ battery, series, parallel }: Bank) =>
  (battery.internalOhm.value * series) / parallel

/** The chemistry a source's battery behaves like. */
export const chemistryOf = (source: Source): Chemistry =>
  source.bank?.battery.chemistry ?? source.chemistry ?? (source.kind === 'ups' ? 'agm' : 'lifepo4')

/** A bank's volts under load need these. */
export function bankVoltage(bank: Bank): BankVoltage {
  return {
    chemistry: bank.battery.chemistry,
    volts: bankVolts(bank),
    ohm: bankOhm(bank),
    ratedA: bankAh(bank) / bank.battery.rateH,
    school: bank.halfUsedSchool,
  }
}

/** Depth that is usually chosen. Common practice, no source: half of lead-acid, nine tenths of LiFePO4. */
export const usualReserve = (chemistry: Chemistry) => (chemistry === 'lifepo4' ? 0.1 : 0.5)

/** Direct current only: nothing converts, the wires lose a little. */
const DC_EFFICIENCY = 0.98

/**
 * A source's own figures as they follow from the bank it is built of. What the owner decides (reserve,
 * charge, where it stands) stays.
 *
 * @param source keeps its id, name and decisions
 */
export function sourceOfBank(source: Source, bank: Bank): Source {
  const { battery, inverter } = bank
  const rated = (value: number) => quantity(value, 'W', 'label', { times: 1 })
  const pieces = [battery.weightKg, inverter?.weightKg ?? null].filter((kg): kg is number => kg !== null)
  const dcW = Math.min(50_000, Math.round(0.5 * bankWh(bank)))
  return {
    ...source,
    kind: 'bank',
    bank,
    capacityWh: {
      ...battery.capacityAh,
      value: Math.round(bankWh(bank) * 10) / 10,
      unit: 'Wh',
    },
    efficiencyFraction:
      inverter?.efficiencyFraction ?? quantity(DC_EFFICIENCY, '1', 'typical', { plusMinus: 0.01 }),
    noLoadW: inverter?.noLoadW ?? quantity(0, 'W', 'label', { times: 1 }),
    continuousW: inverter?.continuousW ?? rated(dcW),
    surgeW: inverter?.surgeW ?? rated(dcW),
    surgeS: inverter?.surgeS ?? quantity(1, 's', 'typical', { times: 2 }),
    volts: inverter
      ? [...new Set([...inverter.volts, ...(bankVolts(bank) < 15 ? [12 as const] : [])])]
      : [12],
    weightKg: pieces.length ? Math.max(...pieces) : null,
    price: priceOf(bank),
  }
}

function priceOf(bank: Bank): number | null {
  const { battery, inverter } = bank
  if (battery.price === null || (inverter && inverter.price === null)) return null
  return battery.price * bankUnits(bank) + (inverter?.price ?? 0) + (bank.fittingsPrice ?? 0)
}

/** What speaks against a bank without forbidding it. */
export function bankWarnings(bank: Bank): Told[] {
  const { battery, parallel, inverter } = bank
  const warnings: Told[] = []
  if (parallel > BANK_LIMITS.usualParallel)
    warnings.push(told('bank.manyRows', { rows: parallel, usual: BANK_LIMITS.usualParallel }))
  if (parallel > 1 || bank.series > 1) warnings.push(told('bank.oneKind'))
  if (inverter?.wave === 'modified sine') warnings.push(told('bank.modifiedSine'))
  if (inverter && inverter.continuousW.value / bankVolts(bank) > 150)
    warnings.push(told('bank.manyAmps', { fullLoadA: inverter.continuousW.value / bankVolts(bank) / 0.88 }))
  if (battery.chemistry === 'flooded') warnings.push(told('bank.flooded'))
  return warnings
}

/** Amps that are put into a bank while it charges, from the inverter's charger or one of its own. */
export const chargerAmps = (bank: Bank) => Math.max(bank.chargerA ?? 0, bank.inverter?.chargerA ?? 0)

/**
 * Hours from a depth to full: bulk at the charger's amps, then lead-acid's absorption, in which a fifth goes
 * in ever more slowly. Source: common practice, no source.
 *
 * @param usedFraction of the capacity to bring back
 * @returns Infinity without a charger
 */
export function refillHours(bank: Bank, usedFraction: number): number {
  const amps = chargerAmps(bank)
  if (amps <= 0) return Infinity
  const ah = bankAh(bank) * usedFraction
  if (bank.battery.chemistry === 'lifepo4') return (ah * 1.02) / amps + 0.3
  const bulkAh = Math.max(0, ah - 0.2 * bankAh(bank))
  return (bulkAh * 1.1) / amps + Math.max(4, ((ah - bulkAh) * 1.15) / (amps * 0.5))
}
