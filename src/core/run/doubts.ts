import { bankVolts } from '../storage/bank'
import { type Entry, type Reading, type RunHead, minuteOf, standingEntries } from './runDocument'

/** Something about an entry that cannot well be: asked about, and kept if it is confirmed. */
export type Doubt =
  | { kind: 'before the start'; minutes: number }
  | { kind: 'in the future'; minutes: number }
  | { kind: 'charge went up'; from: number; to: number }
  | { kind: 'charge fell too fast'; from: number; to: number; watts: number; mostW: number }
  | { kind: 'counter went down'; field: 'outWh' | 'outAh' | 'meterWh'; from: number; to: number }
  | { kind: 'volts of another system'; volts: number; nominalV: number }
  | { kind: 'same as the last' }

/** A gauge wavers; a step up of so much is more than that. */
const WAVER = 0.02
/** A clock ahead of the server's by less is no matter. */
const AHEAD_MIN = 2
/** Volts a bank can have, as shares of its nominal ones. */
const VOLTS_FROM = 0.75
const VOLTS_TO = 1.3

/**
 * What is doubtful about an entry, given those before it; nothing for one that was confirmed.
 *
 * @param now the present moment, UTC
 */
export function doubtsOf(head: RunHead, entries: readonly Entry[], entry: Entry, now: string): Doubt[] {
  if (entry.confirmed) return []
  const doubts: Doubt[] = []
  const minute = minuteOf(head, entry.at)
  const ahead = minute - minuteOf(head, now)
  if (minute < -AHEAD_MIN) doubts.push({ kind: 'before the start', minutes: -minute })
  if (ahead > AHEAD_MIN) doubts.push({ kind: 'in the future', minutes: ahead })
  if (entry.kind === 'reading') doubts.push(...readingDoubts(head, entries, entry))
  return doubts
}

function readingDoubts(head: RunHead, entries: readonly Entry[], entry: Reading): Doubt[] {
  const doubts: Doubt[] = []
  const others = standingEntries(entries).filter(({ id }) => id !== entry.id && id !== entry.replaces)
  const earlier = others.filter(({ at }) => Date.parse(at) <= Date.parse(entry.at))
  const filled = earlier.findLastIndex(({ kind }) => kind === 'source' || kind === 'resume')
  const readings = earlier
    .slice(filled + 1)
    .filter((one): one is Reading => one.kind === 'reading' && one.sourceId === entry.sourceId)
  const last = (field: 'chargeFraction' | 'outWh' | 'outAh' | 'meterWh') =>
    readings.findLast((one) => one[field] !== undefined)?.[field]
  const charge = last('chargeFraction')
  if (charge !== undefined && entry.chargeFraction !== undefined && entry.chargeFraction > charge + WAVER)
    doubts.push({ kind: 'charge went up', from: charge, to: entry.chargeFraction })
  const fell = fellTooFast(head, readings, entry)
  if (fell) doubts.push(fell)
  for (const field of ['outWh', 'outAh', 'meterWh'] as const) {
    const before = last(field)
    const after = entry[field]
    if (before !== undefined && after !== undefined && after < before)
      doubts.push({ kind: 'counter went down', field, from: before, to: after })
  }
  const bank = head.plan.powerSystem.sources.find(({ id }) => id === entry.sourceId)?.bank
  const volts = entry.loadedV ?? entry.restV
  if (bank && volts !== undefined) {
    const nominalV = bankVolts(bank)
    if (volts < VOLTS_FROM * nominalV || volts > VOLTS_TO * nominalV)
      doubts.push({ kind: 'volts of another system', volts, nominalV })
  }
  const previous = readings[readings.length - 1]
  if (previous && previous.at === entry.at && sameFigures(previous, entry))
    doubts.push({ kind: 'same as the last' })
  return doubts
}

/** A display may be late by some points and catch up at once. */
const LATE = 0.03
/** Loss on the way, and what a source gives above its rating for a while. */
const ABOVE_RATING = 1.5

/** A fall of the charge that even all the watts the source can give would not make. */
function fellTooFast(head: RunHead, readings: readonly Reading[], entry: Reading): Doubt | null {
  const source = head.plan.powerSystem.sources.find(({ id }) => id === entry.sourceId)
  const last = readings.findLast(({ chargeFraction }) => chargeFraction !== undefined)
  if (!source || !last || entry.chargeFraction === undefined) return null
  const hours = (Date.parse(entry.at) - Date.parse(last.at)) / 3_600_000
  const wh = (last.chargeFraction! - entry.chargeFraction - LATE) * source.capacityWh.value
  const mostW = source.continuousW.value
  if (wh <= 0 || wh <= hours * mostW * ABOVE_RATING) return null
  const watts = (wh + LATE * source.capacityWh.value) / Math.max(hours, 1 / 60)
  return { kind: 'charge fell too fast', from: last.chargeFraction!, to: entry.chargeFraction, watts, mostW }
}

const FIGURES = ['chargeFraction', 'loadedV', 'restV', 'outAh', 'outWh', 'meterWh', 'nowW', 'peakW'] as const

const sameFigures = (a: Reading, b: Reading) => FIGURES.every((field) => a[field] === b[field])
