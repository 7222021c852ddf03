import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { bankOf, equipmentClass, sourceOf } from '@/catalog/equipment'
import { constant, loadOf, mixedLoads, planWith } from '../../../../tests/support/samplePlan'
import { drainW, middlePath, pathDetail } from '../../conversion/loss'
import type { Plan } from '../../plan/document'
import type { Source } from '../../plan/power'
import { DetailTables } from '../../simulation/detailTables'
import { runAll } from '../../simulation/simulate'
import { loadedV } from '../../storage/loadedVoltage'
import { realiseDemand } from './realisedDemand'
import { runtimesOn } from './runtimes'
import { TABLE_W, wattBlocks } from './wattBlocks'

const RUNS = 6
const HORIZON_MIN = 48 * 60
const house = (source: Source, more: Partial<Plan['loads'][number]> = {}): Plan =>
  planWith(
    mixedLoads(6).map((load) => ({ ...load, volts: 120 as const, ...more })),
    [source],
    24,
  )

/** Sources of every path: plain, with square losses, with Peukert, searching, sleeping, flat. */
const SOURCES: Record<string, Source> = {
  'a station': sourceOf(equipmentClass('station-2000'), 'main'),
  'a flat share': { ...sourceOf(equipmentClass('station-2000'), 'main'), lossRule: 'flat' },
  'a LiFePO4 bank': bankOf('lfp-12-200', 2, 1, 'inverter-1500-24', 'bank'),
  'a lead-acid bank': bankOf('agm-12-110', 2, 3, 'inverter-1500-24', 'bank'),
  'an inverter that searches': bankOf('lfp-12-200', 1, 2, 'inverter-2000-12', 'bank'),
  'a station that sleeps': sourceOf(equipmentClass('station-300'), 'main'),
}

describe('runtimes on realised demand are those of a simulation, run by run', () => {
  test.each(Object.entries(SOURCES))('%s', (_, source) => {
    const plan = house(source)
    const found = runtimesOn(realiseDemand(plan, RUNS, 7, HORIZON_MIN), source)
    const [{ emptyMin }] = runAll(plan, { runs: RUNS, seed: 7, horizonMin: HORIZON_MIN }).chains
    emptyMin[0].forEach((expected, run) => {
      if (expected === Infinity) expect(found[run]).toBe(Infinity)
      else expect(Math.abs(found[run] - expected)).toBeLessThan(1.01 + 0.0005 * expected)
    })
  })

  test('direct current beside mains, and alone', () => {
    const source = sourceOf(equipmentClass('station-1000'), 'main')
    const dc = loadOf(constant(25), { id: 'dc', volts: 12 })
    for (const loads of [[dc], [dc, loadOf(constant(40), { id: 'ac' })]]) {
      const plan = planWith(loads, [source], 24)
      const found = runtimesOn(realiseDemand(plan, RUNS, 3, HORIZON_MIN), source)
      const [{ emptyMin }] = runAll(plan, { runs: RUNS, seed: 3, horizonMin: HORIZON_MIN }).chains
      emptyMin[0].forEach((expected, run) => expect(found[run]).toBeCloseTo(expected, 3))
    }
  })
})

describe('realised demand', () => {
  const demand = realiseDemand(house(SOURCES['a station']), RUNS, 7, HORIZON_MIN)

  test('its sums are the sums of its minutes, and of their squares', () => {
    for (let run = 0; run < RUNS; run++) {
      const at = run * (HORIZON_MIN + 1)
      let wh = 0
      let squares = 0
      for (let minute = 0; minute < HORIZON_MIN; minute++) {
        const watts = demand.mainsW[run * HORIZON_MIN + minute]
        wh += watts / 60
        squares += (watts * watts) / 60
      }
      expect(demand.mainsWh[at]).toBe(0)
      expect(demand.mainsWh[at + HORIZON_MIN] / wh).toBeCloseTo(1, 5)
      expect(demand.mainsW2h[at + HORIZON_MIN] / squares).toBeCloseTo(1, 5)
    }
    expect(demand.peakW).toBeCloseTo(Math.max(...demand.mainsW), 2)
  })

  test.each([0, 1])(
    'a block’s weights add up to its minutes, and its watts to its watt-minutes',
    (length) => {
      const { byLength } = wattBlocks(demand, 0)
      const { blockMin, blocks, starts, entry, weight } = byLength[length]
      expect(blocks).toBe(Math.floor(HORIZON_MIN / blockMin))
      for (let block = 0; block < blocks * RUNS; block++) {
        let minutes = 0
        let wattMin = 0
        for (let i = starts[block]; i < starts[block + 1]; i++) {
          minutes += weight[i]
          wattMin += weight[i] * entry[i] * TABLE_W
        }
        const from = Math.floor(block / blocks) * HORIZON_MIN + (block % blocks) * blockMin
        const expected = demand.mainsW.subarray(from, from + blockMin).reduce((sum, watts) => sum + watts, 0)
        expect(minutes).toBeCloseTo(blockMin, 2)
        expect(Math.abs(wattMin - expected)).toBeLessThan(1e-3 + 1e-4 * expected)
      }
    },
  )

  test('the entries of a run are those its minutes touch', () => {
    const { used, usedStarts } = wattBlocks(demand, 0)
    for (let run = 0; run < RUNS; run++) {
      const touched = new Set<number>()
      for (const watts of demand.mainsW.subarray(run * HORIZON_MIN, (run + 1) * HORIZON_MIN)) {
        const at = Math.max(0, watts) / TABLE_W
        touched.add(Math.floor(at))
        if (at > Math.floor(at)) touched.add(Math.floor(at) + 1)
      }
      expect([...used.subarray(usedStarts[run], usedStarts[run + 1])]).toEqual(
        [...touched].sort((a, b) => a - b),
      )
    }
  })

  test('minutes below a threshold are counted apart, the others as they are', () => {
    const belowW = 40
    const { byLength, calm } = wattBlocks(demand, belowW)
    const minutes = [...demand.mainsW]
    const above = minutes.reduce((sum, watts) => sum + (watts >= belowW - 1e-6 ? watts : 0), 0)
    for (const { blocks, starts, entry, weight } of byLength) {
      let calmMinutes = 0
      let wattMin = 0
      for (let i = 0; i < starts[blocks * RUNS]; i++)
        if (entry[i] === calm) calmMinutes += weight[i]
        else wattMin += weight[i] * entry[i] * TABLE_W
      expect(calmMinutes).toBeCloseTo(minutes.filter((watts) => watts < belowW - 1e-6).length, 0)
      expect(wattMin / above).toBeCloseTo(1, 4)
    }
  })
})

describe('tables of a detailed path', () => {
  const source = SOURCES['a lead-acid bank']
  const detail = pathDetail(source)!
  const tables = new DetailTables(detail)
  const path = middlePath(source)

  test('say what the formulas say, at any charge and draw', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1500, noNaN: true }),
        (fraction, watts) => {
          const drain = drainW(path, watts)
          expect(tables.drainW(path, detail, watts) / drain).toBeCloseTo(1, 4)
          const volts = loadedV(detail.voltage!, fraction, drain / detail.nominalV)
          expect(tables.loadedV(fraction, drain)).toBeCloseTo(volts, 2)
        },
      ),
    )
  })

  test('a plain station has none', () => expect(pathDetail(SOURCES['a station'])).toBeNull())
})
