import { inflowByHour, knownCycle } from '@/core/load/pump'
import type { Pump, Scenario } from '@/core/plan/schema'
import { formatNumber, formatPercent } from '@/words/format'
import type { Working } from './working'
import { pumpWorking as pumpWorkingWords } from '../en/workings/load'
import { wordsOf } from '../translate'

const say = wordsOf(pumpWorkingWords)

/** How a pump's run time and spacing come about. */
export function pumpWorking(name: string, pump: Pump, scenario: Scenario): Working {
  const { duty, periodHalfMin } = knownCycle(pump)
  const factor = inflowByHour(pump, scenario, 24).reduce((sum, f) => sum + f, 0) / 24
  const now = duty * factor
  const value = (
    label: string,
    q: { value: number; unit: string; evidence: 'typical' | 'label' | 'measured' | 'tested' },
  ) => ({
    name: label,
    value: `${formatNumber(q.value)} ${q.unit}`,
    evidence: q.evidence,
  })
  const { cycle } = pump
  const steps: Working['steps'] = [
    {
      label: say('shareOfTheTimeAsKnown'),
      formula: cycle.by === 'spacing' ? say('timeOnSpacing') : say('inflow60PumpRate'),
      values:
        cycle.by === 'spacing'
          ? [value(say('timeOn'), cycle.onMin), value(say('every'), cycle.everyMin)]
          : [value(say('inflow'), cycle.inflowLH), value(say('pumpRate'), cycle.rateLMin)],
      result: formatPercent(duty),
    },
    {
      label: say('inThisOutage'),
      formula:
        pump.inflowFollows === 'rain' ? say('shareInflowOfThisRainInflow') : say('shareUseThroughTheDayMean'),
      values: [{ name: say('factor'), value: formatNumber(factor) }],
      result: formatPercent(now),
    },
    {
      label: say('runTimeAndSpacing'),
      formula: say('onVRateInflowOffV'),
      values: [{ name: say('vRate'), value: `${formatNumber(periodHalfMin / 4)} min` }],
      result:
        now >= 1 || now <= 0
          ? now <= 0
            ? say('nothingFlowsIn')
            : say('neverStops')
          : say('minOnMinOff', {
              number: formatNumber(periodHalfMin / (4 * (1 - now))),
              number2: formatNumber(periodHalfMin / (4 * now), 1),
            }),
    },
  ]
  return { title: say('howOftenItRuns', { name }), steps }
}
