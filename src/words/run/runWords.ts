import type { Plan } from '@/core/plan/document'
import { momentOf } from '@/core/plan/momentOf'
import {
  formatDuration,
  formatExactDuration,
  formatHours,
  formatNumber,
  formatPercent,
  formatWatts,
} from '@/core/quantity/format'
import type { Units } from '@/core/quantity/units'
import { formatTemperature } from '@/core/reading/inUnits'
import { contradiction } from '@/core/run/contradiction'
import type { RunCaution } from '@/core/run/cautions'
import type { Assumption } from '@/core/run/assumptions'
import type { Doubt } from '@/core/run/doubts'
import type { RunPrediction } from '@/core/run/predictRun'
import { chargeOfBand } from '@/core/run/runBand'
import { type EntryOf, type RunHead, minuteOf } from '@/core/run/runDocument'
import type { Unknown } from '@/core/run/unknowns'
import { AT } from '@/core/simulation/places'
import { listed } from './listed'

/** The end in one sentence. @example "Empty about Saturday 08:30, likely 07:10 to 10:00." */
export function endWords(plan: Plan, { endMin, horizonMin }: RunPrediction): string {
  if (endMin.p50 === Infinity) return `It still has charge after ${formatHours(horizonMin)}.`
  const about = momentOf(plan, endMin.p50, 10)
  const [day] = about.split(' ')
  // the day is named once where it is the same
  const moment = (minute: number) => momentOf(plan, minute, 10).replace(`${day} `, '')
  const late = endMin.p90 === Infinity ? `later than ${momentOf(plan, horizonMin)}` : moment(endMin.p90)
  return `Empty about ${about}, likely ${moment(endMin.p10)} to ${late}.`
}

/**
 * How a run ended, what it took on average, and against the plan; of one that was stopped early when it would have been empty.
 *
 * @example "Empty Saturday 08:10, after 14 h 10 min, at about 128 W from the battery. As planned it would have been Saturday 09:00."
 */
export function endedWords(head: RunHead, found: RunPrediction, ended: EntryOf<'end'>): string {
  const { plan } = head
  const minute = minuteOf(head, ended.at)
  const how = { empty: 'Empty', stopped: 'Stopped', 'grid back': 'The grid came back' }[ended.how]
  const { fromMin } = found.segment
  const source = plan.powerSystem.sources.find(({ id }) => id === found.segment.sourceId)
  const used = chargeOfBand(found.band, fromMin).p50 - chargeOfBand(found.band, minute).p50
  const hours = (minute - fromMin) / 60
  const meanW = source && hours > 0.25 ? (used * source.capacityWh.value) / hours : 0
  const average = meanW > 1 ? `, at about ${formatWatts(meanW)} from the battery` : ''
  const words = `${how} ${momentOf(plan, minute)}, after ${formatExactDuration(minute)}${average}.`
  if (ended.how !== 'empty')
    return `${words} Going on it would have been: ${endWords(plan, found).replace(/^E/, 'e')}`
  return found.plannedEndMin.p50 === Infinity
    ? words
    : `${words} As planned it would have been ${momentOf(plan, found.plannedEndMin.p50, 10)}.`
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
    const likely = first ? ` Most likely: ${assumptionWords(plan, first)}.` : ' They do not say what.'
    return `The readings contradict the plan: something in it is not as assumed.${likely} Go by the straight line until you know what.`
  }
  if (kind === 'all use otherwise')
    return `The charge goes ${formatNumber(found.scaledTimes, 1)} times as fast as planned, whatever runs: ${found.scaledTimes > 1 ? 'something takes more than planned, or the battery holds less than its label says' : 'something takes less than planned, or the battery holds more than its label says'}.`
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
  const were = `${said(expected[0])} to ${said(expected[1])} were expected`
  switch (what) {
    case 'running watts':
      return `${name} draws about ${said(found)}; ${were}`
    case 'average watts':
      return `${name} averages about ${said(found)} here; ${were}`
    case 'already off for':
      return `${name} had been off for about ${said(found)}; ${were}`
    case 'defrost':
      return `defrosts of ${name} come to about ${said(found)}; ${were}`
    case 'surroundings':
      return `it is about ${said(found)} around ${name}; ${were}`
    case 'session length':
      return `${name} runs about ${said(found)} each time; ${were}`
    case 'charge energy':
      return `${name} takes about ${said(found)} a charge; ${were}`
    case 'water':
      return `the water of ${name} comes to about ${said(found)}; ${were}`
    case 'capacity':
      return `${name} holds about ${said(found)}; ${were}`
    case 'reserve':
      return `${name} stops at about ${said(found)} left; ${were}`
    case 'efficiency':
      return `${name} passes on about ${said(found)} of what it takes; ${were}`
    case 'idle draw':
      return `${name} takes about ${said(found)} for itself; ${were}`
    case 'usable share':
      return `about ${said(found)} of ${name} can be used; ${were}`
    case 'other':
      return `${name}: about ${said(found)}; ${were}`
  }
}

/** Which figure of a load or a source it is. @example "Sump pump: watts while it runs" */
export function figureName({ loads, powerSystem }: Plan, { of, id, place }: Unknown): string {
  const name = (of === 'load' ? loads : powerSystem.sources).find((one) => one.id === id)?.name ?? id
  const figure = of === 'load' ? OF_LOAD[place] : OF_SOURCE[place]
  return figure ? `${name}: ${figure}` : name
}

const OF_LOAD: Partial<Record<number, string>> = {
  [AT.running]: 'watts while it runs',
  [AT.average]: 'watts on average',
  [AT.period]: 'length of a cycle',
  [AT.set]: 'the temperature it is set to',
  [AT.known]: 'the temperature around it',
  [AT.floor]: 'watts between its cycles',
  [AT.tau]: 'how slowly it warms',
  [AT.defrostW]: 'watts of a defrost',
  [AT.defrostMin]: 'length of a defrost',
  [AT.defrostEvery]: 'hours between defrosts',
  [AT.blower]: 'watts of its blower',
  [AT.surroundings]: 'the temperature around it',
  [AT.volume]: 'water of a stroke',
  [AT.rate]: 'water it lifts',
  [AT.inflow]: 'water that comes in',
  [AT.minutes]: 'minutes each time',
  [AT.energy]: 'energy of a charge',
  [AT.efficiency]: 'efficiency of its charger',
  [AT.idle]: 'watts when it is full',
}
const OF_SOURCE = [
  'what it holds',
  'what is left when it stops',
  'efficiency',
  'what it takes for itself',
  'the share that can be used',
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
      return `That is ${formatDuration(doubt.minutes)} before the run began.`
    case 'in the future':
      return `That is ${formatDuration(doubt.minutes)} from now. Is this device’s clock right?`
    case 'charge went up':
      return `The charge went up from ${formatPercent(doubt.from)} to ${formatPercent(doubt.to)}. Was it charged? Then enter that instead.`
    case 'charge fell too fast':
      return `From ${formatPercent(doubt.from)} to ${formatPercent(doubt.to)} in that time takes about ${formatWatts(doubt.watts)}; it gives ${formatWatts(doubt.mostW)} at most. Is the hour right, and the figure?`
    case 'counter went down':
      return `The counter was at ${formatNumber(doubt.from)} and is now at ${formatNumber(doubt.to)}. Was it set to 0?`
    case 'volts of another system':
      return `${formatNumber(doubt.volts, 1)} V do not belong to a battery of ${formatNumber(doubt.nominalV, 1)} V.`
    case 'same as the last':
      return 'The same reading at the same minute is there already.'
  }
}

/** What has to be heeded before it is tried, in a sentence or two. */
export function cautionWords(caution: RunCaution, units: Units): string {
  const names = 'names' in caution ? listed(caution.names) : ''
  switch (caution.kind) {
    case 'medical':
      return `${names}: do not test it without a second source that is ready to take over. Ask its supplier first; what they and the doctor say goes before this plan.`
    case 'medical outage':
      return `${names}: do now what its supplier and the doctor said for an outage. Have the second source ready before this one is empty; call for help early.`
    case 'pit':
      return `${names}: watch the water while the pump is on the battery, and plug it back before it rises to its mark.`
    case 'heating':
      return `${names}: it gets down to ${formatTemperature(caution.coldestC, units)} outdoors. Stop before rooms fall below ${formatTemperature(15, units)}; mind pipes, the old and the ill.`
    case 'food':
      return `${names}: put a thermometer in. Stop if a refrigerator passes ${formatTemperature(4, units)} or a freezer ${formatTemperature(-15, units)}.`
    case 'generator':
      return `The generator stays outdoors, ${formatLength(6)} from windows and doors, with CO alarms in the house.`
    case 'nobody home':
      return 'Somebody who can plug things back has to be at home while it runs.'
  }
}

const formatLength = (m: number) => `${formatNumber(m, 0)} m (${formatNumber(m / 0.3048, 0)} ft)`

/** Why the three ways to say when it ends differ. */
export function differsWords({ straight, byWattsMin, endMin }: RunPrediction): string | null {
  const ends = [straight?.endMin, byWattsMin ?? undefined].filter((one): one is number => one !== undefined)
  if (ends.length === 0 || endMin.p50 === Infinity) return null
  const widest = Math.max(...ends.map((end) => Math.abs(Math.min(end, 1e6) - endMin.p50)))
  if (widest < 45) return 'All agree: the load is steady, and the straight line is as good as any.'
  return 'They differ because the line knows only what was read so far, the watts only this moment; what starts later, the night and the weather are in the learned plan alone.'
}
