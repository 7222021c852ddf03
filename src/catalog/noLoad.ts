import type { Quantity } from '@/core/quantity/quantity'

/**
 * Idle draw (no-load) of an inverter until it is measured: about 2 W + 0.4 % of its rated watts, ×/÷2.
 * Common practice, no source; see docs/model.md.
 */
export function usualNoLoadW(continuousW: number): Quantity<'W'> {
  return {
    value: Math.round((2 + 0.004 * continuousW) * 10) / 10,
    unit: 'W',
    spread: { times: 2 },
    evidence: 'typical',
    source: 'common practice: 2 W + 0.4 % of rated watts',
  }
}
