import type { MeterSamples } from './samples'

/** A stretch of the record in which the thing was on. */
export interface OnStretch {
  fromMin: number
  toMin: number
  meanW: number
  kind: 'run' | 'defrost'
}

/** What a record tells of a load. */
export interface MeterFindings {
  /** hours that were covered by readings */
  coveredH: number
  averageW: number
  runningW: number
  /** the highest reading, where it stands out above the running watts; null otherwise */
  startPeakW: number | null
  /** the highest level that lasted: two readings and twenty seconds at least */
  sustainedW: number
  idleW: number
  on: OnStretch[]
  meanOnMin: number | null
  meanOffMin: number | null
  dutyFraction: number
  defrosts: { count: number; watts: number; minutes: number } | null
  /** 'cycling' when it switches on and off again and again, 'constant' when it hardly moves */
  shape: 'cycling' | 'constant' | 'now and then'
}

/** Above the running watts by this much, for this long, it is a defrost heater. Common practice, no source. */
const DEFROST_TIMES = 1.35
const DEFROST_MIN = [6, 75] as const
const PEAK_TIMES = 1.5

/**
 * What a meter's record shows: average over what was covered, running watts, the start peak, cycles and defrosts.
 *
 * On and off are told apart by the watts half-way between the usual low and the usual high reading; a record
 * whose readings differ little is taken as constant. Means weigh each reading by how long it stood.
 *
 * @throws RangeError when nothing is covered
 */
export function analyseMeter(samples: MeterSamples): MeterFindings {
  const { atMin, watts, gaps } = samples
  const lasts = lastsOf(atMin, gaps)
  const coveredMin = lasts.reduce((sum, minutes) => sum + minutes, 0)
  if (!(coveredMin > 0)) throw new RangeError('the record covers no time')
  const averageW = watts.reduce((sum, w, i) => sum + w * lasts[i], 0) / coveredMin
  const order = Array.from(watts.keys()).sort((a, b) => watts[a] - watts[b])
  const levelAt = (share: number) => {
    let seen = 0
    for (const i of order) {
      seen += lasts[i]
      if (seen >= share * coveredMin) return watts[i]
    }
    return watts[order[order.length - 1]]
  }
  const low = levelAt(0.02)
  const high = highLevel(watts, lasts, order, low)
  const isConstant = high < low * 1.25 + 2
  const threshold = isConstant ? -1 : low + (high - low) * 0.5
  const on = stretchesOn(samples, lasts, threshold)
  const runs = isConstant ? on : markDefrosts(on)
  const running = runs.filter(({ kind }) => kind === 'run')
  const runningW = isConstant ? averageW : usualOf(running.map((s) => [s.meanW, s.toMin - s.fromMin])) || high
  const heated = runs.filter(({ kind }) => kind === 'defrost')
  const whole = running.slice(1, -1)
  const offs = runs.slice(1).map((stretch, i) => stretch.fromMin - runs[i].toMin)
  const onMin = running.reduce((sum, s) => sum + s.toMin - s.fromMin, 0)
  const peak = watts.reduce((most, w) => Math.max(most, w), 0)
  const defrostW = heated.length ? usualOf(heated.map((s) => [s.meanW, 1])) : 0
  const often = running.length >= 3
  return {
    coveredH: coveredMin / 60,
    averageW,
    runningW,
    startPeakW: peak > PEAK_TIMES * Math.max(runningW, defrostW * 1.1) ? peak : null,
    sustainedW: sustainedOf(watts, lasts),
    idleW: isConstant ? averageW : low,
    on: runs,
    meanOnMin: !isConstant && whole.length ? mean(whole.map((s) => s.toMin - s.fromMin)) : null,
    meanOffMin: !isConstant && offs.length ? mean(offs) : null,
    dutyFraction: isConstant ? 1 : Math.min(1, onMin / coveredMin),
    defrosts: heated.length
      ? { count: heated.length, watts: defrostW, minutes: mean(heated.map((s) => s.toMin - s.fromMin)) }
      : null,
    shape: isConstant ? 'constant' : often ? 'cycling' : 'now and then',
  }
}

/** The highest watts that two readings in a row and twenty seconds or more stayed at. */
function sustainedOf(watts: Float64Array, lasts: Float64Array): number {
  let most = 0
  for (let i = 0; i + 1 < watts.length; i++) {
    if (lasts[i] === 0 || lasts[i] + lasts[i + 1] < 1 / 3) continue
    most = Math.max(most, Math.min(watts[i], watts[i + 1]))
  }
  return most || watts.reduce((highest, w) => Math.max(highest, w), 0)
}

const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length

/** The middle of weighted values. */
function usualOf(pairs: readonly (readonly [value: number, weight: number])[]): number {
  const sorted = [...pairs].sort((a, b) => a[0] - b[0])
  const half = sorted.reduce((sum, [, weight]) => sum + weight, 0) / 2
  let seen = 0
  for (const [value, weight] of sorted) {
    seen += weight
    if (seen >= half) return value
  }
  return 0
}

/** Minutes each reading stood for; none in a gap. */
function lastsOf(atMin: Float64Array, gaps: MeterSamples['gaps']): Float64Array {
  const lasts = new Float64Array(atMin.length)
  let gap = 0
  for (let i = 0; i + 1 < atMin.length; i++) {
    while (gap < gaps.length && gaps[gap][0] < atMin[i]) gap++
    lasts[i] = gap < gaps.length && gaps[gap][0] === atMin[i] ? 0 : atMin[i + 1] - atMin[i]
  }
  return lasts
}

/**
 * The usual reading while it is on: the level above the idle that most of the energy is used at. Spikes of a
 * start use none, and a few defrosts little beside the compressor.
 */
function highLevel(watts: Float64Array, lasts: Float64Array, order: readonly number[], low: number): number {
  const above = order.filter((i) => watts[i] > low * 1.25 + 2 && lasts[i] > 0)
  const energy = above.reduce((sum, i) => sum + watts[i] * lasts[i], 0)
  let seen = 0
  for (const i of above) {
    seen += watts[i] * lasts[i]
    if (seen >= energy * 0.4) return watts[i]
  }
  return low
}

function stretchesOn({ atMin, watts }: MeterSamples, lasts: Float64Array, threshold: number): OnStretch[] {
  const found: OnStretch[] = []
  let open: { from: number; wh: number; to: number } | null = null
  const close = () => {
    if (open && open.to > open.from)
      found.push({ fromMin: open.from, toMin: open.to, meanW: open.wh / (open.to - open.from), kind: 'run' })
    open = null
  }
  for (let i = 0; i < atMin.length; i++) {
    if (watts[i] <= threshold || lasts[i] === 0) {
      close()
      continue
    }
    const before: { from: number; wh: number; to: number } | null = open
    // a jump to another level in the middle is another stretch: a defrost right after a run
    if (
      before &&
      isAnotherLevel(watts[i], before.wh / Math.max(1e-9, before.to - before.from), before.to - before.from)
    )
      close()
    open ??= { from: atMin[i], wh: 0, to: atMin[i] }
    const current: { from: number; wh: number; to: number } = open
    current.wh += watts[i] * lasts[i]
    current.to = atMin[i] + lasts[i]
  }
  close()
  return found
}

const isAnotherLevel = (watts: number, meanW: number, minutes: number) =>
  minutes >= 2 && (watts > meanW * 1.6 || watts < meanW / 1.6)

function markDefrosts(on: OnStretch[]): OnStretch[] {
  const usual = usualOf(on.map((s) => [s.meanW, s.toMin - s.fromMin]))
  return on.map((stretch) => {
    const minutes = stretch.toMin - stretch.fromMin
    const isDefrost =
      stretch.meanW > usual * DEFROST_TIMES && minutes >= DEFROST_MIN[0] && minutes <= DEFROST_MIN[1]
    return isDefrost ? { ...stretch, kind: 'defrost' } : stretch
  })
}
