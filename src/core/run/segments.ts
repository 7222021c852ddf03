import type { Plan } from '../plan/document'
import { localOf, epochMinute } from '../plan/clock'
import { NO_REFILL } from '../plan/noRefill'
import type { Load, Source } from '../plan/schema'
import {
  type Entry,
  type EntryOf,
  type Reading,
  type RunHead,
  minuteOf,
  standingEntries,
} from './runDocument'

/**
 * A stretch of a run in which nothing was charged, swapped or pulled: from a known charge it can be computed as an outage of
 * its own.
 */
export interface RunSegment {
  /** minutes since the run began */
  fromMin: number
  /** when it ended, by a pause, a charge or the end of the run; null while it goes on */
  toMin: number | null
  sourceId: string
  /** as it began, by its display; null where nothing was read */
  chargeFraction: number | null
  readings: Reading[]
  switches: EntryOf<'switch'>[]
  end: EntryOf<'end'> | null
}

/** How long after its begin a charge that is read counts as the one it began with, minutes. */
const AT_START_MIN = 6

/** Cuts a run at what changes the charge otherwise than by use. */
export function segmentsOf(head: RunHead, entries: readonly Entry[]): RunSegment[] {
  const { sources } = head.plan.powerSystem
  const chargeOf = (id: string) => sources.find((source) => source.id === id)?.chargedFraction ?? null
  const switches: EntryOf<'switch'>[] = []
  const done: RunSegment[] = []
  const begin = (fromMin: number, sourceId: string, chargeFraction: number | null): RunSegment => ({
    fromMin,
    toMin: null,
    sourceId,
    chargeFraction,
    readings: [],
    switches: [...switches],
    end: null,
  })
  let open: RunSegment | null = begin(0, head.sourceId, null)
  const close = (minute: number) => {
    if (open) done.push({ ...open, toMin: Math.max(open.fromMin, minute) })
    open = null
  }
  for (const entry of standingEntries(entries)) {
    const minute = Math.max(0, minuteOf(head, entry.at))
    const last: RunSegment | undefined = open ?? done[done.length - 1]
    switch (entry.kind) {
      case 'reading':
        if (!open || entry.sourceId !== open.sourceId) break
        if (entry.chargeFraction !== undefined && minute - open.fromMin <= AT_START_MIN)
          open.chargeFraction ??= entry.chargeFraction
        open.readings.push(entry)
        break
      case 'switch':
        switches.push(entry)
        if (open) open.switches.push(entry)
        break
      case 'source': {
        const charge: number | null =
          entry.toFraction ?? (entry.what === 'takes over' ? chargeOf(entry.sourceId) : null)
        if (entry.what === 'charged' && (charge === null || entry.sourceId !== last?.sourceId)) break
        close(minute)
        open = begin(minute, entry.sourceId, charge)
        break
      }
      case 'pause':
        close(minute)
        break
      case 'resume': {
        const sourceId: string = entry.sourceId ?? last?.sourceId ?? head.sourceId
        close(minute)
        open = begin(minute, sourceId, entry.toFraction ?? null)
        break
      }
      case 'end':
        if (open) open.end = entry
        close(minute)
        break
    }
  }
  return open ? [...done, open] : done
}

/**
 * The plan of a segment: it begins at the segment's clock with its charge, and what was switched by hand is off or on from
 * that minute. What refills a source in an outage goes on as planned; a test is of the battery alone.
 */
export function planOfSegment(head: RunHead, segment: RunSegment, asKnown: Plan = head.plan): Plan {
  const { fromMin, sourceId } = segment
  const plan = head.kind === 'test' ? withoutRefill(asKnown) : asKnown
  const shift = Math.round(fromMin)
  const lengthMin = Math.max(15, Math.round(plan.scenario.durationH * 60 - shift))
  return {
    ...plan,
    scenario: {
      ...plan.scenario,
      startsAt: localOf(epochMinute(head.startsLocal) + shift),
      durationH: lengthMin / 60,
    },
    loads: plan.loads.map((load) =>
      switched(shiftedPauses(movedTo(load, sourceId, plan), shift), head, segment),
    ),
    powerSystem: {
      ...plan.powerSystem,
      sources: plan.powerSystem.sources.map((source) => sourceIn(source, segment, plan)),
    },
  }
}

const withoutRefill = (plan: Plan): Plan => ({
  ...plan,
  refill: NO_REFILL,
  scenario: { ...plan.scenario, charging: undefined },
})

/** The watched source begins its chain with the charge that was read; those before it are empty. */
function sourceIn(source: Source, { sourceId, chargeFraction }: RunSegment, plan: Plan): Source {
  if (source.id === sourceId)
    return {
      ...source,
      afterSourceId: null,
      chargedFraction: chargeFraction ?? source.chargedFraction,
    }
  // the one that handed over is done with
  const watched = plan.powerSystem.sources.find(({ id }) => id === sourceId)
  return watched?.afterSourceId === source.id ? { ...source, isAway: true } : source
}

/** Loads of the source that handed over hang on the one that took over. */
function movedTo(load: Load, sourceId: string, plan: Plan): Load {
  const watched = plan.powerSystem.sources.find(({ id }) => id === sourceId)
  return watched && watched.afterSourceId === load.sourceId ? { ...load, sourceId } : load
}

/** Pauses count from the start of the outage: a later segment has the rest of them. */
function shiftedPauses(load: Load, shift: number): Load {
  const { steering } = load
  if (!steering?.pauses || shift === 0) return load
  const pauses = steering.pauses
    .map(({ fromMin, toMin }) => ({ fromMin: Math.max(0, fromMin - shift), toMin: toMin - shift }))
    .filter(({ toMin }) => toMin > 0)
  return { ...load, steering: { ...steering, pauses } }
}

const FOR_GOOD_MIN = 40_000

/** A load as it was switched: on at the start as the plan says, then off and on by hand. */
function switched(load: Load, head: RunHead, { fromMin, switches }: RunSegment): Load {
  const own = switches.filter((one) => one.loadId === load.id && one.to !== 'used')
  if (own.length === 0) return load
  const pauses: { fromMin: number; toMin: number }[] = []
  let offSince: number | null = load.on ? null : 0
  for (const { at, to } of own) {
    const minute = Math.max(0, minuteOf(head, at) - fromMin)
    if (to === 'off') offSince ??= minute
    else if (offSince !== null) {
      if (minute > offSince) pauses.push({ fromMin: offSince, toMin: minute })
      offSince = null
    }
  }
  if (offSince !== null) pauses.push({ fromMin: offSince, toMin: FOR_GOOD_MIN })
  return {
    ...load,
    on: true,
    steering: { ...load.steering, pauses: [...(load.steering?.pauses ?? []), ...pauses] },
  }
}
