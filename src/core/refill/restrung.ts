import type { Source } from '../plan/power'
import type { InputWindow, PanelArray } from '../plan/refill'
import { bankVolts } from '../storage/bank'
import type { RecordLow } from '../weather/recordCold'
import { windowFor } from './connection'
import { checkArray } from './stringCheck'

export type Controller = InputWindow & { kind: 'MPPT' | 'PWM' }

/**
 * The same panels as they would be joined for another source: as they are where that works, else the series
 * × parallel of as many panels that its input takes most of. A bank without a controller gets the one of its volts.
 *
 * @param controllers by the volts of the bank, nearest first taken
 * @returns null where no way of joining them is safe and works
 */
export function restrung(
  array: PanelArray,
  source: Source,
  recordLow: RecordLow,
  controllers: readonly { bankV: number; controller: Controller }[],
): PanelArray | null {
  const fitted = source.bank
    ? { ...array, controller: controllerFor(bankVolts(source.bank), controllers) }
    : array
  const window = windowFor(fitted, source)
  if (!window) return null
  const count = array.series * array.parallel
  const ways = Array.from({ length: count }, (_, i) => i + 1)
    .filter((series) => count % series === 0 && series <= 30 && count / series <= 30)
    .map((series) => ({ ...fitted, series, parallel: count / series }))
    .map((way) => ({ way, check: checkArray(way, window, recordLow) }))
    .filter(
      ({ check }) => check.verdict === 'fits' || check.verdict === 'clipped' || check.verdict === 'unsure',
    )
  const asItIs = ways.find(({ way }) => way.series === array.series)
  if (asItIs) return asItIs.way
  return ways.sort((a, b) => b.check.takenW - a.check.takenW)[0]?.way ?? null
}

const controllerFor = (volts: number, controllers: readonly { bankV: number; controller: Controller }[]) =>
  [...controllers].sort((a, b) => Math.abs(a.bankV - volts) - Math.abs(b.bankV - volts))[0]?.controller ??
  null
