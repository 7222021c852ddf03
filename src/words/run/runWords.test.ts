import { describe, expect, test } from '@jest/globals'
import { UNITS_OF } from '@/core/quantity/units'
import { quantity } from '@/core/quantity/quantity'
import type { Assumption } from '@/core/run/assumptions'
import type { RunPrediction } from '@/core/run/predictRun'
import { constant, exactSource, loadOf, planWith } from '../../../tests/support/samplePlan'
import type { EntryOf } from '@/core/run/runDocument'
import { entryAt, headOf } from '../../../tests/calibration/runs/runOf'
import {
  cautionWords,
  contradictionWords,
  differsWords,
  doubtWords,
  endWords,
  endedWords,
  figureName,
} from './runWords'

const plan = planWith([loadOf(constant(90), { name: 'Router' })], [exactSource({})])
const found = (more: Partial<RunPrediction>): RunPrediction =>
  ({
    endMin: { p10: 600, p50: 720, p90: 900 },
    horizonMin: 4320,
    contradicts: 0,
    scaled: 0,
    scaledTimes: 1,
    straight: null,
    byWattsMin: null,
    ...more,
  }) as RunPrediction

describe('what a run says', () => {
  test('the day is named once where it is the same', () => {
    expect(endWords(plan, found({}))).toBe('Empty about Saturday 06:00, likely 04:00 to 09:00.')
    expect(endWords(plan, found({ endMin: { p10: 300, p50: 720, p90: Infinity } }))).toBe(
      'Empty about Saturday 06:00, likely Friday 23:00 to later than Monday 18:00.',
    )
    expect(endWords(plan, found({ endMin: { p10: 1, p50: Infinity, p90: Infinity } }))).toBe(
      'It still has charge after 72 h.',
    )
  })

  test('how it ended, on average, and against the plan', () => {
    const head = headOf(plan)
    const band = {
      fromMin: 0,
      stepMin: 30,
      p10: new Float64Array(),
      p50: Float64Array.from({ length: 30 }, (_, i) => 1 - i / 30),
      p90: new Float64Array(),
    }
    const ended = (how: 'empty' | 'stopped') =>
      endedWords(
        head,
        found({
          band: { ...band, p10: band.p50, p90: band.p50 },
          segment: { fromMin: 0, sourceId: head.sourceId } as RunPrediction['segment'],
          plannedEndMin: { p10: 600, p50: 720, p90: 900 },
        }),
        entryAt<EntryOf<'end'>>(plan, 600, { kind: 'end', how }) as EntryOf<'end'>,
      )
    expect(ended('empty')).toMatch(
      /^Empty Saturday 04:00, after 10 h, at about [\d,]+ W from the battery\. As planned it would have been Saturday 06:00\.$/,
    )
    expect(ended('stopped')).toMatch(
      /^Stopped Saturday 04:00.*Going on it would have been: empty about Saturday 06:00/,
    )
  })

  test('what contradicts the plan comes first, and points at the line; a scale of everything at the battery', () => {
    expect(contradictionWords(plan, found({ contradicts: 0.2 }), [])).toBeNull()
    expect(contradictionWords(plan, found({ contradicts: 0.7 }), [])).toMatch(
      /^The readings contradict the plan.*straight line/,
    )
    const [{ id }] = plan.loads
    const watts = (value: number): Assumption => ({
      unknown: { of: 'load', id, place: 0, quantity: quantity(90, 'W', 'typical') },
      what: 'running watts',
      expected: [60, 135],
      found: value,
      foundRange: [value - 5, value + 5],
      shift: 2,
    })
    const contradicted = found({ contradicts: 0.7 })
    expect(contradictionWords(plan, contradicted, [watts(180)])).toContain(
      'Most likely: Router draws about 180 W',
    )
    // what lies within the expected explains nothing
    expect(contradictionWords(plan, contradicted, [watts(110)])).toContain('They do not say what.')
    expect(contradictionWords(plan, found({ scaled: 0.8, scaledTimes: 1.6 }), [])).toMatch(
      /1\.6 times as fast as planned.*holds less than its label/,
    )
  })

  test('lines that agree are told so, and why they differ where they do', () => {
    expect(differsWords(found({}))).toBeNull()
    expect(differsWords(found({ byWattsMin: 730 }))).toMatch(/^All agree/)
    expect(differsWords(found({ byWattsMin: 2000 }))).toMatch(/^They differ because/)
  })

  test('cautions and questions in the household’s units', () => {
    expect(cautionWords({ kind: 'food', names: ['Freezer'] }, UNITS_OF.us)).toMatch(/passes 39 °F/)
    expect(cautionWords({ kind: 'medical', names: ['A', 'B'] }, UNITS_OF.us)).toMatch(/^A and B: do not test/)
    expect(doubtWords({ kind: 'charge went up', from: 0.8, to: 0.9 })).toMatch(/from 80 % to 90 %/)
  })

  test('a learned figure says whose it is and which', () => {
    const of = (place: number, what: 'load' | 'source' = 'load') =>
      figureName(plan, {
        of: what,
        id: what === 'load' ? plan.loads[0].id : plan.powerSystem.sources[0].id,
        place,
        quantity: quantity(1, 'W', 'typical'),
      })
    expect(of(0)).toBe('Router: watts while it runs')
    expect(of(0, 'source')).toBe(`${plan.powerSystem.sources[0].name}: what it holds`)
    expect(of(99)).toBe('Router')
  })
})
