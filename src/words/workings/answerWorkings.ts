import { momentOf } from '@/core/plan/momentOf'
import { startingW } from '@/core/load/start'
import type { Plan } from '@/core/plan/document'
import type { Load, Source } from '@/core/plan/schema'
import {
  formatDuration,
  formatEnergy,
  formatExactDuration,
  formatNumber,
  formatPercent,
  formatWatts,
} from '@/core/quantity/format'
import { type Quantity, interval80 } from '@/core/quantity/quantity'
import type { Working, WorkingStep, WorkingValue } from './working'
import { dcEfficiency } from '@/core/conversion/dc'
import { deliverableWh, middlePath, steadyHours } from '@/core/conversion/loss'
import type { ChainResult, SimulationResult } from '@/core/simulation/result'
import { bandText, runsText } from './runsAndBands'
import { type Gates, type LastsGate, type PowerGate, runtimeAt } from '@/core/sizing/gates'
import { refillsWorking } from './refillsWorking'
import { answerWorkings } from '../en/workings/answer'
import { wordsOf } from '../translate'

const say = wordsOf(answerWorkings)

const value = (name: string, quantity: Quantity, shown: string): WorkingValue => ({
  name,
  value: shown,
  evidence: quantity.evidence,
  source: quantity.source,
})

const wattsValue = (load: Load, watts: (load: Load) => number): WorkingValue => {
  const quantity = watts === startingW && load.start ? load.start.watts : load.behaviour.runningW
  return value(load.name, quantity, formatWatts(watts(load)))
}

/** How long it lasts: energy that can be taken, watts that are asked, and what the runs make of the spread. */
function lastsWorking(plan: Plan, result: SimulationResult): Working {
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
      value(
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
      bandText: bandText(result),
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
function marginWorking(plan: Plan, result: SimulationResult, { shortMin }: LastsGate): Working {
  const { confidence } = plan.scenario
  const reached = runtimeAt(result, confidence)
  const { p50 } = result.runtimeMin
  const steps: WorkingStep[] = [
    {
      label: say('middleRunAgainstThePlan'),
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

/** What the source must carry continuously, load by load. */
function carriesWorking(plan: Plan, gate: PowerGate): Working {
  const steps: WorkingStep[] = [
    {
      label: say('runningTogether', { momentOf: momentOf(plan, gate.requirement.runningAtMin) }),
      formula: gate.unit === 'VA' ? say('sumOfVoltAmpsOfAll') : say('sumOfRunningWattsOfAll'),
      values: gate.requirement.running.map((load) => wattsValue(load, (l) => l.behaviour.runningW.value)),
      result: wattsOf(gate, gate.neededW),
    },
    limitStep(
      say('continuousLimit', { source: gate.source.name, part: gate.part && `, ${gate.part}` }),
      gate,
    ),
  ]
  for (const load of gate.wrongVoltage)
    steps.push({
      label: say('isNotCarried', { load: load.name }),
      formula: say('itsVoltageMustBeOneThe'),
      values: [
        { name: say('sourceGives'), value: gate.source.volts.map((volts) => `${volts} V`).join(', ') },
      ],
      result: say('wantsV', { volts: load.volts }),
    })
  return {
    title: say('runningPower'),
    steps,
    note: say('thermostatsDoNotWaitForEach'),
  }
}

/** The worst start, by the school the household chose, with the other school beside it. */
function startsWorking(plan: Plan, gate: PowerGate, otherW: number): Working {
  const { requirement } = gate
  const largestStart = plan.household.surgeSchool === 'largest-start'
  const { starter } = requirement
  return {
    title: say('startingSurge'),
    steps: [
      {
        label: say('worstStart', { momentOf: momentOf(plan, requirement.startAtMin) }),
        formula: largestStart ? say('runningWattsOfAllOthersThe') : say('sumOfAllStartingWattsAs'),
        values: requirement.starting.map((load) =>
          wattsValue(load, largestStart && load !== starter ? (l) => l.behaviour.runningW.value : startingW),
        ),
        result: formatWatts(gate.neededW),
      },
      {
        label: largestStart ? say('theConservativeSchoolAllAtOnce') : say('theUsualSchoolThePeakWith'),
        formula: largestStart ? say('sumOfAllStartingWatts') : say('runningWattsThePeakWithThe'),
        values: [],
        result: formatWatts(otherW),
      },
      limitStep(
        gate.part
          ? say('continuousLimitSinceTheStartLasts', {
              source: gate.source.name,
              number: formatNumber(gate.source.surgeS.value),
            })
          : say('surgeLimitForS', {
              source: gate.source.name,
              number: formatNumber(gate.source.surgeS.value),
            }),
        gate,
      ),
    ],
  }
}

/** Every working of the strip, by the figure that opens it. */
export function workingsOf(plan: Plan, result: SimulationResult, gates: Gates, otherStartW: number) {
  return {
    lasts: lastsWorking(plan, result),
    margin: marginWorking(plan, result, gates.lasts),
    carries: carriesWorking(plan, gates.carries),
    starts: startsWorking(plan, gates.starts, otherStartW),
    refills: refillsWorking(plan, gates.refills),
  }
}

export type Workings = ReturnType<typeof workingsOf>

export type WorkingKey = keyof Workings

const wattsOf = ({ unit }: PowerGate, watts: number) => formatWatts(watts).replace(/W$/, unit)

function limitStep(label: string, gate: PowerGate): WorkingStep {
  const { limit, limitW, neededW } = gate
  const margin = limitW - neededW
  return {
    label,
    formula: say('limitNeeded'),
    values: [
      value(say('limit'), limit, wattsOf(gate, limitW)),
      { name: say('needed'), value: wattsOf(gate, neededW) },
    ],
    result:
      margin >= 0
        ? say('toSpare', { wattsOf: wattsOf(gate, margin) })
        : say('over', { wattsOf: wattsOf(gate, -margin) }),
  }
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
        value(
          say('capacity'),
          source.capacityWh,
          `${formatEnergy(source.capacityWh.value)} (${formatEnergy(low)} to ${formatEnergy(high)})`,
        ),
        { name: say('charge'), value: formatPercent(source.chargedFraction) },
        value(say('reserve'), source.reserveFraction, formatPercent(source.reserveFraction.value)),
      ],
      result: formatEnergy(available),
    },
    ...(flat
      ? [
          {
            label: say('flatRule', { source: source.name }),
            formula: say('capacityUsableShareReserveAndAll'),
            values: [value(say('usable'), source.usableFraction, formatPercent(source.usableFraction.value))],
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
    label: say('hoursAtTheMiddleValues', { source: source.name }),
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
                value(say('idleDraw'), source.noLoadW, formatWatts(source.noLoadW.value)),
                value(
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
    label: say('theTwoSchoolsOnTheseLoads'),
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
