import type { Chemistry } from '../plan/limits'

/**
 * Share of its charge a battery loses in a month of lying at room temperature, a station's electronics
 * counted. From memory.
 */
const MONTHLY: Record<Chemistry, number> = { lifepo4: 0.03, agm: 0.03, flooded: 0.06 }

export const monthlyLossFraction = (chemistry: Chemistry) => MONTHLY[chemistry]
