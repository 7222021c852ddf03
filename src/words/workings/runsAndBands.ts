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
  const { count, of } = roundShare(fraction)
  return of === 1 ? say(count ? 'allRuns' : 'noRun') : say('runsOf', { count, of })
}

/** The same of outages like the one planned: "9 times in 10", "every time", "never". */
export function timesText(fraction: number): string {
  const { count, of } = roundShare(fraction)
  return of === 1 ? say(count ? 'everyTime' : 'never') : say('timesIn', { count, of })
}

/** A share of tens or of hundreds; none and all only where it is none or all. */
function roundShare(fraction: number): { count: number; of: 1 | 10 | 100 } {
  if (fraction <= 0) return { count: 0, of: 1 }
  if (fraction >= 0.9995) return { count: 1, of: 1 }
  const percent = Math.max(1, Math.min(99, Math.round(fraction * 100)))
  return percent % 10 === 0 ? { count: percent / 10, of: 10 } : { count: percent, of: 100 }
}
