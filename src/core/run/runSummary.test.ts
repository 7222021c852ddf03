import { expect, test } from '@jest/globals'
import { entryAt, headOf, readingAt } from '../../../tests/calibration/runs/runOf'
import { constant, loadOf, planWith } from '../../../tests/support/samplePlan'
import type { EntryOf } from './runDocument'
import { runSummary } from './runSummary'

const plan = planWith([
  loadOf(constant(100), { name: 'Refrigerator' }),
  loadOf(constant(40), { name: 'Lamp', on: false }),
])
const head = headOf(plan)
const capacityWh = plan.powerSystem.sources[0].capacityWh.value

test('hours, use and average of a run with a pause, which counts for nothing', () => {
  const summary = runSummary(head, [
    readingAt(plan, 0, { chargeFraction: 1 }),
    readingAt(plan, 120, { chargeFraction: 0.8 }),
    entryAt<EntryOf<'pause'>>(plan, 120, { kind: 'pause' }),
    entryAt<EntryOf<'resume'>>(plan, 600, { kind: 'resume', toFraction: 0.8 }),
    readingAt(plan, 600, { chargeFraction: 0.8 }),
    readingAt(plan, 720, { chargeFraction: 0.6 }),
    entryAt<EntryOf<'temperature'>>(plan, 60, { kind: 'temperature', where: 'freezer', celsius: -18 }),
    entryAt<EntryOf<'temperature'>>(plan, 700, { kind: 'temperature', where: 'freezer', celsius: -14 }),
    entryAt<EntryOf<'end'>>(plan, 720, { kind: 'end', how: 'stopped' }),
  ])
  expect(summary).toMatchObject({
    minutes: 720,
    drawnMin: 240,
    end: 'stopped',
    chargeFrom: 1,
    chargeTo: 0.6,
    temperatures: [{ where: 'freezer', celsius: -16 }],
    loads: ['Refrigerator'],
  })
  expect(summary.usedWh).toBeCloseTo(0.4 * capacityWh, 6)
  expect(summary.averageW).toBeCloseTo((0.4 * capacityWh) / 4, 6)
})

test('without two charges nothing is said of what was used', () => {
  expect(runSummary(head, [readingAt(plan, 5, { nowW: 80 })])).toMatchObject({
    minutes: 5,
    end: null,
    usedWh: null,
    averageW: null,
    chargeFrom: null,
  })
})
