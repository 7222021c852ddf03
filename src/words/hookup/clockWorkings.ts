import { formatMoment } from '@/words/clock'
import type { Plan } from '@/core/plan/document'
import { formatDuration, formatNumber } from '@/words/format'
import type { Working, WorkingStep, WorkingValue } from '../workings/working'
import { timeConstantOf } from '@/core/risk/coolingHouse'
import type { RiskClock } from '@/core/risk/riskClock'
import { workings } from '../en/hookupWorkings'
import { factText } from '../factWords'
import { type Say, sayFrom } from '../translate'
import { clockWords, sayHookup } from './hookupWords'

const say: Say = sayFrom(workings)

/** How each loss and its hour is known: when its power ends, what it bears, by which rule. */
export function clocksWorking(clocks: readonly RiskClock[], plan: Plan): Working {
  const { startsAt, outdoor } = plan.scenario
  const { units } = plan.household
  const saying = { units, startsAt }
  const at = (minute: number) => formatMoment(startsAt, minute, 5, units.clock)
  const steps = clocks.map((clock): WorkingStep => {
    const { kind, powerEnds, lost } = clock
    const endsMin = powerEnds?.likely ?? 0
    const cools = kind === 'cold-room' || kind === 'frozen-pipes'
    const isTimed = lost !== null && Number.isFinite(lost.likely)
    const values: WorkingValue[] = [
      {
        name: say('clocks.ends'),
        value: Number.isFinite(endsMin) ? at(endsMin) : sayHookup('clock.never'),
      },
      ...(cools
        ? [
            {
              name: say('clocks.constant'),
              value: `${formatNumber(timeConstantOf(plan.wiring?.risk)[1], 0)} h`,
            },
            {
              name: say('clocks.outdoors'),
              value: `${factText('lowC', outdoor.lowC, saying)}, ${factText('highC', outdoor.highC, saying)}`,
            },
          ]
        : []),
      ...(isTimed && Number.isFinite(endsMin)
        ? [{ name: say('clocks.bears'), value: formatDuration(lost.likely - endsMin) }]
        : []),
    ]
    return {
      label: clockWords(clock, saying),
      formula: say(`clocks.formula.${kind}`),
      values,
      result: isTimed ? at(lost.likely) : sayHookup(lost === null ? 'clock.unknown' : 'clock.never'),
    }
  })
  return { title: say('clocks.title'), steps, note: say('clocks.note') }
}
