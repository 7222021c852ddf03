import { describe, expect, test } from '@jest/globals'
import { entryAt, headOf, instant, readingAt } from '../../../tests/calibration/runs/runOf'
import { constant, exactSource, loadOf, planWith } from '../../../tests/support/samplePlan'
import type { EntryOf } from './runDocument'
import { standingEntries } from './runDocument'
import { planOfSegment, segmentsOf } from './segments'

const plan = planWith(
  [loadOf(constant(90), { id: 'router' }), loadOf(constant(50), { id: 'lamp' })],
  [
    exactSource({ id: 'station' }),
    exactSource({ id: 'second', afterSourceId: 'station', chargedFraction: 0.8 }),
  ],
)
const head = headOf(plan, 'station')

describe('a run is cut where its charge changes otherwise than by use', () => {
  test('a pause, a carrying on at a charge, a charge, another taking over', () => {
    const entries = [
      readingAt(plan, 0, { chargeFraction: 1 }),
      readingAt(plan, 60, { chargeFraction: 0.9 }),
      entryAt<EntryOf<'pause'>>(plan, 120, { kind: 'pause' }),
      entryAt<EntryOf<'resume'>>(plan, 600, { kind: 'resume', toFraction: 0.85 }),
      entryAt<EntryOf<'source'>>(plan, 700, {
        kind: 'source',
        sourceId: 'station',
        what: 'charged',
        toFraction: 0.95,
      }),
      entryAt<EntryOf<'source'>>(plan, 900, { kind: 'source', sourceId: 'second', what: 'takes over' }),
      readingAt(plan, 930, { chargeFraction: 0.7, sourceId: 'second' }),
      readingAt(plan, 940, { chargeFraction: 0.1 }),
      entryAt<EntryOf<'end'>>(plan, 1000, { kind: 'end', how: 'empty' }),
    ]
    const found = segmentsOf(head, entries)
    expect(
      found.map(({ fromMin, toMin, sourceId, chargeFraction }) => [fromMin, toMin, sourceId, chargeFraction]),
    ).toEqual([
      [0, 120, 'station', 1],
      [600, 700, 'station', 0.85],
      [700, 900, 'station', 0.95],
      [900, 1000, 'second', 0.8],
    ])
    // a reading of the one that handed over says nothing of the other
    expect(found[3].readings).toHaveLength(1)
    expect(found[3].end?.how).toBe('empty')
  })

  test('its plan begins at its clock and charge; what was pulled is off from then on, what was plugged in is on', () => {
    const entries = [
      entryAt<EntryOf<'switch'>>(plan, 30, { kind: 'switch', loadId: 'lamp', to: 'off' }),
      entryAt<EntryOf<'resume'>>(plan, 120, { kind: 'resume', toFraction: 0.5 }),
      entryAt<EntryOf<'switch'>>(plan, 180, { kind: 'switch', loadId: 'lamp', to: 'on' }),
    ]
    const segments = segmentsOf(head, entries)
    const own = planOfSegment(head, segments[1])
    expect(own.scenario.startsAt).toBe(instant(plan, 120).slice(0, 16))
    expect(own.powerSystem.sources[0]).toMatchObject({ id: 'station', chargedFraction: 0.5 })
    expect(own.loads.find(({ id }) => id === 'lamp')?.steering?.pauses).toEqual([{ fromMin: 0, toMin: 60 }])
    expect(own.loads.find(({ id }) => id === 'router')?.steering).toBeUndefined()
  })

  test('a correction takes the place of what it corrects, and an entry that came twice is one', () => {
    const wrong = readingAt(plan, 60, { chargeFraction: 0.09 })
    const right = { ...readingAt(plan, 60, { chargeFraction: 0.9 }), replaces: wrong.id }
    expect(standingEntries([right, wrong, right]).map(({ id }) => id)).toEqual([right.id])
  })
})
