import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { VERSION_LIMITS, type VersionMark, versionsToDrop } from './versions'

const NOW = new Date('2027-06-01T12:00:00Z')
const HOUR_MS = 3_600_000
const marks = (hoursAgo: number[], bytes = 1000): VersionMark[] =>
  hoursAgo.map((hours, i) => ({
    version: hoursAgo.length - i,
    savedAt: new Date(NOW.getTime() - hours * HOUR_MS),
    bytes,
  }))

describe('earlier versions that go', () => {
  test('none of the newest fifty, then all but one a day, and all of more than ninety days ago', () => {
    const list = marks([
      ...Array.from({ length: 50 }, (_, i) => i / 60),
      ...[14, 15, 16, 40, 41, 24 * 89, 24 * 91],
    ])
    const gone = versionsToDrop(list, NOW)
    const kept = list.filter(({ version }) => !gone.includes(version))
    expect(kept.slice(0, 50)).toEqual(list.slice(0, 50))
    expect(kept.slice(50).map(({ savedAt }) => (NOW.getTime() - savedAt.getTime()) / HOUR_MS)).toEqual([
      14,
      40,
      24 * 89,
    ])
  })

  test('never more than five megabytes are kept, the newest first', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 0, max: 3000 }), fc.integer({ min: 1, max: 900_000 })), {
          maxLength: 200,
        }),
        (saves) => {
          const list = saves
            .map(([hours, bytes]) => ({ hours, bytes }))
            .sort((a, b) => a.hours - b.hours)
            .map(({ hours, bytes }, i) => ({
              version: saves.length - i,
              savedAt: new Date(NOW.getTime() - hours * HOUR_MS),
              bytes,
            }))
          const gone = new Set(versionsToDrop(list, NOW))
          const kept = list.filter(({ version }) => !gone.has(version))
          expect(kept.reduce((sum, { bytes }) => sum + bytes, 0)).toBeLessThanOrEqual(VERSION_LIMITS.bytes)
          expect(kept.length).toBeLessThanOrEqual(VERSION_LIMITS.newest + VERSION_LIMITS.days + 1)
          if (list.length > 0 && list[0].bytes <= VERSION_LIMITS.bytes)
            expect(gone.has(list[0].version)).toBe(false)
        },
      ),
    )
  })
})
