import type { Plan } from '@/core/plan/document'
import { momentOf } from '@/words/momentOf'
import { startingW } from '@/core/load/start'
import type { Load } from '@/core/plan/schema'
import { formatNumber, formatWatts } from '@/words/format'
import type { SimulationResult } from '@/core/simulation/result'
import type { Gates, PowerGate } from '@/core/sizing/gates'
import { answerWorkings } from '../en/workings/answer'
import { sourcePartWords } from '../sourcePartWords'
import { wordsOf } from '../translate'
import { lastsWorking, marginWorking } from './lastsWorking'
import { refillsWorking } from './refillsWorking'
import { type Working, type WorkingStep, type WorkingValue, knownValue } from './working'

const say = wordsOf(answerWorkings)

const wattsValue = (load: Load, watts: (load: Load) => number): WorkingValue => {
  const quantity = watts === startingW && load.start ? load.start.watts : load.behaviour.runningW
  return knownValue(load.name, quantity, formatWatts(watts(load)))
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
      say('continuousLimit', {
        source: gate.source.name,
        part: gate.part && `, ${sourcePartWords(gate.part)}`,
      }),
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
      result: say('needsV', { volts: load.volts }),
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
        label: largestStart ? say('theCautiousWayAllAtOnce') : say('theUsualWayThePeakWith'),
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
      knownValue(say('limit'), limit, wattsOf(gate, limitW)),
      { name: say('needed'), value: wattsOf(gate, neededW) },
    ],
    result:
      margin >= 0
        ? say('toSpare', { wattsOf: wattsOf(gate, margin) })
        : say('over', { wattsOf: wattsOf(gate, -margin) }),
  }
}
