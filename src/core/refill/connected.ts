import type { Source } from '../plan/power'
import type { InputWindow, PanelArray } from '../plan/refill'
import { type Told, told } from '../quantity/told'
import { bankVolts } from '../storage/bank'
import type { RecordLow } from '../weather/recordCold'
import { whyUnconnected, windowFor } from './connection'
import { sharedInputWarning } from './sharedInput'
import { type ArrayCheck, checkArray } from './stringCheck'

/** An array as it stands against the source it charges. */
export interface ConnectedArray {
  array: PanelArray
  /** null where nothing takes panels in */
  window: InputWindow | null
  check: ArrayCheck | null
  verdict: ArrayCheck['verdict'] | 'unconnected' | 'unlike'
  /** what holds, or why it does not */
  message: Told
  /** it gives something in the runs */
  isUsed: boolean
}

/** Whether an array of this verdict can be connected at all and gives something. */
const gives = (verdict: ArrayCheck['verdict']) => verdict !== 'refused' && verdict !== 'too low'

/**
 * Each array in use against the source it charges: its string against the input, and against the others where
 * they share one.
 */
export function connectedArrays(
  panels: readonly PanelArray[],
  source: Source,
  recordLow: RecordLow,
): ConnectedArray[] {
  const bankV = source.bank ? bankVolts(source.bank) : null
  const found = panels
    .filter(({ on }) => on)
    .map((array): ConnectedArray => {
      const window = windowFor(array, source)
      if (!window)
        return {
          array,
          window,
          check: null,
          verdict: 'unconnected',
          message: whyUnconnected(array, source)!,
          isUsed: false,
        }
      const check = checkArray(array, window, recordLow, bankV)
      const { verdict, message } = check
      return { array, window, check, verdict, message, isUsed: gives(verdict) }
    })
  if (source.bank) return found
  const unlike = sharedInputWarning(found.filter(({ isUsed }) => isUsed).map(({ array }) => array))
  return unlike === null
    ? found
    : found.map((one) =>
        one.isUsed
          ? {
              ...one,
              verdict: 'unlike',
              message:
                one.verdict === 'unsure' ? told('panels.besides', { unlike, message: one.message }) : unlike,
            }
          : one,
      )
}
