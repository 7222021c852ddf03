import { describe, expect, test } from '@jest/globals'
import { UNITS_OF } from '@/core/quantity/units'
import type { RunPrediction } from '@/core/run/predictRun'
import { constant, exactSource, loadOf, planWith } from '../../../tests/support/samplePlan'
import { cautionWords, contradictionWords, differsWords, doubtWords, endWords, widthWords } from './runWords'

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

  test('what contradicts the plan comes first, and points at the line; a scale of everything at the battery', () => {
    expect(contradictionWords(plan, found({ contradicts: 0.2 }), [])).toBeNull()
    expect(contradictionWords(plan, found({ contradicts: 0.7 }), [])).toMatch(
      /^The readings contradict the plan.*straight line/,
    )
    expect(contradictionWords(plan, found({ scaled: 0.8, scaledTimes: 1.6 }), [])).toMatch(
      /1\.6 times as fast as planned.*holds less than its label/,
    )
  })

  test('lines that agree are told so, and why they differ where they do', () => {
    expect(differsWords(found({}))).toBeNull()
    expect(differsWords(found({ byWattsMin: 730 }))).toMatch(/^All agree/)
    expect(differsWords(found({ byWattsMin: 2000 }))).toMatch(/^They differ because/)
  })

  test('how long it must run', () => {
    expect(widthWords([])).toMatch(/within the hour/)
    expect(
      widthWords([
        { hours: 0, halfWidth: 0.3 },
        { hours: 1, halfWidth: 0.2 },
        { hours: 5, halfWidth: 0.09 },
      ]),
    ).toBe('The end is known after 5 h to about ±9 %; after 1 h to about ±20 %.')
  })

  test('cautions and questions in the household’s units', () => {
    expect(cautionWords({ kind: 'food', names: ['Freezer'] }, UNITS_OF.us)).toMatch(/passes 39 °F/)
    expect(cautionWords({ kind: 'medical', names: ['A', 'B'] }, UNITS_OF.us)).toMatch(/^A and B: do not test/)
    expect(doubtWords({ kind: 'charge went up', from: 0.8, to: 0.9 })).toMatch(/from 80 % to 90 %/)
  })
})
