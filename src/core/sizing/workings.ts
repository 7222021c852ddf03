import { momentOf } from '../plan/momentOf'
import { startingW } from '../load/start'
import type { Plan } from '../plan/document'
import type { Load, Source } from '../plan/schema'
import {
  formatDuration,
  formatEnergy,
  formatExactDuration,
  formatNumber,
  formatPercent,
  formatWatts,
} from '../quantity/format'
import { type Quantity, interval80 } from '../quantity/quantity'
import type { Working, WorkingStep, WorkingValue } from '../quantity/working'
import { dcEfficiency } from '../conversion/dc'
import { deliverableWh, middlePath, steadyHours } from '../conversion/loss'
import type { ChainResult, SimulationResult } from '../simulation/result'
import { bandText, runsText } from './runsAndBands'
import { type Gates, type LastsGate, type PowerGate, runtimeAt } from './gates'
import { refillsWorking } from './refillsWorking'

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
    label: 'Mean watts at the outlets while it lasts',
    formula: `sum over the loads of energy supplied ÷ ${formatNumber(chain.suppliedMin / 60, 1)} h, means of the runs`,
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
    label: 'The runs',
    formula: `${result.runs} seeded runs, every spread and cycle drawn anew; 10, 50 and 90 % percentiles (type 7)`,
    values: [{ name: 'seed', value: String(result.seed) }],
    result: `${durationOrMore(result.runtimeMin.p50, result.horizonMin)}, likely range (80 %) ${bandText(result)}`,
  })
  steps.push(schoolsStep(sources, outletW - dcW, dcW))
  return {
    title: 'How long it lasts',
    steps,
    note: 'Hours of the day count: what runs at night weighs more when it ends by morning. The runs start every compressor somewhere in its cycle and draw every quantity from its spread.',
  }
}

/** The margin: what was planned for against what is reached with the confidence asked for. */
function marginWorking(plan: Plan, result: SimulationResult, { shortMin }: LastsGate): Working {
  const { confidence, startsAt } = plan.scenario
  const reached = runtimeAt(result, confidence)
  const { p50 } = result.runtimeMin
  const steps: WorkingStep[] = [
    {
      label: 'Middle run against the plan',
      formula: 'most likely runtime − planned outage',
      values: [
        { name: 'most likely runtime', value: durationOrMore(p50, result.horizonMin) },
        { name: 'planned', value: formatExactDuration(result.outageMin) },
      ],
      result:
        p50 === Infinity
          ? 'more than enough'
          : `${p50 < result.outageMin ? '−' : '+'}${formatDuration(Math.abs(p50 - result.outageMin))}`,
    },
    {
      label: 'Reached with your confidence',
      formula: `the runtime that ${runsText(confidence)} reach: the ${formatPercent(1 - confidence)} percentile`,
      values: [{ name: 'confidence', value: formatPercent(confidence) }],
      result:
        reached === Infinity
          ? `more than ${formatExactDuration(result.horizonMin)}`
          : `${formatDuration(reached)}, to ${momentOf(plan, reached, 10)}`,
    },
    {
      label: 'Chance to last the outage the whole outage',
      formula: 'runs that reach the end ÷ all runs',
      values: [{ name: 'runs', value: String(result.runs) }],
      result: runsText(result.reachesFraction),
    },
  ]
  steps.push({
    label: 'How much it is short',
    formula: `hours of the outage without power, that ${runsText(confidence)} do not exceed; what comes back later is not counted as missing`,
    values: [{ name: 'planned', value: formatExactDuration(result.outageMin) }],
    result: shortMin > 0 ? `${formatDuration(shortMin)} short` : 'not short',
  })
  const missingWh = result.loads.reduce((sum, { askedWh, suppliedWh }) => sum + askedWh - suppliedWh, 0)
  steps.push({
    label: 'Energy not supplied',
    formula: 'energy asked over the outage − energy supplied, mean of the runs',
    values: [
      { name: 'asked', value: formatEnergy(result.loads.reduce((sum, { askedWh }) => sum + askedWh, 0)) },
      {
        name: 'supplied',
        value: formatEnergy(result.loads.reduce((sum, { suppliedWh }) => sum + suppliedWh, 0)),
      },
    ],
    result: formatEnergy(missingWh),
  })
  return { title: 'The margin', steps }
}

/** What the source must carry continuously, load by load. */
function carriesWorking(plan: Plan, gate: PowerGate): Working {
  const steps: WorkingStep[] = [
    {
      label: `Running together, ${momentOf(plan, gate.requirement.runningAtMin)}`,
      formula:
        gate.unit === 'VA'
          ? 'sum of volt-amps of all that may run at that hour: running watts, motors ÷ 0.75'
          : 'sum of running watts of all that may run at that hour',
      values: gate.requirement.running.map((load) => wattsValue(load, (l) => l.behaviour.runningW.value)),
      result: wattsOf(gate, gate.neededW),
    },
    limitStep(`${gate.source.name}: continuous limit${gate.part && `, ${gate.part}`}`, gate),
  ]
  for (const load of gate.wrongVoltage)
    steps.push({
      label: `${load.name} is not carried`,
      formula: 'its voltage must be one the source gives',
      values: [{ name: 'source gives', value: gate.source.volts.map((volts) => `${volts} V`).join(', ') }],
      result: `wants ${load.volts} V`,
    })
  return {
    title: 'Running power',
    steps,
    note: 'Thermostats do not wait for each other: the worst hour has every cycling load on.',
  }
}

/** The worst start, by the school the household chose, with the other school beside it. */
function startsWorking(plan: Plan, gate: PowerGate, otherW: number): Working {
  const { requirement } = gate
  const largestStart = plan.household.surgeSchool === 'largest-start'
  const { starter } = requirement
  return {
    title: 'Starting surge',
    steps: [
      {
        label: `Worst start, ${momentOf(plan, requirement.startAtMin)}`,
        formula: largestStart
          ? 'running watts of all others + the peak with the largest motor start'
          : 'sum of all starting watts, as if all started at once',
        values: requirement.starting.map((load) =>
          wattsValue(load, largestStart && load !== starter ? (l) => l.behaviour.runningW.value : startingW),
        ),
        result: formatWatts(gate.neededW),
      },
      {
        label: largestStart
          ? 'The conservative school: all at once'
          : 'The usual school: the peak with the largest motor start',
        formula: largestStart
          ? 'sum of all starting watts'
          : 'running watts + the peak with the largest motor start',
        values: [],
        result: formatWatts(otherW),
      },
      limitStep(
        gate.part
          ? `${gate.source.name}: continuous limit, since the start lasts longer than ${formatNumber(gate.source.surgeS.value)} s`
          : `${gate.source.name}: surge limit, for ${formatNumber(gate.source.surgeS.value)} s`,
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

export type WorkingKey = keyof ReturnType<typeof workingsOf>

const wattsOf = ({ unit }: PowerGate, watts: number) => formatWatts(watts).replace(/W$/, unit)

function limitStep(label: string, gate: PowerGate): WorkingStep {
  const { limit, limitW, neededW } = gate
  const margin = limitW - neededW
  return {
    label,
    formula: 'limit − needed',
    values: [value('limit', limit, wattsOf(gate, limitW)), { name: 'needed', value: wattsOf(gate, neededW) }],
    result: margin >= 0 ? `${wattsOf(gate, margin)} to spare` : `${wattsOf(gate, -margin)} over`,
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
      label: `${source.name}: energy that can be taken from the battery`,
      formula: 'capacity × (charge at the start − reserve)',
      values: [
        value(
          'capacity',
          source.capacityWh,
          `${formatEnergy(source.capacityWh.value)} (${formatEnergy(low)} to ${formatEnergy(high)})`,
        ),
        { name: 'charge', value: formatPercent(source.chargedFraction) },
        value('reserve', source.reserveFraction, formatPercent(source.reserveFraction.value)),
      ],
      result: formatEnergy(available),
    },
    ...(flat
      ? [
          {
            label: `${source.name}: flat rule`,
            formula: 'capacity × usable share, reserve and all losses counted in it',
            values: [value('usable', source.usableFraction, formatPercent(source.usableFraction.value))],
            result: `${formatEnergy(deliverableWh(middlePath(source), 100, source.chargedFraction))} reach the outlets`,
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
    label: `${source.name}: hours at the middle values`,
    formula: flat
      ? 'what reaches the outlets ÷ mean watts'
      : dcW === 0
        ? 'energy that can be taken ÷ (idle draw + mean watts ÷ efficiency)'
        : acW === 0
          ? 'energy that can be taken ÷ (direct-current watts ÷ its efficiency); the inverter is off'
          : 'energy that can be taken ÷ (idle draw + mean watts ÷ efficiency + direct-current watts ÷ its efficiency)',
    values: flat
      ? [{ name: 'mean watts', value: formatWatts(outletW) }]
      : [
          ...(acW > 0 || dcW === 0
            ? [
                value('idle draw', source.noLoadW, formatWatts(source.noLoadW.value)),
                value(
                  'efficiency',
                  source.efficiencyFraction,
                  formatPercent(source.efficiencyFraction.value),
                ),
                { name: 'mean watts', value: formatWatts(acW) },
              ]
            : []),
          ...(dcW > 0
            ? [
                { name: 'direct-current watts', value: formatWatts(dcW) },
                { name: 'its efficiency', value: formatPercent(dcEfficiency(source)) },
              ]
            : []),
        ],
    result: hours === Infinity ? 'nothing is drawn' : formatDuration(hours * 60),
  }
}

function schoolsStep(sources: readonly Source[], acW: number, dcW: number): WorkingStep {
  const total = (rule: Source['lossRule']) =>
    sources.reduce((sum, source) => sum + hoursOf(source, acW, dcW, rule), 0) * 60
  const shown = (minutes: number) => (minutes === Infinity ? 'no end' : formatDuration(minutes))
  const efficiency = total('efficiency')
  const flat = total('flat')
  return {
    label: 'The two schools on these loads',
    formula: 'efficiency and idle draw, against a flat usable share',
    values: [
      { name: 'efficiency and idle draw', value: shown(efficiency) },
      { name: 'flat share', value: shown(flat) },
    ],
    result:
      efficiency === Infinity || flat === Infinity
        ? 'no end'
        : `${formatDuration(Math.abs(flat - efficiency))} apart`,
  }
}

const durationOrMore = (minutes: number, horizonMin: number) =>
  minutes === Infinity ? `more than ${formatExactDuration(horizonMin)}` : formatDuration(minutes)
