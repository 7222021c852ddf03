import { asMeasured, asMeasuredQuantity, decidingQuantities } from '../load/deciding'
import type { Plan } from '../plan/document'
import { percentilesInPlace } from '../quantity/percentile'
import type { Quantity } from '../quantity/quantity'
import { leftOutWhy } from '../simulation/compile'
import { DEFAULT_SEED } from '../simulation/simulate'
import { Variants } from '../simulation/variants'

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

/** Runs made between two pauses. */
const RUNS_A_TIME = 60

/**
 * Which measurement narrows the band most: each load's quantities in turn are taken as measured for a day,
 * at their present middle values, and the same runs are made again. Pauses between some runs and the next.
 *
 * @returns those worth measuring, the most first
 */
export function* measureNext(
  plan: Plan,
  runs = RUNS,
  seed = DEFAULT_SEED,
): Generator<undefined, MeasureNext[]> {
  const tried = [...loadsMeasured(plan), ...drawsMeasured(plan)]
  const variants = new Variants([plan, ...tried.map((one) => one.plan)], seed)
  const most = Math.min(runs, variants.runs[0])
  for (let made = 0; made < most; made += RUNS_A_TIME) {
    variants.make(made, Math.min(most, made + RUNS_A_TIME))
    yield
  }
  const [now, ...then] = variants.ends.map((ends) => {
    const [p10, p90] = percentilesInPlace(ends.slice(0, most), Math.min(most, ends.length), [0.1, 0.9])
    return { p10, p90 }
  })
  const width = now.p90 - now.p10
  return tried
    .map(({ loadId, name }, i) => ({ loadId, name, now, then: then[i] }))
    .filter((one) => width - (one.then.p90 - one.then.p10) > LEAST_SHARE * width)
    .sort((a, b) => a.then.p90 - a.then.p10 - (b.then.p90 - b.then.p10))
}

type Measured = Pick<MeasureNext, 'loadId' | 'name'> & { plan: Plan }

/** The plan with each load in turn as measured, of those that are known poorly. */
const loadsMeasured = (plan: Plan): Measured[] =>
  plan.loads
    .filter((load) => leftOutWhy(load, plan) === null)
    .filter(({ behaviour }) => decidingQuantities(behaviour).some(isPoor))
    .map((load) => ({
      loadId: load.id,
      name: load.name,
      plan: {
        ...plan,
        loads: plan.loads.map((other) =>
          other.id === load.id ? { ...other, behaviour: asMeasured(other.behaviour) } : other,
        ),
      },
    }))

/** The same of what each source takes for itself. */
function drawsMeasured(plan: Plan): Measured[] {
  const { sources } = plan.powerSystem
  return sources
    .filter(({ lossRule, noLoadW }) => lossRule === 'efficiency' && isPoor(noLoadW))
    .map((source) => ({
      loadId: null,
      name: source.name,
      plan: {
        ...plan,
        powerSystem: {
          ...plan.powerSystem,
          sources: sources.map((other) =>
            other.id === source.id ? { ...other, noLoadW: asMeasuredQuantity(other.noLoadW) } : other,
          ),
        },
      },
    }))
}

const isPoor = ({ evidence, spread }: Quantity) =>
  (evidence === 'typical' || evidence === 'label') &&
  ('times' in spread ? spread.times > MEASURED_TIMES : spread.plusMinus > 0)
