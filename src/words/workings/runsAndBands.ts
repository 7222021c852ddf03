import { formatHours } from '@/words/format'
import type { SimulationResult } from '@/core/simulation/result'
import type { Humps } from '@/core/simulation/humps'
import { runsAndBands } from '../en/facts'
import { wordsOf } from '../translate'

const say = wordsOf(runsAndBands)

/**
 * "17 to 27 h", "17 to more than 66 h", "more than 66 h"; where the runs fall into two groups with nothing between,
 * "13 to 15 h, or 38 to 44 h".
 */
export function bandText({
  runtimeMin,
  horizonMin,
  humps = null,
}: Pick<SimulationResult, 'runtimeMin' | 'horizonMin'> & { humps?: Humps | null }): string {
  const range = ([from, to]: readonly [number, number]) => {
    const most = say('moreThan', { hours: formatHours(horizonMin) })
    if (from >= horizonMin) return most
    const low = formatHours(from)
    if (to >= horizonMin) return say('fromTo', { low, high: most })
    const high = formatHours(to)
    return low === high ? say('about', { low }) : say('fromTo', { low: bare(low), high })
  }
  return humps
    ? say('either', { first: range(humps.firstMin), later: range(humps.laterMin) })
    : range([runtimeMin.p10, runtimeMin.p90])
}

const bare = (hours: string) => hours.replace(' h', '')

/** "9 runs of 10", "all runs", "96 runs of 100", "no run". */
export function runsText(fraction: number): string {
  const { count, of } = roundShare(fraction)
  return of === 1 ? say(count ? 'allRuns' : 'noRun') : say('runsOf', { count, of })
}

/** A share of tens or of hundreds; none and all only where it is none or all. */
function roundShare(fraction: number): { count: number; of: 1 | 10 | 100 } {
  if (fraction <= 0) return { count: 0, of: 1 }
  if (fraction >= 0.9995) return { count: 1, of: 1 }
  const percent = Math.max(1, Math.min(99, Math.round(fraction * 100)))
  return percent % 10 === 0 ? { count: percent / 10, of: 10 } : { count: percent, of: 100 }
}
