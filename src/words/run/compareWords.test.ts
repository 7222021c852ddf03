import { expect, test } from '@jest/globals'
import { UNITS_OF } from '@/core/quantity/units'
import type { RunSummary } from '@/core/run/runSummary'
import { beganWords, differenceWords, summaryRows } from './compareWords'

const summary = (one: Partial<RunSummary> = {}): RunSummary => ({
  minutes: 600,
  drawnMin: 600,
  end: 'empty',
  chargeFrom: 1,
  chargeTo: 0.04,
  usedWh: 800,
  averageW: 80,
  temperatures: [],
  loads: ['Refrigerator', 'Router'],
  source: '1 kWh station',
  ...one,
})

test('what the second took more, and what was otherwise', () => {
  const second = summary({ averageW: 100, loads: ['Refrigerator', 'Lamp'], source: '2 kWh station' })
  expect(differenceWords(summary(), second)).toBe(
    'The second took 25 % more: 100 W on average against 80 W. Only in the first: Router. Only in the second: Lamp. The first ran on 1 kWh station, the second on 2 kWh station.',
  )
  expect(differenceWords(summary(), summary({ averageW: 81 }))).toMatch(/^Both took the same/)
  expect(differenceWords(summary(), summary({ averageW: null, usedWh: null }))).toMatch(
    /^Two charges at least/,
  )
})

test('side by side in the household’s units; what neither has is left out', () => {
  const rows = summaryRows(
    [summary({ temperatures: [{ where: 'freezer', celsius: -18 }] }), summary({ end: null, usedWh: null })],
    UNITS_OF.us,
  )
  const of = (what: string) => rows.find((row) => row.what === what)?.values
  expect(of('Temperature in a freezer')).toEqual(['−0.4 °F', 'not read'])
  expect(of('Out of the battery')).toEqual(['800 Wh', 'not read'])
  expect(of('It ended because')).toEqual(['the battery was empty', 'it is still running'])
  expect(of('Temperature, room')).toBeUndefined()
})

test('when it began, by the household’s clock', () =>
  expect(beganWords({ startsLocal: '2026-11-27T18:30' }, '12 h')).toBe('2026-11-27, Friday 6:30 pm'))
