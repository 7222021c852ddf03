import type { Behaviour, Cycling, Start } from '../plan/schema'
import { type Quantity, quantity } from '../quantity/quantity'
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
  if (!(coveredMin > 0)) throw new RangeError('The record covers no time.')
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

/**
 * How far an average measured for so many hours may be off (80 % interval): ×/÷1.08 after a day, ×/÷1.25 after an
 * hour of a cycling load. Common practice, no source.
 */
export function measuredTimes(hours: number): number {
  const t = Math.min(1, Math.max(0, Math.log(Math.max(1, hours)) / Math.log(24)))
  return Math.round((1.25 - 0.17 * t) * 1000) / 1000
}

/**
 * A load's behaviour as it was, with what the record found put in.
 *
 * @param knownAtC the surroundings while it was measured, °C, of a load that follows them
 */
export function withFindings(
  behaviour: Behaviour,
  found: MeterFindings,
  knownAtC?: number,
): { behaviour: Behaviour; start: Start | null } {
  const watts = (value: number, times: number): Quantity<'W'> => ({
    ...quantity(Math.round(value * 10) / 10, 'W', 'measured', { times }),
    source: `meter, ${Math.round(found.coveredH * 10) / 10} h`,
  })
  const start: Start | null =
    found.startPeakW === null
      ? null
      : {
          watts: watts(found.startPeakW, 1.08),
          seconds: quantity(0.3, 's', 'typical', { times: 2 }),
        }
  if (found.shape === 'constant')
    return { behaviour: { kind: 'constant', runningW: watts(found.averageW, 1.05) }, start }
  const kept = behaviour.kind === 'cycling' ? behaviour : null
  if (found.shape === 'now and then' && !kept && behaviour.kind !== 'constant')
    return { behaviour: { ...behaviour, runningW: watts(found.runningW, 1.08) }, start }
  const period = found.meanOnMin && found.meanOffMin ? found.meanOnMin + found.meanOffMin : null
  const { doors, ...rest }: Partial<Cycling> = kept ?? {}
  return {
    behaviour: {
      ...rest,
      kind: 'cycling',
      runningW: watts(found.runningW, 1.05),
      averageW: watts(found.averageW, measuredTimes(found.coveredH)),
      periodMin: period
        ? quantity(Math.min(1440, Math.max(0.5, Math.round(period * 10) / 10)), 'min', 'measured', {
            times: 1.15,
          })
        : (kept?.periodMin ?? quantity(40, 'min', 'typical', { times: 1.4 })),
      ...(rest.follows && knownAtC !== undefined
        ? {
            follows: {
              ...rest.follows,
              knownAtC: quantity(Math.round(knownAtC * 10) / 10, '°C', 'measured', { plusMinus: 2 }),
            },
          }
        : {}),
      // measured with the doors as they are used, in the room it stands in
      ...(doors ? { doors: { knownADay: doors.nowADay, nowADay: doors.nowADay } } : {}),
      ...(kept?.defrost && found.defrosts
        ? {
            defrost: {
              ...kept.defrost,
              watts: watts(found.defrosts.watts, 1.05),
              minutes: quantity(Math.round(found.defrosts.minutes * 10) / 10, 'min', 'measured', {
                times: 1.15,
              }),
              everyRunH: quantity(
                Math.min(
                  500,
                  Math.max(
                    0.5,
                    Math.round((found.coveredH * found.dutyFraction * 10) / found.defrosts.count) / 10,
                  ),
                ),
                'h',
                'measured',
                { times: 1.25 },
              ),
            },
          }
        : {}),
    },
    start,
  }
}
