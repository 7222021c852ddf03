import { formatNumber } from '../quantity/format'
import type { Fault } from './fault'
import type { Chemistry } from './limits'
import type { Bank } from './power'

/** Volts of a full bank at rest, against its nominal volts. From memory, as in core/storage/restingVoltage. */
const FULL_OF_NOMINAL: Record<Chemistry, number> = {
  lifepo4: 13.5 / 12.8,
  agm: 12.85 / 12,
  flooded: 12.72 / 12,
}

/**
 * What is wrong with a bank that its schema cannot see.
 *
 * @param at path of the bank in its document
 * @returns faults, with what would be right
 */
export function bankFaults(bank: Bank, at: string): Fault[] {
  const { battery, inverter } = bank
  const faults: Fault[] = []
  const volts = battery.volts * bank.series
  const fullV = FULL_OF_NOMINAL[battery.chemistry] * volts
  const ownV = battery.ownCutOffV ?? 0
  const fullOneV = FULL_OF_NOMINAL[battery.chemistry] * battery.volts
  if (ownV >= fullOneV)
    faults.push({
      path: `${at}.battery.ownCutOffV`,
      message: `the battery switches itself off at ${formatNumber(ownV, 1)} V, but a full one stands at ${formatNumber(fullOneV, 1)} V: it would never run; about ${formatNumber((battery.volts / 12.8) * 10, 1)} V is usual`,
    })
  if (!inverter) return faults
  const ratio = volts / inverter.dcVolts
  if (ratio < 0.9 || ratio > 1.15)
    faults.push({
      path: `${at}.series`,
      message: `${bank.series} × ${formatNumber(battery.volts, 1)} V makes ${formatNumber(volts, 1)} V, and the inverter wants about ${formatNumber(inverter.dcVolts, 0)} V; ${seriesFor(battery.volts, inverter.dcVolts)}`,
    })
  else if (inverter.cutOffV >= fullV)
    faults.push({
      path: `${at}.inverter.cutOffV`,
      message: `cuts off at ${formatNumber(inverter.cutOffV, 1)} V, but the full bank stands at ${formatNumber(fullV, 1)} V: it would never run; about ${formatNumber(usualCutOffV(inverter.dcVolts), 1)} V is usual`,
    })
  else if (inverter.alarmV > 0 && inverter.alarmV < inverter.cutOffV)
    faults.push({
      path: `${at}.inverter.alarmV`,
      message: `the alarm comes below the cut-off at ${formatNumber(inverter.cutOffV, 1)} V; it must come before`,
    })
  if (inverter.surgeW.value < inverter.continuousW.value)
    faults.push({
      path: `${at}.inverter.surgeW`,
      message: 'surge watts must be at least the continuous watts',
    })
  return faults
}

/** Inverters cut off near 10.5 V and alarm near 11 V on a 12 V bank. Common practice, no source. */
export const usualCutOffV = (dcVolts: number) => (10.5 * dcVolts) / 12

function seriesFor(blockV: number, dcVolts: number): string {
  const series = Math.round(dcVolts / blockV)
  const ratio = (series * blockV) / dcVolts
  return series >= 1 && ratio >= 0.9 && ratio <= 1.15
    ? `${series} in series would be right`
    : 'no number of these in series fits it'
}
