/** How a number is known, weakest first. */
export const EVIDENCE_STEPS = ['typical', 'label', 'measured', 'tested'] as const
export type Evidence = (typeof EVIDENCE_STEPS)[number]

/** Units a quantity may carry in the plan document (SI or accepted for use with it; `1` is a plain fraction). */
export type Unit = 'W' | 'Wh' | 'min' | 's' | 'h' | '1' | '°C' | 'L' | 'L/min' | 'L/h' | 'Ah' | 'Ω'

/**
 * The 80 % interval around a value: `{ times: 1.5 }` reads value ÷ 1.5 … value × 1.5 (log-normal),
 * `{ plusMinus: 0.03 }` reads value − 0.03 … value + 0.03 in the value's own unit (normal).
 */
export type Spread = { times: number } | { plusMinus: number }

/** A number with its unit, how far it may be off, and how it is known. */
export interface Quantity<U extends Unit = Unit> {
  value: number
  unit: U
  spread: Spread
  evidence: Evidence
  source?: string
  /** the day of the run it was learned in: what was tested ages, see aged.ts */
  testedOn?: string
}

/** Standard normal quantile of 0.9: the half-width of an 80 % interval in standard deviations. */
export const Z_80 = 1.2815515655446004

/**
 * The value a quantity takes at a standard normal deviate.
 *
 * @param quantity any quantity
 * @param z standard normal deviate; ±1.2816 gives the ends of the 80 % interval
 * @returns the value in the quantity's unit; never negative but for temperatures
 * @example drawn({ value: 100, unit: 'W', spread: { times: 1.5 }, evidence: 'label' }, 0) // 100
 */
export function drawn(quantity: Quantity, z: number): number {
  const { value, spread } = quantity
  if ('times' in spread)
    return spread.times === 1 ? value : value * Math.exp((Math.log(spread.times) * z) / Z_80)
  const moved = value + (spread.plusMinus * z) / Z_80
  return quantity.unit === '°C' ? moved : Math.max(0, moved)
}

/** The ends of a quantity's 80 % interval, low and high, in its unit. */
export function interval80(quantity: Quantity): [number, number] {
  return [drawn(quantity, -Z_80), drawn(quantity, Z_80)]
}

/** A quantity of the given unit; the spread defaults to what its evidence usually leaves open. */
export function quantity<U extends Unit>(
  value: number,
  unit: U,
  evidence: Evidence,
  spread: Spread = usualSpread(evidence),
): Quantity<U> {
  return { value, unit, spread, evidence }
}

/**
 * The spread an average or running value usually has by its evidence (80 % interval, multiplicative).
 * Common practice, no source; docs/model.md gives the grounds.
 */
export function usualSpread(evidence: Evidence): Spread {
  return { times: { typical: 1.5, label: 1.6, measured: 1.08, tested: 1.05 }[evidence] }
}
