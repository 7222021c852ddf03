/**
 * The standard normal quantile function.
 *
 * @param p probability, 0 < p < 1
 * @returns z with Φ(z) = p, relative error below 1.2e-9
 * Source: P. J. Acklam's rational approximation (2003), coefficients from memory; checked in the test
 * against tabulated quantiles.
 */
export function normalQuantile(p: number): number {
  const tail = 0.02425
  if (p < tail) return tailValue(Math.sqrt(-2 * Math.log(p)))
  if (p > 1 - tail) return -tailValue(Math.sqrt(-2 * Math.log(1 - p)))
  const q = p - 0.5
  const r = q * q
  return (
    ((((((-3.969683028665376e1 * r + 2.209460984245205e2) * r - 2.759285104469687e2) * r +
      1.38357751867269e2) *
      r -
      3.066479806614716e1) *
      r +
      2.506628277459239) *
      q) /
    (((((-5.447609879822406e1 * r + 1.615858368580409e2) * r - 1.556989798598866e2) * r +
      6.680131188771972e1) *
      r -
      1.328068155288572e1) *
      r +
      1)
  )
}

function tailValue(q: number): number {
  return (
    (((((-7.784894002430293e-3 * q - 3.223964580411365e-1) * q - 2.400758277161838) * q - 2.549732539343734) *
      q +
      4.374664141464968) *
      q +
      2.938163982698783) /
    ((((7.784695709041462e-3 * q + 3.224671290700398e-1) * q + 2.445134137142996) * q + 3.754408661907416) *
      q +
      1)
  )
}

/**
 * The standard normal distribution function Φ, absolute error below 7.5e-8.
 *
 * Source: Abramowitz & Stegun 26.2.17, coefficients from memory.
 * @example normalCdf(1.2816) // 0.9
 */
export function normalCdf(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z))
  const tail =
    0.3989422804014327 *
    Math.exp((-z * z) / 2) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))))
  return z > 0 ? 1 - tail : tail
}
