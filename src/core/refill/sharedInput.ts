import type { PanelArray } from '../plan/refill'
import { type Told, told } from '../quantity/told'

/** Strings in parallel whose volts differ by more than this pull each other down noticeably. Common practice, no source. */
const MOST_DIFFERENCE = 0.1

/**
 * What happens where arrays of unlike volts share one input: joined in parallel, the higher is pulled down to
 * the lower.
 *
 * @param arrays those in use on one input without a controller of their own
 * @returns a warning; null where they are alike or there is only one
 */
export function sharedInputWarning(arrays: readonly PanelArray[]): Told | null {
  if (arrays.length < 2) return null
  const byVolts = arrays
    .map(({ name, panel, series }) => ({ name, volts: panel.vmpV * series }))
    .sort((a, b) => a.volts - b.volts)
  const [lowest, highest] = [byVolts[0], byVolts[byVolts.length - 1]]
  if (highest.volts <= lowest.volts * (1 + MOST_DIFFERENCE)) return null
  return told('panels.unlike', {
    lowest: lowest.name,
    lowestVolts: lowest.volts,
    highest: highest.name,
    highestVolts: highest.volts,
  })
}

/** One string, or equal ones in parallel, at a moment: its best watts, at which volts, and its volts with nothing drawn. */
export interface StringAtWork {
  watts: number
  vmpV: number
  vocV: number
}

/** What an input finds of the strings joined on it. */
export interface JoinedStrings {
  watts: number
  volts: number
}

/**
 * Strings joined in parallel on one input: it tries the best volts of each and stays where all of them together
 * give most. Below its own best volts a string keeps its amps; above them its amps fall to none at open circuit
 * (a straight line for the knee of its curve); nothing flows backwards.
 *
 * @param lowV volts under which the input takes nothing
 * @returns the order of the strings decides nothing; no watts where none works at `lowV` or above
 */
export function joined(strings: readonly StringAtWork[], lowV: number): JoinedStrings {
  let best: JoinedStrings = { watts: 0, volts: 0 }
  for (const { vmpV: volts } of strings) {
    if (volts < lowV) continue
    const watts = strings.reduce((sum, one) => sum + wattsAt(one, volts), 0)
    if (watts > best.watts || (watts === best.watts && volts > best.volts)) best = { watts, volts }
  }
  return best
}

function wattsAt({ watts, vmpV, vocV }: StringAtWork, volts: number): number {
  if (volts >= vocV) return 0
  const amps = watts / vmpV
  return volts * (volts <= vmpV ? amps : (amps * (vocV - volts)) / (vocV - vmpV))
}
