import { humpsOf } from '@/core/sizing/humps'
import { dcEfficiency } from '@/core/conversion/dc'
import { deliverableWh, middlePath, steadyHours } from '@/core/conversion/loss'
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
import { interval80 } from '@/core/quantity/quantity'
import type { ChainResult, SimulationResult } from '@/core/simulation/result'
import { type LastsGate, runtimeAt } from '@/core/sizing/gates'
import { answerWorkings } from '../en/workings/answer'
import { wordsOf } from '../translate'
import { bandText, runsText } from './runsAndBands'
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
  const steps: WorkingStep[] = sources.flatMap((source) => availableSteps(source))
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
  const dcW = supplied.reduce((sum, { load, meanW }) => sum + (load.volts === 12 ? meanW : 0), 0)
  steps.push(...sources.map((source) => hoursStep(source, outletW - dcW, dcW)))
  steps.push({
    label: say('theRuns'),
    formula: say('seededRunsEverySpreadAndCycle', { runs: result.runs }),
    values: [{ name: say('seed'), value: String(result.seed) }],
    result: say('likelyRange80', {
      durationOrMore: durationOrMore(result.runtimeMin.p50, result.horizonMin),
      bandText: bandText({ ...result, humps: humpsOf(result.runtimesMin, result.horizonMin) }),
    }),
  })
  steps.push(schoolsStep(sources, outletW - dcW, dcW))
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

function availableSteps(source: Source): WorkingStep[] {
  const [low, high] = interval80(source.capacityWh)
  const flat = source.lossRule === 'flat'
  const available =
    source.capacityWh.value * Math.max(0, source.chargedFraction - source.reserveFraction.value)
  return [
    {
      label: say('energyThatCanBeTakenFrom', { source: source.name }),
      formula: say('capacityChargeAtTheStartReserve'),
      values: [
        knownValue(
          say('capacity'),
          source.capacityWh,
          `${formatEnergy(source.capacityWh.value)} (${formatEnergy(low)} to ${formatEnergy(high)})`,
        ),
        { name: say('charge'), value: formatPercent(source.chargedFraction) },
        knownValue(say('reserve'), source.reserveFraction, formatPercent(source.reserveFraction.value)),
      ],
      result: formatEnergy(available),
    },
    ...(flat
      ? [
          {
            label: say('flatRule', { source: source.name }),
            formula: say('capacityUsableShareReserveAndAll'),
            values: [
              knownValue(say('usable'), source.usableFraction, formatPercent(source.usableFraction.value)),
            ],
            result: say('reachTheOutlets', {
              energy: formatEnergy(deliverableWh(middlePath(source), 100, source.chargedFraction)),
            }),
          },
        ]
      : []),
  ]
}

/** Hours of a source with household current and direct current drawn steadily: the second passes the inverter by. */
function hoursOf(source: Source, acW: number, dcW: number, rule = source.lossRule): number {
  const path = middlePath(source, rule)
  // with nothing else on it the inverter is off
  if (acW === 0 && dcW > 0) path.noLoadW = 0
  const asAcW = dcW / (dcEfficiency(source) * path.batteryWPerOutletW)
  return steadyHours(path, acW + asAcW, source.chargedFraction)
}

function hoursStep(source: Source, acW: number, dcW: number): WorkingStep {
  const outletW = acW + dcW
  const hours = hoursOf(source, acW, dcW)
  const flat = source.lossRule === 'flat'
  return {
    label: say('hoursAtTheMostLikelyValues', { source: source.name }),
    formula: flat
      ? say('whatReachesTheOutletsMeanWatts')
      : dcW === 0
        ? say('energyThatCanBeTakenIdle')
        : acW === 0
          ? say('energyThatCanBeTakenDirect')
          : say('energyThatCanBeTakenIdle2'),
    values: flat
      ? [{ name: say('meanWatts'), value: formatWatts(outletW) }]
      : [
          ...(acW > 0 || dcW === 0
            ? [
                knownValue(say('idleDraw'), source.noLoadW, formatWatts(source.noLoadW.value)),
                knownValue(
                  say('efficiency'),
                  source.efficiencyFraction,
                  formatPercent(source.efficiencyFraction.value),
                ),
                { name: say('meanWatts'), value: formatWatts(acW) },
              ]
            : []),
          ...(dcW > 0
            ? [
                { name: say('directCurrentWatts'), value: formatWatts(dcW) },
                { name: say('itsEfficiency'), value: formatPercent(dcEfficiency(source)) },
              ]
            : []),
        ],
    result: hours === Infinity ? say('nothingIsDrawn') : formatDuration(hours * 60),
  }
}

function schoolsStep(sources: readonly Source[], acW: number, dcW: number): WorkingStep {
  const total = (rule: Source['lossRule']) =>
    sources.reduce((sum, source) => sum + hoursOf(source, acW, dcW, rule), 0) * 60
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
