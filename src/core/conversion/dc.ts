import type { Source } from '../plan/power'

/** Of a source whose direct-current outputs say nothing of themselves. Common practice, no source. */
const USUAL_DC_EFFICIENCY = 0.9
/** A load on the battery's own terminals loses only what its wires take. */
const DIRECT_EFFICIENCY = 0.98

/**
 * Share of the battery's watts that reaches a 12 V or USB load.
 *
 * @example dcEfficiency(bank of 12 V) // 0.98: nothing converts
 */
export function dcEfficiency(source: Source): number {
  if (source.outfit?.dc) return source.outfit.dc.efficiencyFraction.value
  return source.bank ? DIRECT_EFFICIENCY : USUAL_DC_EFFICIENCY
}
