import { asMeasured, asMeasuredQuantity, decidingQuantities } from '../load/deciding'
import type { Plan } from '../plan/document'
import { percentilesInPlace } from '../quantity/percentile'
import type { Quantity } from '../quantity/quantity'
import { leftOutWhy } from '../simulation/compile'
import { DEFAULT_SEED } from '../simulation/simulate'
import { runtimesOf } from './runtimes'

/** What measuring one load, or a station’s own draw, would do to the band of the runtime, minutes. */
export interface MeasureNext {
  /** null for a source’s own draw */
  loadId: string | null
  /** of the load, or of the source whose own draw it is */
  name: string
  now: { p10: number; p90: number }
  then: { p10: number; p90: number }
}

const RUNS = 300
/** A day on a plug-in meter leaves ×/÷1.08. Common practice, no source. */
const MEASURED_TIMES = 1.08
/** A band that narrows by less is not worth a meter's week. */
const LEAST_SHARE = 0.03

/**
 * Which measurement narrows the band most: each load's quantities in turn are taken as measured for a day,
 * at their present middle values, and the same runs are made again.
 *
 * @returns those worth measuring, the most first
 */
export function measureNext(plan: Plan, runs = RUNS, seed = DEFAULT_SEED): MeasureNext[] {
  const band = (of: Plan) => {
    const [p10, p90] = percentilesInPlace(runtimesOf(of, runs, seed), runs, [0.1, 0.9])
    return { p10, p90 }
  }
  const now = band(plan)
  const width = now.p90 - now.p10
  const { sources } = plan.powerSystem
  const loads = plan.loads
    .filter((load) => leftOutWhy(load, plan) === null)
    .filter(({ behaviour }) => decidingQuantities(behaviour).some(isPoor))
    .map((load) => ({
      loadId: load.id,
      name: load.name,
      now,
      then: band({
        ...plan,
        loads: plan.loads.map((other) =>
          other.id === load.id ? { ...other, behaviour: asMeasured(other.behaviour) } : other,
        ),
      }),
    }))
  const draws = sources
    .filter(({ lossRule, noLoadW }) => lossRule === 'efficiency' && isPoor(noLoadW))
    .map((source) => ({
      loadId: null,
      name: source.name,
      now,
      then: band({
        ...plan,
        powerSystem: {
          ...plan.powerSystem,
          sources: sources.map((other) =>
            other.id === source.id ? { ...other, noLoadW: asMeasuredQuantity(other.noLoadW) } : other,
          ),
        },
      }),
    }))
  return [...loads, ...draws]
    .filter(({ then }) => width - (then.p90 - then.p10) > LEAST_SHARE * width)
    .sort((a, b) => a.then.p90 - a.then.p10 - (b.then.p90 - b.then.p10))
}

const isPoor = ({ evidence, spread }: Quantity) =>
  (evidence === 'typical' || evidence === 'label') &&
  ('times' in spread ? spread.times > MEASURED_TIMES : spread.plusMinus > 0)
