import { pausesOf } from '../load/stretches'
import type { Plan } from '../plan/document'
import type { Load, Source } from '../plan/schema'
import type { RiskClock } from '../risk/riskClock'
import type { SimulationResult } from '../simulation/result'
import type { PowerGate } from './gates'

/** What keeps a plan from doing what its hours say; the gravest first. */
export type Break =
  /** the source trips: more runs together than it gives */
  | { kind: 'running'; gate: PowerGate }
  /** the source trips at a start */
  | { kind: 'start'; gate: PowerGate }
  /** loads no source here feeds: their voltage is not given, or their source is away */
  | { kind: 'voltage' | 'away'; loads: Load[]; source: Source | null }
  /** loads that lose their supply when a source of other volts takes over */
  | { kind: 'in turn'; loads: Load[]; source: Source }
  /** in search mode small loads get nothing between the large ones */
  | { kind: 'search'; source: Source; belowW: number; loads: Load[] }
  /** a medical device that is needed while it has no power: from when on, and whether that is likely or may be */
  | { kind: 'medical'; load: Load; fromMin: number; isLikely: boolean }
  /** critical loads switched off */
  | { kind: 'off'; loads: Load[] }
  /** a critical load that a rule drops, mean minutes of the outage */
  | { kind: 'shed'; load: Load; minutes: number }
  /** a critical load paused, minutes of the outage */
  | { kind: 'paused'; load: Load; minutes: number }

/** Whether the household said that it must run: a tier of the first rank, or a medical device that is carried at all. */
const isCritical = ({ tier, medical }: Pick<Load, 'tier' | 'medical'>) =>
  tier === 'critical' || (medical && tier !== 'notOnBattery')

/** Shorter than this a rule or a pause is not worth a word, minutes of the whole outage. */
const LEAST_MIN = 1

/** Everything that breaks a plan, whatever its watt-hours. */
export function breaksOf(
  plan: Plan,
  result: SimulationResult,
  { carries, starts }: { carries: PowerGate; starts: PowerGate },
  clocks: readonly RiskClock[],
): Break[] {
  const { scenario, loads } = plan
  const leftOut = (why: string) =>
    loads.filter(({ id }) => result.leftOut.some((one) => one.loadId === id && one.why === why))
  const found: Break[] = []
  if (carries.neededW > carries.limitW) found.push({ kind: 'running', gate: carries })
  if (starts.verdict === 'short') found.push({ kind: 'start', gate: starts })
  const wrong = leftOut('voltage')
  const sourceOf = ({ sourceId }: Load) => plan.powerSystem.sources.find(({ id }) => id === sourceId) ?? null
  if (wrong.length > 0) found.push({ kind: 'voltage', loads: wrong, source: sourceOf(wrong[0]) })
  const away = leftOut('away')
  if (away.length > 0) found.push({ kind: 'away', loads: away, source: sourceOf(away[0]) })
  for (const { kind, loadId, lost, powerEnds } of clocks) {
    const load = loads.find(({ id }) => id === loadId)
    // what is not fed at all is told above, what it is kept off by below
    if (kind !== 'breathing-aid' || !load || !lost || !powerEnds) continue
    if (Math.max(lost.early, powerEnds.early) >= result.outageMin) continue
    const isLikely = lost.likely < result.outageMin
    found.push({ kind: 'medical', load, fromMin: isLikely ? lost.likely : lost.early, isLikely })
  }
  const next = carries.wrongVoltage.filter((load) => result.loads.some(({ loadId }) => loadId === load.id))
  if (next.length > 0) found.push({ kind: 'in turn', loads: next, source: carries.source })
  for (const source of plan.powerSystem.sources) {
    const belowW = source.lossRule === 'efficiency' ? (source.bank?.inverter?.search?.belowW ?? 0) : 0
    const small = loads.filter(
      (load) =>
        load.sourceId === source.id &&
        load.volts !== 12 &&
        load.behaviour.kind === 'constant' &&
        result.loads.some(({ loadId }) => loadId === load.id),
    )
    const steadyW = small.reduce((sum, { behaviour }) => sum + behaviour.runningW.value, 0)
    if (small.length > 0 && steadyW < belowW) found.push({ kind: 'search', source, belowW, loads: small })
  }
  const off = loads.filter((load) => !load.on && isCritical(load))
  if (off.length > 0) found.push({ kind: 'off', loads: off })
  const carried = loads.filter(
    (load) => isCritical(load) && result.loads.some(({ loadId }) => loadId === load.id),
  )
  for (const load of carried) {
    const minutes = result.loads.find(({ loadId }) => loadId === load.id)!.shedMin
    if (minutes >= LEAST_MIN) found.push({ kind: 'shed', load, minutes })
  }
  for (const load of carried) {
    const minutes = pausesOf(load.steering, scenario.startsAt, result.outageMin).reduce(
      (sum, [from, to]) => sum + Math.min(to, result.outageMin) - from,
      0,
    )
    if (minutes >= LEAST_MIN) found.push({ kind: 'paused', load, minutes })
  }
  return found
}
