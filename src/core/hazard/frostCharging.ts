import { NO_CHARGING } from '../plan/noRefill'
import { chemistryOf } from '../storage/bank'
import { finding } from './finding'
import type { Hazard } from './hazardInput'

/** A lithium battery stands where it gets below freezing while something charges it. */
export const frostCharging: Hazard = ({ plan, charged, weather }) => {
  if (chemistryOf(charged) !== 'lifepo4') return []
  const lowestC = charged.outfit?.chargeC.lowC ?? 0
  const coldestC = Math.min(...weather[charged.where ?? 'indoors'])
  const charging = plan.scenario.charging ?? NO_CHARGING
  const isCharged =
    plan.refill.panels.some(({ on }) => on) ||
    (plan.refill.generator?.on && charging.generator.length > 0) ||
    (plan.refill.car?.on && charging.car.length > 0) ||
    charging.grid.length > 0
  if (!isCharged || coldestC >= Math.min(0, lowestC)) return []
  return [
    finding('charged-in-frost', charged.id, { page: 'power', part: 'source', id: charged.id }, 'you', {
      source: charged.name,
      coldestC,
    }),
  ]
}
