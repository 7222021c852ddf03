import { leftOutWhy } from '../simulation/compile'
import { type Entry, type EntryOf, type RunHead, minuteOf, standingEntries } from './runDocument'
import { type RunSegment, segmentsOf } from './segments'

/** A run in figures, as one is laid beside another. */
export interface RunSummary {
  /** from its begin to its end, or to the last entry while it goes on; pauses counted */
  minutes: number
  /** minutes in which a source was drawn from */
  drawnMin: number
  end: EntryOf<'end'>['how'] | null
  /** share of full, first and last reading */
  chargeFrom: number | null
  chargeTo: number | null
  /** out of the batteries, by the charges that were read; null without two of them */
  usedWh: number | null
  averageW: number | null
  /** mean of what was read, by place */
  temperatures: { where: EntryOf<'temperature'>['where']; celsius: number }[]
  /** names of the loads that were on the battery as it began */
  loads: string[]
  source: string
}

/** Charges closer together say nothing of an average, minutes. */
const LEAST_SPAN_MIN = 20

/** Sums a run up. */
export function runSummary(head: RunHead, entries: readonly Entry[]): RunSummary {
  const { plan, sourceId } = head
  const standing = standingEntries(entries)
  const minutes = standing.reduce((last, { at }) => Math.max(last, minuteOf(head, at)), 0)
  const segments = segmentsOf(head, standing)
  const uses = segments.map((segment) => useOf(segment, head))
  const known = uses.filter((use) => use !== null)
  const usedWh = known.length > 0 ? known.reduce((sum, { wh }) => sum + wh, 0) : null
  const usedMin = known.reduce((sum, use) => sum + use.minutes, 0)
  const charges = standing.flatMap((entry) =>
    entry.kind === 'reading' && entry.chargeFraction !== undefined ? [entry.chargeFraction] : [],
  )
  return {
    minutes,
    drawnMin: segments.reduce((sum, { fromMin, toMin }) => sum + (toMin ?? minutes) - fromMin, 0),
    end: standing.findLast((entry): entry is EntryOf<'end'> => entry.kind === 'end')?.how ?? null,
    chargeFrom: charges[0] ?? null,
    chargeTo: charges[charges.length - 1] ?? null,
    usedWh,
    averageW: usedWh !== null && usedMin >= LEAST_SPAN_MIN ? usedWh / (usedMin / 60) : null,
    temperatures: temperaturesOf(standing),
    loads: plan.loads.filter((load) => leftOutWhy(load, plan) === null).map(({ name }) => name),
    source: plan.powerSystem.sources.find(({ id }) => id === sourceId)?.name ?? sourceId,
  }
}

/** What a segment took out of its source, by its first and last charge; null where fewer were read. */
function useOf({ readings, sourceId }: RunSegment, head: RunHead): { wh: number; minutes: number } | null {
  const read = readings.filter(({ chargeFraction }) => chargeFraction !== undefined)
  const source = head.plan.powerSystem.sources.find(({ id }) => id === sourceId)
  if (read.length < 2 || !source) return null
  const [first, last] = [read[0], read[read.length - 1]]
  return {
    wh: (first.chargeFraction! - last.chargeFraction!) * source.capacityWh.value,
    minutes: minuteOf(head, last.at) - minuteOf(head, first.at),
  }
}

function temperaturesOf(entries: readonly Entry[]): RunSummary['temperatures'] {
  const read = new Map<EntryOf<'temperature'>['where'], number[]>()
  for (const entry of entries)
    if (entry.kind === 'temperature' && entry.celsius !== undefined)
      read.set(entry.where, [...(read.get(entry.where) ?? []), entry.celsius])
  return [...read].map(([where, values]) => ({
    where,
    celsius: values.reduce((a, b) => a + b, 0) / values.length,
  }))
}
