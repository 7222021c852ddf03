import type { Observation } from './observations'

/**
 * How well one run agrees with the readings, and how it has to be corrected to agree best.
 *
 * What was really used is u(t) = (1 + m)·u_run(t) + Σ c_k·ramp_k(t): m the model's own error, c_k what chance did otherwise in
 * the k-th stretch of time than in the run (its cycles, its defrosts, who opened the door), spread evenly over the stretch.
 * With the bias of each instrument these are the coefficients c of a linear model of the residuals, r = U·c + e. With D the
 * noise and S the covariance of c, cov(r) = D + U·S·Uᵀ; with A = S⁻¹ + Uᵀ·D⁻¹·U
 *
 *   log L = −½·(Σ log D + log|S| + log|A| + rᵀD⁻¹r − bᵀA⁻¹b) − ½·n·log 2π,   b = Uᵀ·D⁻¹·r,
 *
 * and c given r is normal around A⁻¹·b with covariance A⁻¹. Source: Woodbury's identity and the matrix determinant lemma.
 */
export interface Fit {
  logLikelihood: number
  /** m given the readings */
  useMean: number
  useSd: number
  /** what is used by the last reading beyond what the run says, shares of full, given the readings */
  offMean: number
  offSd: number
}

/** What chance does otherwise from run to run: stretches of equal length, and the covariance of what is used in each. */
export interface Chance {
  stretchMin: number
  count: number
  /** count × count, shares of full squared */
  covariance: Float64Array
}

/** Observations with what they have in common laid out once for all runs. */
export class ReadingsModel {
  readonly count: number
  private readonly size: number
  private readonly biasOf: Int32Array
  private readonly isRelative: boolean[]
  /** by observation, by stretch: the part of the stretch that is over */
  private readonly ramps: Float64Array
  private readonly precision: Float64Array
  private readonly logS: number
  private readonly a: Float64Array
  private readonly b: Float64Array
  private readonly u: Float64Array
  private readonly inverse: Float64Array

  /** @param useSd standard deviation of the model's own error, as a share of what was used */
  constructor(
    readonly observations: readonly Observation[],
    useSd: number,
    readonly chance: Chance,
  ) {
    const { stretchMin, count, covariance } = chance
    this.count = observations.length
    const instruments = [...new Set(observations.map(({ instrument }) => instrument))]
    this.biasOf = Int32Array.from(
      observations,
      ({ instrument }) => 1 + count + instruments.indexOf(instrument),
    )
    this.isRelative = observations.map(({ instrument }) => instrument.isRelative)
    const size = 1 + count + instruments.length
    this.size = size
    this.ramps = new Float64Array(this.count * count)
    observations.forEach(({ minute }, j) => {
      for (let k = 0; k < count; k++)
        this.ramps[j * count + k] = Math.min(1, Math.max(0, (minute - k * stretchMin) / stretchMin))
    })
    this.a = new Float64Array(size * size)
    this.b = new Float64Array(size)
    this.u = new Float64Array(size)
    this.inverse = new Float64Array(size * size)
    // S⁻¹, once for all runs
    this.precision = new Float64Array(size * size)
    const s = covariance.slice()
    const sInverse = new Float64Array(count * count)
    let logS = invert(s, sInverse, count) + 2 * Math.log(useSd)
    this.precision[0] = 1 / useSd ** 2
    for (let p = 0; p < count; p++)
      for (let q = 0; q < count; q++) this.precision[(p + 1) * size + q + 1] = sInverse[p * count + q]
    instruments.forEach(({ biasSd }, i) => {
      const at = 1 + count + i
      this.precision[at * size + at] = 1 / biasSd ** 2
      logS += 2 * Math.log(biasSd)
    })
    this.logS = logS
  }

  /**
   * @param expected what the run says each observation should be
   * @param perUse change of each expected value when the run's use is more by 1 (100 %)
   * @param perShare change of each expected value when one more share of full is used
   * @param noiseOf extra noise of each observation: what no run can know to the minute
   * @param usedNow share of full the run has used by the last observation
   */
  fit(
    expected: Float64Array,
    perUse: Float64Array,
    perShare: Float64Array,
    noiseOf: Float64Array,
    usedNow: number,
  ): Fit {
    const { observations, chance, ramps, biasOf, isRelative, size, a, b, u, inverse } = this
    const stretches = chance.count
    a.set(this.precision)
    b.fill(0)
    let logD = 0
    let quadratic = 0
    for (let j = 0; j < this.count; j++) {
      const { value, noiseSd } = observations[j]
      const variance = noiseSd ** 2 + noiseOf[j] ** 2
      const r = value - expected[j]
      logD += Math.log(variance)
      quadratic += (r * r) / variance
      u.fill(0)
      u[0] = perUse[j]
      for (let k = 0; k < stretches; k++) u[k + 1] = perShare[j] * ramps[j * stretches + k]
      u[biasOf[j]] = isRelative[j] ? expected[j] : 1
      for (let p = 0; p < size; p++) {
        if (u[p] === 0) continue
        const weighted = u[p] / variance
        b[p] += weighted * r
        for (let q = 0; q < size; q++) a[p * size + q] += weighted * u[q]
      }
    }
    const logA = invert(a, inverse, size)
    let saved = 0
    let useMean = 0
    let offMean = 0
    let offVariance = 0
    const now = (p: number) => (p === 0 ? usedNow : p <= stretches ? 1 : 0)
    for (let p = 0; p < size; p++) {
      let mean = 0
      for (let q = 0; q < size; q++) {
        const element = inverse[p * size + q]
        mean += element * b[q]
        offVariance += now(p) * element * now(q)
      }
      saved += b[p] * mean
      if (p === 0) useMean = mean
      offMean += now(p) * mean
    }
    return {
      logLikelihood:
        -0.5 * (logD + this.logS + logA + quadratic - saved + this.count * Math.log(2 * Math.PI)),
      useMean,
      useSd: Math.sqrt(Math.max(0, inverse[0])),
      offMean,
      offSd: Math.sqrt(Math.max(0, offVariance)),
    }
  }
}

/** Inverts a positive definite matrix by Gauss and Jordan; `a` is used up. @returns log|a| */
function invert(a: Float64Array, inverse: Float64Array, size: number): number {
  inverse.fill(0)
  for (let p = 0; p < size; p++) inverse[p * size + p] = 1
  let logDeterminant = 0
  for (let p = 0; p < size; p++) {
    const pivot = a[p * size + p]
    logDeterminant += Math.log(pivot)
    for (let q = 0; q < size; q++) {
      a[p * size + q] /= pivot
      inverse[p * size + q] /= pivot
    }
    for (let other = 0; other < size; other++) {
      if (other === p) continue
      const times = a[other * size + p]
      if (times === 0) continue
      for (let q = 0; q < size; q++) {
        a[other * size + q] -= times * a[p * size + q]
        inverse[other * size + q] -= times * inverse[p * size + q]
      }
    }
  }
  return logDeterminant
}
