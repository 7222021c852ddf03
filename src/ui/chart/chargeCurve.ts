import { middlePath } from '@/core/conversion/loss'
import {
  type ClockStyle,
  DAY_MIN,
  type Intervals,
  clockOf,
  epochMinute,
  windowIntervals,
} from '@/core/plan/clock'
import { formatClock, formatMoment, weekdayShort } from '@/words/clock'
import type { Plan } from '@/core/plan/document'
import type { Source } from '@/core/plan/schema'
import { lostWithin } from '@/core/risk/riskClocks'
import type { Evaluation } from '@/words/answer/evaluation'
import type { Band, Percentiles } from '@/core/simulation/result'
import { shownMinutes } from '@/core/simulation/shownMinutes'
import { formatExactDuration } from '@/words/format'
import { chargeCurve as chargeCurveWords } from '@/words/en/ui/chart'
import { wordsOf } from '@/words/translate'

const say = wordsOf(chargeCurveWords)

/** All the chart draws of one source. */
export interface ChargeCurve {
  startsAt: string
  clock: ClockStyle
  /** minutes shown */
  shownMin: number
  outageMin: number
  horizonMin: number
  band: Band
  reserveFraction: number
  emptyMin: Percentiles
  asleep: Intervals
  away: Intervals
  /** minutes at which something is lost after its power has ended, in their order */
  losses: number[]
  /** words for the hour it is empty, or null when that is not in sight */
  ends: { title: string; detail: string } | null
}

/** The curve of one source of a plan: the outage, and as much beyond it as the answer needs. */
export function chargeCurve(plan: Plan, { result, clocks }: Evaluation, sourceId: string): ChargeCurve {
  const found = result.chains.flatMap((chain) => chain.sources).find((source) => source.sourceId === sourceId)
  const source = plan.powerSystem.sources.find(({ id }) => id === sourceId)
  if (!found || !source) throw new RangeError(`no source ${sourceId}`)
  const { startsAt, asleep, away } = plan.scenario
  const { clock } = plan.household.units
  const { horizonMin, outageMin } = result
  const { emptyMin } = found
  const shownMin = shownMinutes(result, sourceId)
  return {
    startsAt,
    clock,
    shownMin,
    outageMin,
    horizonMin,
    band: found.band,
    reserveFraction: floorFraction(source),
    emptyMin,
    asleep: windowIntervals(asleep, startsAt, shownMin),
    away: windowIntervals(away, startsAt, shownMin),
    losses: lostWithin(clocks, outageMin)
      .map(({ lost }) => lost!.likely)
      .filter((minute) => minute <= shownMin),
    ends: emptyMin.p50 > shownMin ? null : endsWords(startsAt, clock, emptyMin, horizonMin),
  }
}

/** The hour it is empty and its band, the day named once where it is the same. */
function endsWords(startsAt: string, style: ClockStyle, { p10, p50, p90 }: Percentiles, horizonMin: number) {
  const moment = (minute: number) => {
    const at = Math.round((epochMinute(startsAt) + minute) / 30) * 30
    return { day: weekdayShort(at), clock: formatClock(clockOf(at % DAY_MIN), style) }
  }
  const early = moment(p10)
  const late = p90 === Infinity ? null : moment(p90)
  const until = late
    ? `${late.day === early.day ? '' : `${late.day} `}${late.clock}`
    : say('after', { exactDuration: formatExactDuration(horizonMin) })
  return {
    title: say('empty', { moment: formatMoment(startsAt, p50, 10, style) }),
    detail: say('likelyRange80To', { day: early.day, clock: early.clock, until }),
  }
}

/** The state of charge at which a source ends its run. */
function floorFraction(source: Source): number {
  const { floorWh, capacityWh } = middlePath(source)
  return floorWh / capacityWh
}

/** The band's percentiles as points for the chart, up to the last minute shown. */
export function curvePoints({ band, shownMin }: ChargeCurve) {
  const count = Math.min(band.p50.length, Math.floor(shownMin / band.stepMin) + 1)
  const points = (values: Float32Array) =>
    Array.from({ length: count }, (_, i) => ({ x: i * band.stepMin, y: values[i] }))
  return { p10: points(band.p10), p50: points(band.p50), p90: points(band.p90) }
}
