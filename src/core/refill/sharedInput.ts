import type { PanelArray } from '../plan/refill'
import { formatNumber } from '../quantity/format'

/** Strings in parallel whose volts differ by more than this pull each other down noticeably. Common practice, no source. */
const MOST_DIFFERENCE = 0.1

/**
 * What happens where arrays of unlike volts share one input: joined in parallel, the higher is pulled down to
 * the lower.
 *
 * @param arrays those in use on one input without a controller of their own
 * @returns a warning; null where they are alike or there is only one
 */
export function sharedInputWarning(arrays: readonly PanelArray[]): string | null {
  if (arrays.length < 2) return null
  const byVolts = arrays
    .map(({ name, panel, series }) => ({ name, volts: panel.vmpV * series }))
    .sort((a, b) => a.volts - b.volts)
  const [lowest, highest] = [byVolts[0], byVolts[byVolts.length - 1]]
  if (highest.volts <= lowest.volts * (1 + MOST_DIFFERENCE)) return null
  return `${lowest.name} works at ${formatNumber(lowest.volts, 1)} V, ${highest.name} at ${formatNumber(highest.volts, 1)} V: on one input the lower pulls the higher down. Join them so that their volts are alike, or give each an input of its own.`
}
