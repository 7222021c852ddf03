import type { Plan } from '../plan/document'
import { withChange } from '../sizing/levers'
import type { TriedLevers } from '../sizing/tryLevers'
import type { SparingLever } from './byLosses'
import type { RiskClock } from './riskClock'
import { lostWithin, riskClocks } from './riskClocks'

/** What every lever that was tried would spare. */
export function withLosses(plan: Plan, { horizonMin, chains, levers }: TriedLevers): SparingLever[] {
  const outageMin = plan.scenario.durationH * 60
  const lost = (of: Plan, ends: TriedLevers['chains']) =>
    lostWithin(riskClocks(of, { horizonMin, chains: ends }), outageMin)
  const without = lost(plan, chains)
  return levers.map(({ chains: ends, ...lever }) => {
    if (without.length === 0) return { ...lever, loss: null }
    const with_ = lost(withChange(plan, lever.change), ends)
    const firstMin = with_[0]?.lost?.likely ?? null
    return {
      ...lever,
      loss: {
        saved: without.filter((clock) => !with_.some((other) => isSame(clock, other))).map(named),
        adds: with_.filter((clock) => !without.some((other) => isSame(clock, other))).map(named),
        firstMin,
        laterMin: (firstMin ?? Infinity) - without[0].lost!.likely,
      },
    }
  })
}

const named = ({ kind, name }: RiskClock) => ({ kind, name })
const isSame = (a: RiskClock, b: RiskClock) => a.kind === b.kind && a.loadId === b.loadId && a.name === b.name
