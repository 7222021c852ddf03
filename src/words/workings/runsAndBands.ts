import { formatHours } from '@/words/format'
import type { SimulationResult } from '@/core/simulation/result'
import { runsAndBands } from '../en/facts'
import { wordsOf } from '../translate'

const say = wordsOf(runsAndBands)

/** "17 to 27 h", "17 to more than 66 h", "more than 66 h". */
export function bandText({
  runtimeMin,
  horizonMin,
}: Pick<SimulationResult, 'runtimeMin' | 'horizonMin'>): string {
  const most = say('moreThan', { hours: formatHours(horizonMin) })
  if (runtimeMin.p10 === Infinity) return most
  const low = formatHours(runtimeMin.p10)
  if (runtimeMin.p90 === Infinity) return `${low} to ${most}`
  const high = formatHours(runtimeMin.p90)
  return low === high ? say('about', { low }) : `${low.replace(' h', '')} to ${high}`
}

/** "9 runs of 10", "all runs", "96 runs of 100", "no run". */
export function runsText(fraction: number): string {
  if (fraction <= 0) return say('noRun')
  if (fraction >= 0.9995) return say('allRuns')
  const percent = Math.max(1, Math.min(99, Math.round(fraction * 100)))
  return percent % 10 === 0
    ? say('of10', { percent: percent / 10, percent2: percent === 10 ? 'yes' : 'no' })
    : say('of100', { percent })
}
