import type { Plan } from '../plan/document'
import type { RiskClock } from '../risk/riskClock'
import { type ClockedRuns, lostWithin, riskClocks } from '../risk/riskClocks'
import { LEAST_LATER_MIN, type SparingLever } from './byLosses'
import { withChange } from './levers'
import type { TriedLevers } from './tryLevers'

/** What every lever that was tried would spare. */
export function withLosses(plan: Plan, { horizonMin, unfed, levers }: TriedLevers): SparingLever[] {
  const outageMin = plan.scenario.durationH * 60
  const lost = (of: Plan, runs: ClockedRuns['unfed']) =>
    lostWithin(riskClocks(of, { horizonMin, unfed: runs }), outageMin)
  const without = lost(plan, unfed)
  return levers.map(({ unfed: runs, ...lever }) => {
    const with_ = lost(withChange(plan, lever.change), runs)
    if (without.length === 0 && with_.length === 0) return { ...lever, loss: null }
    const firstMin = with_[0]?.lost?.likely ?? null
    return {
      ...lever,
      loss: {
        saved: without.filter((clock) => !with_.some((other) => isSame(clock, other))).map(named),
        adds: with_.filter((clock) => isHastened(clock, without)).map(named),
        firstMin,
        laterMin: without.length === 0 ? 0 : (firstMin ?? Infinity) - without[0].lost!.likely,
      },
    }
  })
}

/** Whether something is lost that was not before, or earlier by more than a few minutes. */
function isHastened(clock: RiskClock, without: readonly RiskClock[]): boolean {
  const before = without.find((other) => isSame(clock, other))
  return !before || before.lost!.likely - clock.lost!.likely > LEAST_LATER_MIN
}

const named = ({ kind, name }: RiskClock) => ({ kind, name })
const isSame = (a: RiskClock, b: RiskClock) => a.kind === b.kind && a.loadId === b.loadId && a.name === b.name
