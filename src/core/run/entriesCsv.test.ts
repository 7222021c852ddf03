import { describe, expect, test } from '@jest/globals'
import { inWords } from '../../../tests/support/saidTold'
import { headOf, readingAt } from '../../../tests/calibration/runs/runOf'
import { constant, exactSource, loadOf, planWith } from '../../../tests/support/samplePlan'
import { CSV_HEADER, entriesOfRows, guessReadingColumns, rowsOfEntries } from './entriesCsv'

const plan = planWith([loadOf(constant(90))], [exactSource({})])
const head = headOf(plan)

describe('a sheet of readings', () => {
  test('columns are known by what people call them, in any order', () => {
    expect(guessReadingColumns(['Remarks', 'Battery %', 'Time', 'Wh out', 'V', 'kWh meter', 'Ah'])).toEqual([
      'note',
      'chargeFraction',
      'clock',
      'outWh',
      'loadedV',
      'meterWh',
      'outAh',
    ])
    expect(guessReadingColumns([...CSV_HEADER]).filter((column) => column === null)).toEqual([])
  })

  test('clock times go past midnight; a line that cannot be read is told and the others are kept', () => {
    const { entries, refused } = inWords(
      entriesOfRows(
        head,
        [
          ['18:30', '97 %', ''],
          ['23:00', '61', ''],
          ['01:15', '48,5', 'dark'],
          ['02:00', '140', ''],
          ['half past', '40', ''],
          ['', '', ''],
        ],
        ['clock', 'chargeFraction', 'note'],
      ),
    )
    expect(
      entries.map((entry) => entry.kind === 'reading' && [entry.local.slice(11), entry.chargeFraction]),
    ).toEqual([
      ['18:30', 0.97],
      ['23:00', 0.61],
      ['01:15', 0.485],
    ])
    expect(refused.map(({ line }) => line)).toEqual([5, 6])
    expect(refused[0].message).toMatch(/140 % is more than full; 0 to 100/)
    expect(refused[1].message).toMatch(/not a time of day/)
  })

  test('what is written out is read in again', () => {
    const written = [
      readingAt(plan, 0, { chargeFraction: 1, nowW: 210 }),
      readingAt(plan, 95, { chargeFraction: 0.83, outWh: 301, meterWh: 290, loadedV: 12.6 }),
    ]
    const { entries, refused } = inWords(
      entriesOfRows(head, rowsOfEntries(head, written), guessReadingColumns(CSV_HEADER)),
    )
    expect(refused).toEqual([])
    const bare = (entry: (typeof entries)[number]) => ({ ...entry, id: '', typedAt: '' })
    expect(entries.map(bare)).toEqual(written.map(bare))
  })
})
