import type { Plan } from '@/core/plan/document'
import type { RunOutcome } from './outcome'
import { outcomeOfSimulated, plansOfAllKinds, simulatedRun } from './simulatedRuns'

/** A house that is otherwise than its plan in one thing, far beyond what the plan allows for. */
export const WRONG = {
  'a pull-down four times too long': (plan: Plan) => withBoxes(plan, (offForH) => offForH / 4),
  'an average of half': (plan: Plan) => withHeaviest(plan, 2),
  'a battery of 60 %': (plan: Plan) => ({
    ...plan,
    powerSystem: {
      ...plan.powerSystem,
      sources: plan.powerSystem.sources.map((source) => ({
        ...source,
        capacityWh: { ...source.capacityWh, value: source.capacityWh.value * 0.6 },
      })),
    },
  }),
} as const

/** Boxes that the plan has off for long are less so in truth; in the plan itself they have been off for four times as long. */
function withBoxes(plan: Plan, offForOf: (hours: number) => number): Plan {
  return {
    ...plan,
    loads: plan.loads.map((load) =>
      load.behaviour.kind === 'cycling' && load.behaviour.box
        ? {
            ...load,
            behaviour: {
              ...load.behaviour,
              box: { ...load.behaviour.box, offForH: offForOf(load.behaviour.box.offForH || 2) },
            },
          }
        : load,
    ),
  }
}

/** The load with the largest average takes so many times as much in truth. */
function withHeaviest(plan: Plan, times: number): Plan {
  const averageOf = ({ behaviour }: Plan['loads'][number]) =>
    behaviour.kind === 'cycling' ? behaviour.averageW.value : behaviour.runningW.value
  const heaviest = plan.loads.reduce((a, b) => (averageOf(b) > averageOf(a) ? b : a))
  return {
    ...plan,
    loads: plan.loads.map((load) => {
      if (load !== heaviest) return load
      const { behaviour } = load
      const more = <Q extends { value: number }>(quantity: Q): Q => ({
        ...quantity,
        value: quantity.value * times,
      })
      return {
        ...load,
        behaviour:
          behaviour.kind === 'cycling'
            ? {
                ...behaviour,
                averageW: more(behaviour.averageW),
                runningW:
                  behaviour.averageW.value * times > behaviour.runningW.value * 0.9
                    ? more(behaviour.runningW)
                    : behaviour.runningW,
              }
            : { ...behaviour, runningW: more(behaviour.runningW) },
      }
    }),
  }
}

/** Runs of houses that are otherwise than their plan; each is to be recognised or covered. */
export function wrongOutcomes(what: keyof typeof WRONG, runs = 400, every = 1): RunOutcome[] {
  return plansOfAllKinds()
    .filter((_, i) => i % every === 0)
    .filter(({ plan }) => what !== 'a pull-down four times too long' || hasBox(plan))
    .flatMap((one) => {
      const planned =
        what === 'a pull-down four times too long' ? withBoxes(one.plan, (hours) => 4 * hours) : one.plan
      const truth =
        what === 'a pull-down four times too long'
          ? withBoxes(one.plan, (hours) => hours)
          : WRONG[what](one.plan)
      const run = simulatedRun({ ...one, plan: planned }, 7, truth)
      return run ? [outcomeOfSimulated(run, runs)] : []
    })
}

const hasBox = (plan: Plan) =>
  plan.loads.some(({ behaviour }) => behaviour.kind === 'cycling' && behaviour.box !== undefined)

/** Whether a wrong plan was seen to be wrong, or its end lies in the interval all the same. */
export const isSafe = ({ isTold, trueH, p10, p90 }: RunOutcome) => isTold || (trueH >= p10 && trueH <= p90)
