import { type Told, told } from '../quantity/told'
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
      message: told('document.batterySwitchesOff', {
        offVolts: ownV,
        fullVolts: fullOneV,
        usualVolts: (battery.volts / 12.8) * 10,
      }),
    })
  if (!inverter) return faults
  const ratio = volts / inverter.dcVolts
  if (ratio < 0.9 || ratio > 1.15)
    faults.push({
      path: `${at}.series`,
      message: told('document.otherVolts', {
        series: bank.series,
        blockVolts: battery.volts,
        bankVolts: volts,
        inverterV: inverter.dcVolts,
        right: seriesFor(battery.volts, inverter.dcVolts),
      }),
    })
  else if (inverter.cutOffV >= fullV)
    faults.push({
      path: `${at}.inverter.cutOffV`,
      message: told('document.cutsOff', {
        offVolts: inverter.cutOffV,
        fullVolts: fullV,
        usualVolts: usualCutOffV(inverter.dcVolts),
      }),
    })
  else if (inverter.alarmV > 0 && inverter.alarmV < inverter.cutOffV)
    faults.push({
      path: `${at}.inverter.alarmV`,
      message: told('document.alarmTooLate', { offVolts: inverter.cutOffV }),
    })
  if (inverter.surgeW.value < inverter.continuousW.value)
    faults.push({
      path: `${at}.inverter.surgeW`,
      message: told('document.surgeBelow'),
    })
  return faults
}

/** Inverters cut off near 10.5 V and alarm near 11 V on a 12 V bank. Common practice, no source. */
export const usualCutOffV = (dcVolts: number) => (10.5 * dcVolts) / 12

function seriesFor(blockV: number, dcVolts: number): Told {
  const series = Math.round(dcVolts / blockV)
  const ratio = (series * blockV) / dcVolts
  return series >= 1 && ratio >= 0.9 && ratio <= 1.15
    ? told('document.seriesRight', { series })
    : told('document.noSeries')
}
