import { type ClockStyle } from '@/core/plan/clock'
import { formatMoment } from '@/words/clock'
import { formatEnergy, formatExactDuration, formatPercent, formatWatts } from '@/words/format'
import type { Units } from '@/core/quantity/units'
import { formatTemperature } from '@/words/inUnits'
import type { RunHead } from '@/core/run/runDocument'
import type { RunSummary } from '@/core/run/runSummary'
import { compareWords } from '../en/runs'
import { wordsOf } from '../translate'

const say = wordsOf(compareWords)

const ENDS = {
  empty: say('theBatteryWasEmpty'),
  stopped: say('stoppedEarly'),
  'grid back': say('theGridCameBack'),
}
const SAME = 0.03

/** When a run began. @example "2026-11-27, Friday 18:00" */
export const beganWords = ({ startsLocal }: Pick<RunHead, 'startsLocal'>, clock: ClockStyle): string =>
  `${startsLocal.slice(0, 10)}, ${formatMoment(startsLocal, 0, 1, clock)}`

/**
 * How the second of two runs differs from the first, in a sentence, with what was otherwise in them.
 *
 * @example "The second took 18 % more: 96 W on average against 81 W. Only in the first: Box freezer."
 */
export function differenceWords(first: RunSummary, second: RunSummary): string {
  const sentences: string[] = []
  if (first.averageW !== null && second.averageW !== null && first.averageW > 0) {
    const times = second.averageW / first.averageW
    const against = say('onAverageAgainst', {
      watts: formatWatts(second.averageW),
      watts2: formatWatts(first.averageW),
    })
    sentences.push(
      Math.abs(times - 1) < SAME
        ? say('bothTookTheSame', { against })
        : say('theSecondTook', {
            percent: formatPercent(Math.abs(times - 1)),
            times: times > 1 ? 'yes' : 'no',
            against,
          }),
    )
  } else sentences.push(say('twoChargesAtLeastMustBe'))
  const only = (a: RunSummary, b: RunSummary) => a.loads.filter((name) => !b.loads.includes(name))
  const [gone, added] = [only(first, second), only(second, first)]
  if (gone.length > 0) sentences.push(say('onlyInTheFirst', { gone: gone.join(', ') }))
  if (added.length > 0) sentences.push(say('onlyInTheSecond', { added: added.join(', ') }))
  if (first.source !== second.source)
    sentences.push(say('theFirstRanOnTheSecond', { source: first.source, source2: second.source }))
  return sentences.join(' ')
}

/** The figures of two runs side by side; rows that neither has are left out. */
export function summaryRows(
  summaries: readonly [RunSummary, RunSummary],
  units: Units,
): { what: string; values: [string, string] }[] {
  const row = (what: string, value: (one: RunSummary) => string | null) => {
    const [a, b] = [value(summaries[0]), value(summaries[1])]
    return a === null && b === null
      ? []
      : [{ what, values: [a ?? say('notRead'), b ?? say('notRead')] as [string, string] }]
  }
  const places = [...new Set(summaries.flatMap(({ temperatures }) => temperatures.map(({ where }) => where)))]
  return [
    ...row(say('ranFor'), ({ drawnMin }) => formatExactDuration(drawnMin)),
    ...row(say('itEndedBecause'), ({ end }) => (end ? ENDS[end] : say('itIsStillRunning'))),
    ...row(say('charge'), ({ chargeFrom, chargeTo }) =>
      chargeFrom === null || chargeTo === null
        ? null
        : `${formatPercent(chargeFrom)} to ${formatPercent(chargeTo)}`,
    ),
    ...row(say('outOfTheBattery'), ({ usedWh }) => (usedWh === null ? null : formatEnergy(usedWh))),
    ...row(say('onAverage'), ({ averageW }) => (averageW === null ? null : formatWatts(averageW))),
    ...places.flatMap((place) =>
      row(
        place === 'room' || place === 'outdoors'
          ? say('temperature', { place })
          : say('temperatureInA', { place }),
        (one) => {
          const read = one.temperatures.find(({ where }) => where === place)
          return read ? formatTemperature(read.celsius, units, 1) : null
        },
      ),
    ),
    ...row(say('battery'), ({ source }) => source),
    ...row(say('loads'), ({ loads }) => loads.join(', ') || 'none'),
  ]
}
