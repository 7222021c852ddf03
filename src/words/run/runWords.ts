import type { Plan } from '@/core/plan/document'
import { momentOf } from '@/words/momentOf'
import {
  formatDuration,
  formatExactDuration,
  formatHours,
  formatNumber,
  formatPercent,
  formatWatts,
} from '@/words/format'
import type { Units } from '@/core/quantity/units'
import { formatTemperature } from '@/words/inUnits'
import { contradiction } from '@/core/run/contradiction'
import type { RunCaution } from '@/core/run/cautions'
import type { Assumption } from '@/core/run/assumptions'
import type { Doubt } from '@/core/run/doubts'
import type { RunPrediction } from '@/core/run/predictRun'
import { chargeOfBand } from '@/core/run/runBand'
import { type EntryOf, type RunHead, minuteOf } from '@/core/run/runDocument'
import type { Unknown } from '@/core/run/unknowns'
import { AT } from '@/core/simulation/places'
import { listed } from '../listed'
import { runWords } from '../en/runs'
import { wordsOf } from '../translate'

const say = wordsOf(runWords)

/** The end in one sentence. @example "Empty about Saturday 08:30, likely 07:10 to 10:00." */
export function endWords(plan: Plan, { endMin, horizonMin }: RunPrediction): string {
  if (endMin.p50 === Infinity) return say('itStillHasChargeAfter', { hours: formatHours(horizonMin) })
  const about = momentOf(plan, endMin.p50, 10)
  const [day] = about.split(' ')
  // the day is named once where it is the same
  const moment = (minute: number) => momentOf(plan, minute, 10).replace(`${day} `, '')
  const late =
    endMin.p90 === Infinity ? say('laterThan', { momentOf: momentOf(plan, horizonMin) }) : moment(endMin.p90)
  return say('emptyAboutLikelyTo', { about, moment: moment(endMin.p10), late })
}

/**
 * How a run ended, what it took on average, and against the plan; of one that was stopped early when it would have been empty.
 *
 * @example "Empty Saturday 08:10, after 14 h 10 min, at about 128 W from the battery. As planned it would have been Saturday 09:00."
 */
export function endedWords(head: RunHead, found: RunPrediction, ended: EntryOf<'end'>): string {
  const { plan } = head
  const minute = minuteOf(head, ended.at)
  const how = { empty: say('empty'), stopped: say('stopped'), 'grid back': say('theGridCameBack') }[ended.how]
  const { fromMin } = found.segment
  const source = plan.powerSystem.sources.find(({ id }) => id === found.segment.sourceId)
  const used = chargeOfBand(found.band, fromMin).p50 - chargeOfBand(found.band, minute).p50
  const hours = (minute - fromMin) / 60
  const meanW = source && hours > 0.25 ? (used * source.capacityWh.value) / hours : 0
  const average = meanW > 1 ? say('atAboutFromTheBattery', { watts: formatWatts(meanW) }) : ''
  const words = say('after', {
    how,
    momentOf: momentOf(plan, minute),
    exactDuration: formatExactDuration(minute),
    average,
  })
  if (ended.how !== 'empty')
    return say('goingOnItWouldHaveBeen', { words, replace: endWords(plan, found).replace(/^E/, 'e') })
  return found.plannedEndMin.p50 === Infinity
    ? words
    : say('asPlannedItWouldHaveBeen', { words, momentOf: momentOf(plan, found.plannedEndMin.p50, 10) })
}

/** What stands first where the readings do not fit the plan; null where they do. */
export function contradictionWords(
  plan: Plan,
  found: RunPrediction,
  against: readonly Assumption[],
): string | null {
  const kind = contradiction(found)
  if (kind === 'something missing') {
    // what still lies within what was expected explains no contradiction
    const first = against.find(({ found: value, expected: [low, high] }) => value < low || value > high)
    const likely = first
      ? say('mostLikely', { assumptionWords: assumptionWords(plan, first) })
      : say('theyDoNotSayWhat')
    return say('theReadingsContradictThePlan', { likely })
  }
  if (kind === 'all use otherwise')
    return say('theChargeFallsTimesAsFast', {
      number: formatNumber(found.scaledTimes, 1),
      scaledTimes: found.scaledTimes > 1 ? 'yes' : 'no',
    })
  return null
}

/** @example "Refrigerator averages 71 W here; 48 to 62 W were expected" */
export function assumptionWords({ loads, powerSystem }: Plan, one: Assumption): string {
  const { unknown, what, expected, found } = one
  const name =
    (unknown.of === 'load'
      ? loads.find(({ id }) => id === unknown.id)?.name
      : powerSystem.sources.find(({ id }) => id === unknown.id)?.name) ?? unknown.id
  const said = (value: number) => figureWords(value, unknown.quantity.unit)
  const were = say('toWereExpected', { said: said(expected[0]), said2: said(expected[1]) })
  switch (what) {
    case 'running watts':
      return say('drawsAbout', { name, said: said(found), were })
    case 'average watts':
      return say('averagesAboutHere', { name, said: said(found), were })
    case 'already off for':
      return say('hadBeenOffForAbout', { name, said: said(found), were })
    case 'defrost':
      return say('defrostsOfComeToAbout', { name, said: said(found), were })
    case 'surroundings':
      return say('itIsAboutAround', { said: said(found), name, were })
    case 'session length':
      return say('runsAboutEachTime', { name, said: said(found), were })
    case 'charge energy':
      return say('takesAboutACharge', { name, said: said(found), were })
    case 'water':
      return say('theWaterOfComesToAbout', { name, said: said(found), were })
    case 'capacity':
      return say('holdsAbout', { name, said: said(found), were })
    case 'reserve':
      return say('stopsAtAboutLeft', { name, said: said(found), were })
    case 'efficiency':
      return say('passesOnAboutOfWhatIt', { name, said: said(found), were })
    case 'idle draw':
      return say('takesAboutForItself', { name, said: said(found), were })
    case 'usable share':
      return say('aboutOfCanBeUsed', { said: said(found), name, were })
    case 'other':
      return say('about', { name, said: said(found), were })
  }
}

/** Which figure of a load or a source it is. @example "Sump pump: watts while it runs" */
export function figureName({ loads, powerSystem }: Plan, { of, id, place }: Unknown): string {
  const name = (of === 'load' ? loads : powerSystem.sources).find((one) => one.id === id)?.name ?? id
  const figure = of === 'load' ? OF_LOAD[place] : OF_SOURCE[place]
  return figure ? `${name}: ${figure}` : name
}

const OF_LOAD: Partial<Record<number, string>> = {
  [AT.running]: say('wattsWhileItRuns'),
  [AT.average]: say('wattsOnAverage'),
  [AT.period]: say('lengthOfACycle'),
  [AT.set]: say('theTemperatureItIsSetTo'),
  [AT.known]: say('theTemperatureAroundIt'),
  [AT.floor]: say('wattsBetweenItsCycles'),
  [AT.tau]: say('howSlowlyItWarms'),
  [AT.defrostW]: say('wattsOfADefrost'),
  [AT.defrostMin]: say('lengthOfADefrost'),
  [AT.defrostEvery]: say('hoursBetweenDefrosts'),
  [AT.blower]: say('wattsOfItsBlower'),
  [AT.surroundings]: say('theTemperatureAroundIt'),
  [AT.volume]: say('waterOfAStroke'),
  [AT.rate]: say('waterItLifts'),
  [AT.inflow]: say('waterThatComesIn'),
  [AT.minutes]: say('minutesEachTime'),
  [AT.energy]: say('energyOfACharge'),
  [AT.efficiency]: say('efficiencyOfItsCharger'),
  [AT.idle]: say('wattsWhenItIsFull'),
}
const OF_SOURCE = [
  say('whatItHolds'),
  say('whatIsLeftWhenItStops'),
  'efficiency',
  say('whatItTakesForItself'),
  say('theShareThatCanBeUsed'),
]

/** A figure with its unit as a reader knows it. */
export function figureWords(value: number, unit: string): string {
  if (unit === '1') return formatPercent(value)
  if (unit === 'W') return formatWatts(value)
  return `${formatNumber(value, Math.abs(value) < 10 ? 1 : 0)} ${unit}`
}

/** What is asked about an entry that seems impossible. */
export function doubtWords(doubt: Doubt): string {
  switch (doubt.kind) {
    case 'before the start':
      return say('thatIsBeforeTheRunBegan', { duration: formatDuration(doubt.minutes) })
    case 'in the future':
      return say('thatIsFromNowIsThis', { duration: formatDuration(doubt.minutes) })
    case 'charge went up':
      return say('theChargeWentUpFromTo', {
        percent: formatPercent(doubt.from),
        percent2: formatPercent(doubt.to),
      })
    case 'charge fell too fast':
      return say('fromToInThatTimeTakes', {
        percent: formatPercent(doubt.from),
        percent2: formatPercent(doubt.to),
        watts: formatWatts(doubt.watts),
        watts2: formatWatts(doubt.mostW),
      })
    case 'counter went down':
      return say('theCounterWasAtAndIs', {
        number: formatNumber(doubt.from),
        number2: formatNumber(doubt.to),
      })
    case 'volts of another system':
      return say('vDoNotBelongToA', {
        number: formatNumber(doubt.volts, 1),
        number2: formatNumber(doubt.nominalV, 1),
      })
    case 'same as the last':
      return say('theSameReadingAtTheSame')
  }
}

/** What has to be heeded before it is tried, in a sentence or two. */
export function cautionWords(caution: RunCaution, units: Units): string {
  const names = 'names' in caution ? listed(caution.names) : ''
  switch (caution.kind) {
    case 'medical':
      return say('doNotTestItWithoutA', { names })
    case 'medical outage':
      return say('doNowWhatItsSupplierAnd', { names })
    case 'pit':
      return say('watchTheWaterWhileThePump', { names })
    case 'heating':
      return say('itGetsDownToOutdoorsStop', {
        names,
        temperature: formatTemperature(caution.coldestC, units),
        temperature2: formatTemperature(15, units),
      })
    case 'food':
      return say('putAThermometerInStopIf', {
        names,
        temperature: formatTemperature(4, units),
        temperature2: formatTemperature(-15, units),
      })
    case 'generator':
      return say('theGeneratorStaysOutdoorsFrom', { length: formatLength(6) })
    case 'nobody home':
      return say('somebodyWhoCanPlugThingsBack')
  }
}

const formatLength = (m: number) => `${formatNumber(m, 0)} m (${formatNumber(m / 0.3048, 0)} ft)`

/** Why the three ways to say when it ends differ. */
export function differsWords({ straight, byWattsMin, endMin }: RunPrediction): string | null {
  const ends = [straight?.endMin, byWattsMin ?? undefined].filter((one): one is number => one !== undefined)
  if (ends.length === 0 || endMin.p50 === Infinity) return null
  const widest = Math.max(...ends.map((end) => Math.abs(Math.min(end, 1e6) - endMin.p50)))
  if (widest < 45) return say('allAgreeTheLoadIsSteady')
  return say('theyDifferBecauseTheLineKnows')
}
