import type { Plan } from '@/core/plan/document'
import { momentOf } from '@/words/momentOf'
import type { Source } from '@/core/plan/schema'
import {
  formatDuration,
  formatEnergy,
  formatExactDuration,
  formatNumber,
  formatPercent,
  formatWatts,
} from '@/words/format'
import type { ChainResult, SimulationResult } from '@/core/simulation/result'
import { type LastsGate, runtimeAt } from '@/core/sizing/gates'
import { steadyRuntime } from '@/core/sizing/steadyRuntime'
import { answerWorkings } from '../en/workings/answer'
import { wordsOf } from '../translate'
import { bandText, runsText } from './runsAndBands'
import { availableSteps, hoursStep } from './steadySteps'
import { type Working, type WorkingStep, knownValue } from './working'

const say = wordsOf(answerWorkings)

/** How long it lasts: energy that can be taken, watts that are asked, and what the runs make of the spread. */
export function lastsWorking(plan: Plan, result: SimulationResult): Working {
  const chain = result.chains.reduce((a, b) => (b.endsFirstFraction > a.endsFirstFraction ? b : a))
  const sources = chain.sources.map(({ sourceId }) =>
    plan.powerSystem.sources.find(({ id }) => id === sourceId)!,
  )
  const supplied = suppliedOf(plan, result, chain)
  const outletW = supplied.reduce((sum, { meanW }) => sum + meanW, 0)
  const dcW = supplied.reduce((sum, { load, meanW }) => sum + (load.volts === 12 ? meanW : 0), 0)
  const acW = outletW - dcW
  const steady = sources.map((source) => steadyRuntime(plan, source, acW, dcW))
  const steps: WorkingStep[] = sources.flatMap((source, s) => availableSteps(source, steady[s], plan))
  steps.push({
    label: say('meanWattsAtTheOutletsWhile'),
    formula: say('sumOverTheLoadsOfEnergy', { number: formatNumber(chain.suppliedMin / 60, 1) }),
    values: supplied.map(({ load, meanW }) =>
      knownValue(
        load.name,
        load.behaviour.kind === 'cycling' ? load.behaviour.averageW : load.behaviour.runningW,
        formatWatts(meanW),
      ),
    ),
    result: formatWatts(outletW),
  })
  steps.push(...sources.map((source, s) => hoursStep(source, steady[s], acW, dcW)))
  steps.push({
    label: say('theRuns'),
    formula: say('seededRunsEverySpreadAndCycle', { runs: result.runs }),
    values: [{ name: say('seed'), value: String(result.seed) }],
    result: say('likelyRange80', {
      durationOrMore: durationOrMore(result.runtimeMin.p50, result.horizonMin),
      bandText: bandText(result),
    }),
  })
  steps.push(schoolsStep(plan, sources, acW, dcW))
  return {
    title: say('howLongItLasts'),
    steps,
    note: say('hoursOfTheDayCountWhat'),
  }
}

/** The margin: what was planned for against what is reached with the confidence asked for. */
export function marginWorking(plan: Plan, result: SimulationResult, { shortMin }: LastsGate): Working {
  const { confidence } = plan.scenario
  const reached = runtimeAt(result, confidence)
  const { p50 } = result.runtimeMin
  const steps: WorkingStep[] = [
    {
      label: say('mostLikelyEndAgainstThePlan'),
      formula: say('mostLikelyRuntimePlannedOutage'),
      values: [
        { name: say('mostLikelyRuntime'), value: durationOrMore(p50, result.horizonMin) },
        { name: say('planned'), value: formatExactDuration(result.outageMin) },
      ],
      result:
        p50 === Infinity
          ? say('moreThanEnough')
          : `${p50 < result.outageMin ? '−' : '+'}${formatDuration(Math.abs(p50 - result.outageMin))}`,
    },
    {
      label: say('reachedWithYourConfidence'),
      formula: say('theRuntimeThatReachThePercentile', {
        runsText: runsText(confidence),
        percent: formatPercent(1 - confidence),
      }),
      values: [{ name: say('confidence'), value: formatPercent(confidence) }],
      result:
        reached === Infinity
          ? say('moreThan', { exactDuration: formatExactDuration(result.horizonMin) })
          : `${formatDuration(reached)}, to ${momentOf(plan, reached, 10)}`,
    },
    {
      label: say('chanceToLastTheWholeOutage'),
      formula: say('runsThatReachTheEndAll'),
      values: [{ name: say('runs'), value: String(result.runs) }],
      result: runsText(result.reachesFraction),
    },
  ]
  // the sentence's chance is the smaller one
  if (result.undisturbedFraction < result.reachesFraction)
    steps.push({
      label: say('chanceWithNothingTooMuch'),
      formula: say('runsThatReachTheEndAndPass'),
      values: [{ name: say('runs'), value: String(result.runs) }],
      result: runsText(result.undisturbedFraction),
    })
  steps.push({
    label: say('howMuchItIsShort'),
    formula: say('hoursOfTheOutageWithoutPower', { runsText: runsText(confidence) }),
    values: [{ name: say('planned'), value: formatExactDuration(result.outageMin) }],
    result: shortMin > 0 ? say('short', { duration: formatDuration(shortMin) }) : say('notShort'),
  })
  const missingWh = result.loads.reduce((sum, { askedWh, suppliedWh }) => sum + askedWh - suppliedWh, 0)
  steps.push({
    label: say('energyNotSupplied'),
    formula: say('energyAskedOverTheOutageEnergy'),
    values: [
      {
        name: say('asked'),
        value: formatEnergy(result.loads.reduce((sum, { askedWh }) => sum + askedWh, 0)),
      },
      {
        name: say('supplied'),
        value: formatEnergy(result.loads.reduce((sum, { suppliedWh }) => sum + suppliedWh, 0)),
      },
    ],
    result: formatEnergy(missingWh),
  })
  return { title: say('theMargin'), steps }
}

/** The mean watts of each load of a chain while the chain supplies, the largest first. */
function suppliedOf(plan: Plan, result: SimulationResult, chain: ChainResult) {
  const ids = chain.sources.map(({ sourceId }) => sourceId)
  return result.loads
    .map(({ loadId, suppliedWh }) => ({
      load: plan.loads.find(({ id }) => id === loadId)!,
      meanW: chain.suppliedMin > 0 ? (suppliedWh * 60) / chain.suppliedMin : 0,
    }))
    .filter(({ load }) => ids.includes(load.sourceId))
    .sort((a, b) => b.meanW - a.meanW)
}

function schoolsStep(plan: Plan, sources: readonly Source[], acW: number, dcW: number): WorkingStep {
  const total = (rule: Source['lossRule']) =>
    sources.reduce((sum, source) => sum + steadyRuntime(plan, source, acW, dcW, rule).hours, 0) * 60
  const shown = (minutes: number) => (minutes === Infinity ? say('noEnd') : formatDuration(minutes))
  const efficiency = total('efficiency')
  const flat = total('flat')
  return {
    label: say('bothLossEstimatesOnTheseLoads'),
    formula: say('efficiencyAndIdleDrawAgainstA'),
    values: [
      { name: say('efficiencyAndIdleDraw'), value: shown(efficiency) },
      { name: say('flatShare'), value: shown(flat) },
    ],
    result:
      efficiency === Infinity || flat === Infinity
        ? say('noEnd')
        : say('apart', { duration: formatDuration(Math.abs(flat - efficiency)) }),
  }
}

const durationOrMore = (minutes: number, horizonMin: number) =>
  minutes === Infinity
    ? say('moreThan', { exactDuration: formatExactDuration(horizonMin) })
    : formatDuration(minutes)
