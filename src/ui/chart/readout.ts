import { momentOf } from '@/words/momentOf'
import type { Plan } from '@/core/plan/document'
import { formatPercent, formatWatts } from '@/words/format'
import type { LoadTrace } from '@/core/simulation/trace'
import { readout } from '@/words/en/ui/chart'
import { wordsOf } from '@/words/translate'
import type { ChargeCurve } from './chargeCurve'

const say = wordsOf(readout)

/** What the chart says at a minute. */
export interface Readout {
  minute: number
  /** state of charge, 0…1: earliest of ten, most likely, latest of ten */
  charge: { p10: number; p50: number; p90: number }
  /** of a typical run, whether or not the battery still feeds it */
  demandW: number
  /** loads that run in a typical run, the most watts first */
  running: string[]
}

/** Minutes of a typical run that are looked at together, so that a cycle that just paused is not missed. */
const AROUND_MIN = 15

/**
 * What the chart says at a minute of the outage.
 *
 * @param traces a typical run of the plan
 */
export function readoutAt(
  curve: Pick<ChargeCurve, 'band' | 'shownMin'>,
  plan: Plan,
  traces: readonly LoadTrace[],
  minute: number,
): Readout {
  const at = Math.max(0, Math.min(curve.shownMin, minute))
  const { band } = curve
  const i = Math.min(band.p50.length - 1, Math.round(at / band.stepMin))
  const from = Math.max(0, at - AROUND_MIN / 2)
  const means = traces.map(({ loadId, stretches }) => ({
    loadId,
    watts:
      stretches.reduce(
        (sum, { fromMin, toMin, watts }) =>
          sum + watts * Math.max(0, Math.min(toMin, from + AROUND_MIN) - Math.max(fromMin, from)),
        0,
      ) / AROUND_MIN,
  }))
  const nameOf = (loadId: string) => plan.loads.find(({ id }) => id === loadId)?.name ?? loadId
  return {
    minute: at,
    charge: { p10: band.p10[i], p50: band.p50[i], p90: band.p90[i] },
    demandW: means.reduce((sum, { watts }) => sum + watts, 0),
    running: means
      .filter(({ watts }) => watts >= 0.5)
      .sort((a, b) => b.watts - a.watts)
      .map(({ loadId }) => nameOf(loadId)),
  }
}

const MOST_NAMED = 4

/** @example "Saturday 03:00: 32 % charged (likely 18 to 45 %), 210 W: Boiler, Router and 2 more" */
export function readoutWords(
  plan: Pick<Plan, 'scenario' | 'household'>,
  { minute, charge, demandW, running }: Readout,
): string {
  const low = Math.min(charge.p10, charge.p90)
  const high = Math.max(charge.p10, charge.p90)
  const named = running.slice(0, MOST_NAMED).join(', ')
  const more = running.length > MOST_NAMED ? say('andMore', { nRunning: running.length - MOST_NAMED }) : ''
  const runs = running.length === 0 ? say('nothingRuns') : `${formatWatts(demandW)}: ${named}${more}`
  return say('chargedLikelyTo', {
    momentOf: momentOf(plan, minute),
    percent: formatPercent(charge.p50),
    percent2: formatPercent(low),
    percent3: formatPercent(high),
    runs,
  })
}
