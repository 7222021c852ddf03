import { bitsAt, uniformAt } from '../quantity/random'
import { CYCLE_JITTER, type CompiledLoad } from './compile'
import { REST_IS_OVER } from './cycleRules'
import { FIRST_DEFROST_PLACE, FIRST_EVENT_PLACE, type LoadValues } from './loadValues'

type Piece = [from: number, to: number, watts: number]
type Doing = 'run' | 'rest' | 'catch up' | 'coast'

const LEAST_MIN = 1e-9

/**
 * A cycling load laid out plainly, for the oracle: what it is doing, until what next could change that
 * (the end of its phase, of the hour, of the catching up, a defrost, a pause), and then the change.
 */
export function slowCycles(load: CompiledLoad, values: LoadValues, horizonMin: number): Piece[] {
  const pieces: Piece[] = []
  const jitter = (cycle: number, half: 'on' | 'off') => {
    const bits = bitsAt(values.stream, FIRST_EVENT_PLACE + cycle)
    const part = half === 'on' ? bits >>> 16 : bits & 0xffff
    return 1 + ((part - 32767.5) / 32768) * CYCLE_JITTER
  }
  const dutyAt = (minute: number) => values.dutyH[Math.floor(minute / 60)]
  const ranStretches: Piece[] = []
  let cycle = 0
  const startsOn = values.phase < dutyAt(0)
  let doing: Doing = startsOn ? 'run' : 'rest'
  let left = startsOn
    ? jitter(0, 'on') * (1 - values.phase / dutyAt(0))
    : jitter(0, 'off') * (1 - (values.phase - dutyAt(0)) / (1 - dutyAt(0)))
  let catchUpUntil = values.pullDownMin
  let untilDefrost = values.firstDefrostMin
  let defrosts = 0
  let blowsUntil = 0
  let stretchFrom: number | null = null

  const ran = (from: number, to: number, watts: number) => {
    if (to - from > 0) ranStretches.push([from, to, watts])
  }
  /** The compressor or burner stops: its stretches are laid down, the blower runs on. */
  const stop = (at: number, limit: number) => {
    if (stretchFrom === null) return
    if (values.blowerW > 0 && values.lagMin > 0) {
      const from = stretchFrom
      const watts = ranStretches[0]?.[2] ?? 0
      const blowerW = Math.min(values.blowerW, watts)
      const end = Math.min(limit, at + values.lagMin)
      pieces.push([from, at, watts - blowerW])
      if (end > from + values.lagMin) pieces.push([from + values.lagMin, end, blowerW])
      blowsUntil = end
    } else {
      pieces.push(...ranStretches)
      blowsUntil = at
    }
    ranStretches.length = 0
    stretchFrom = null
  }

  let at = 0
  while (at < horizonMin) {
    const paused = load.pauses.find(([from, to]) => at >= from && at < to)
    if (paused) {
      stop(at, at)
      const until = Math.min(paused[1], horizonMin)
      catchUpUntil = until + madeUpFor(values, until, until - at)
      doing = 'rest'
      at = until
      continue
    }
    const limit = Math.min(horizonMin, ...load.pauses.map(([from]) => from).filter((from) => from > at))
    if (untilDefrost <= 0) {
      stop(at, limit)
      const until = Math.min(limit, at + (untilDefrost < 0 ? -untilDefrost : values.defrostMin))
      pieces.push([at, until, values.defrostW])
      const share = values.isAdaptive ? 0.5 + uniformAt(values.stream, FIRST_DEFROST_PLACE + defrosts) : 1
      untilDefrost = values.defrostEveryMin * share
      defrosts++
      at = until
      continue
    }
    if (at < values.coastMin) {
      at = Math.min(values.coastMin, limit)
      doing = 'rest'
      left = REST_IS_OVER
      continue
    }
    const catchesUp = at < catchUpUntil
    const duty = dutyAt(at)
    const hourEnd = (Math.floor(at / 60) + 1) * 60
    const runs = catchesUp || doing === 'run'
    const perMinute = (4 * (doing === 'run' ? 1 - duty : duty)) / values.periodHalfMin
    let phaseEnd = catchesUp ? catchUpUntil : perMinute > 0 ? at + left / perMinute : Infinity
    if (!runs) phaseEnd = Math.max(phaseEnd, blowsUntil)
    const next = Math.min(
      phaseEnd,
      limit,
      catchesUp ? Infinity : hourEnd,
      runs ? at + untilDefrost : Infinity,
    )
    if (runs) {
      const watts = catchesUp ? values.runningW : values.wattsH[Math.floor(at / 60)]
      if (stretchFrom === null) stretchFrom = at
      ran(at, next, watts)
      untilDefrost = next === at + untilDefrost ? 0 : untilDefrost - (next - at)
    }
    if (!catchesUp) left = Math.max(0, left - (next - at) * perMinute)
    const phaseIsOver = next === phaseEnd
    at = next
    if (!phaseIsOver) continue
    if (runs) {
      stop(at, limit)
      doing = 'rest'
      left = jitter(cycle, 'off')
    } else {
      doing = 'run'
      left = jitter(++cycle, 'on')
    }
  }
  stop(horizonMin, horizonMin)
  return pieces.filter(([from, to]) => to - from > LEAST_MIN).sort((a, b) => a[0] - b[0])
}

/** Minutes of full output that make up for having been off: an exponential of a box, what has run into a pit, or nothing. */
function madeUpFor(values: LoadValues, minute: number, offMin: number): number {
  if (values.recovers === 'nothing') return 0
  const hour = Math.min(values.dutyH.length - 1, Math.floor(minute / 60))
  const demand = values.runningW > 0 ? (values.wattsH[hour] * values.dutyH[hour]) / values.runningW : 0
  if (demand >= 1) return Infinity
  if (values.recovers === 'backlog') return (offMin * demand) / (1 - demand)
  const drifted = 1 - Math.exp(-offMin / values.tauMin)
  return values.tauMin * Math.log(1 + (drifted * demand) / (1 - demand))
}
