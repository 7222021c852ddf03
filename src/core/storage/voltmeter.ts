import type { Bank } from '../plan/power'
import { bankVoltage, bankVolts } from './bank'
import { loadedV } from './loadedVoltage'
import { restingV } from './restingVoltage'

/** What a voltmeter at the battery shows at a moment of a run. */
export interface VoltmeterReading {
  atMin: number
  fraction: number
  loadedV: number
  restingV: number
}

/**
 * What a voltmeter will show along the middle of the runs.
 *
 * @param fractions state of charge every `stepMin` minutes
 * @param batteryW mean W drawn from the battery meanwhile
 * @returns nothing where nothing is drawn
 * @param count how many moments, evenly from the start until it is empty or the record ends
 */
export function voltmeterReadings(
  bank: Bank,
  fractions: Float32Array,
  stepMin: number,
  batteryW: number,
  count: number,
): VoltmeterReading[] {
  const floor = fractions[fractions.length - 1]
  const found = fractions.findIndex((fraction) => fraction <= floor + 1e-4)
  const last = found < 0 ? fractions.length - 1 : found
  if (last === 0 || fractions[0] - floor < 1e-3) return []
  const volts = bankVolts(bank)
  const { chemistry } = bank.battery
  return Array.from({ length: count }, (_, i) => {
    const point = Math.round((i * last) / (count - 1))
    const fraction = fractions[point]
    return {
      atMin: point * stepMin,
      fraction,
      loadedV: loadedV(bankVoltage(bank), fraction, batteryW / volts),
      restingV: restingV(chemistry, fraction, volts, bank.halfUsedSchool),
    }
  })
}
