import { dcEfficiency } from '@/core/conversion/dc'
import type { Plan } from '@/core/plan/document'
import type { Source } from '@/core/plan/schema'
import { interval80 } from '@/core/quantity/quantity'
import type { SimulationResult } from '@/core/simulation/result'
import { type SteadyRuntime, meanWattsOf, steadyRuntime } from '@/core/sizing/steadyRuntime'
import { formatDuration, formatEnergy, formatNumber, formatPercent, formatWatts } from '@/words/format'
import { formatTemperature } from '@/words/inUnits'
import { answerWorkings } from '../en/workings/answer'
import { wordsOf } from '../translate'
import { type Working, type WorkingStep, type WorkingValue, knownValue } from './working'

const say = wordsOf(answerWorkings)

/** What can be taken, each thing that makes it more or less in a line of its own. */
export function availableSteps(source: Source, steady: SteadyRuntime, { household }: Plan): WorkingStep[] {
  const [low, high] = interval80(source.capacityWh)
  const { coldShare, aroundC, floorFraction, floorBy, chargedFraction, availableWh } = steady
  const { bank } = source
  // a share that rounds to one is no line
  const isCold = coldShare < 0.995
  const aged = bank?.battery.agedFraction ?? 0
  return [
    {
      label: say('energyThatCanBeTakenFrom', { source: source.name }),
      formula: say(isCold ? 'capacityColdChargeReserve' : 'capacityChargeAtTheStartReserve'),
      values: [
        knownValue(
          say('capacity'),
          source.capacityWh,
          `${formatEnergy(source.capacityWh.value)} (${formatEnergy(low)} to ${formatEnergy(high)})`,
        ),
        ...(aged > 0 ? [{ name: say('ofItAgeTakenOff'), value: formatPercent(aged) }] : []),
        ...(isCold
          ? [
              {
                name: say('givesAt', { celsius: formatTemperature(aroundC, household.units) }),
                value: `× ${formatNumber(coldShare, 2)}`,
              },
            ]
          : []),
        { name: say('charge'), value: formatPercent(chargedFraction) },
        floorBy === 'cut-off'
          ? { name: say('leftAtTheCutOff'), value: formatPercent(floorFraction) }
          : knownValue(say('reserve'), source.reserveFraction, formatPercent(floorFraction)),
      ],
      result: formatEnergy(availableWh),
    },
    ...(source.lossRule === 'flat'
      ? [
          {
            label: say('flatRule', { source: source.name }),
            formula: say('capacityUsableShareReserveAndAll'),
            values: [
              knownValue(say('usable'), source.usableFraction, formatPercent(source.usableFraction.value)),
            ],
            result: say('reachTheOutlets', { energy: formatEnergy(steady.usableWh) }),
          },
        ]
      : []),
  ]
}

/** Hours at steady watts, with what leaves the battery for them. */
export function hoursStep(source: Source, steady: SteadyRuntime, acW: number, dcW: number): WorkingStep {
  const { idleW, squareLossW, peukertFactor, drainW, hours } = steady
  const isFlat = source.lossRule === 'flat'
  const values: WorkingValue[] = isFlat
    ? [{ name: say('meanWatts'), value: formatWatts(acW + dcW) }]
    : [
        ...(acW > 0 || dcW === 0
          ? [
              knownValue(say('idleDraw'), source.noLoadW, formatWatts(idleW)),
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
        ...(squareLossW >= 0.5
          ? [{ name: say('lossThatGrowsWithTheSquare'), value: formatWatts(squareLossW) }]
          : []),
      ]
  if (Math.abs(peukertFactor - 1) >= 0.005)
    values.push({ name: say('peukert'), value: `× ${formatNumber(peukertFactor, 2)}` })
  if (!isFlat) values.push({ name: say('leavesTheBattery'), value: formatWatts(drainW) })
  const formula = isFlat
    ? 'whatReachesTheOutletsMeanWatts'
    : dcW === 0
      ? 'energyThatCanBeTakenIdle'
      : acW === 0
        ? 'energyThatCanBeTakenDirect'
        : 'energyThatCanBeTakenIdle2'
  return {
    label: say('hoursAtTheMostLikelyValues', { source: source.name }),
    formula: `${say(formula)}${peukertFactor === 1 ? '' : say('timesPeukert')}`,
    values,
    result: hours === Infinity ? say('nothingIsDrawn') : formatDuration(hours * 60),
  }
}

/** What a plan's batteries give at the outlets in this outage, nothing coming in. */
export function usableWorking(plan: Plan, result: SimulationResult): Working {
  const steps = result.chains.flatMap((chain) => {
    const { acW, dcW } = meanWattsOf(plan, result, chain)
    return chain.sources.flatMap(({ sourceId }): WorkingStep[] => {
      const source = plan.powerSystem.sources.find(({ id }) => id === sourceId)!
      const steady = steadyRuntime(plan, source, acW, dcW)
      return [
        ...availableSteps(source, steady, plan),
        hoursStep(source, steady, acW, dcW),
        {
          label: say('usableAtTheOutlets', { source: source.name }),
          formula: say('hoursTimesMeanWatts'),
          values: [{ name: say('meanWatts'), value: formatWatts(acW + dcW) }],
          result: formatEnergy(steady.usableWh),
        },
      ]
    })
  })
  return { title: say('usableTitle'), steps, note: say('usableNote') }
}
