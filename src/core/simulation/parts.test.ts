import { describe, expect, test } from '@jest/globals'
import {
  constant,
  cycling,
  exactSource,
  loadOf,
  planWith,
  scheduled,
  session,
} from '../../../tests/support/samplePlan'
import { quantity } from '../quantity/quantity'
import { chargeAt } from './chargeAt'
import { drawLoad, drawSource, middleLoad } from './chance'
import { emptyLoadValues } from './loadValues'
import { coincidences } from './coincidence'
import { compile, horizonOf } from './compile'
import { DemandGrid } from './demand'
import { runAll } from './simulate'
import { runningSum, sweepFollower, sweepStore } from './sweep'

describe('compile', () => {
  test('looks a day past the outage, two days at least', () => {
    expect([horizonOf(10), horizonOf(42), horizonOf(72.5)]).toEqual([2880, 3960, 5790])
  })

  test('sources that follow each other make one chain, others one each', () => {
    const sources = [
      exactSource({ id: 'main' }),
      exactSource({ id: 'third', afterSourceId: 'second' }),
      exactSource({ id: 'second', afterSourceId: 'main' }),
      exactSource({ id: 'ups' }),
    ]
    const plan = planWith([loadOf(constant(1)), loadOf(constant(1), { id: 'net', sourceId: 'ups' })], sources)
    const { chains } = compile(plan)
    expect(chains.map((chain) => chain.sources.map(({ id }) => id))).toEqual([
      ['main', 'second', 'third'],
      ['ups'],
    ])
    expect(chains.map((chain) => chain.loads.map(({ load }) => load.id))).toEqual([['load'], ['net']])
  })
})

describe('chance', () => {
  const plan = planWith([
    loadOf(cycling(150, 60, 45, 1.5), { id: 'a' }),
    loadOf(cycling(150, 60, 45, 1.5), { id: 'b' }),
  ])
  const [{ loads, sources, sourceKeys }] = compile(plan).chains

  test('a load draws the same whatever stands beside it, and other values than its twin', () => {
    const alone = compile(planWith([loadOf(cycling(150, 60, 45, 1.5), { id: 'b' })])).chains[0].loads[0]
    const draw = (load: typeof alone) => ({ ...drawLoad(load, 7, 3, emptyLoadValues(200)) })
    expect(draw(alone)).toEqual(draw(loads[1]))
    expect(draw(loads[0])).not.toEqual(draw(loads[1]))
  })

  test('what is exact is drawn as it is; fractions stay physical', () => {
    expect(drawSource(sources[0], sourceKeys[0], 1, 1)).toMatchObject({ capacityWh: 2000, noLoadW: 10 })
    const wild = exactSource({ efficiencyFraction: quantity(0.95, '1', 'typical', { plusMinus: 0.5 }) })
    for (let run = 0; run < 200; run++) {
      const { efficiencyFraction } = drawSource(wild, 1, 1, run)
      expect(efficiencyFraction).toBeGreaterThanOrEqual(0.05)
      expect(efficiencyFraction).toBeLessThanOrEqual(0.99)
    }
  })

  test('80 of 100 draws lie in the 80 % interval', () => {
    const averages = Array.from({ length: 2000 }, (_, run) => {
      const { runningW } = drawLoad(loads[0], 1, run, emptyLoadValues(200))
      return runningW
    })
    const inside = averages.filter((watts) => watts > 150 / 1.5 && watts < 150 * 1.5).length / averages.length
    expect(inside).toBeGreaterThan(0.77)
    expect(inside).toBeLessThan(0.83)
  })
})

describe('DemandGrid', () => {
  const gridOf = (...loads: Parameters<typeof planWith>[0]) => {
    const [{ loads: compiled }] = compile(planWith(loads), 2880).chains
    const grid = new DemandGrid(compiled, 2880)
    compiled.forEach((load, slot) => grid.write(slot, load, middleLoad(load, 1, emptyLoadValues(200))))
    const demandW = new Float64Array(2880)
    runningSum(grid.changeW, 2880, demandW)
    return { grid, demandW }
  }

  test('demand by the minute is the sum of what is on in it', () => {
    const { demandW } = gridOf(
      loadOf(constant(20), { id: 'a' }),
      loadOf(scheduled(60, '20:00', '22:00'), { id: 'b' }),
    )
    expect([demandW[119], demandW[120], demandW[239], demandW[240]].map(Math.round)).toEqual([20, 80, 80, 20])
  })

  test('a session of half a minute takes half its watts in its minute', () => {
    const { demandW, grid } = gridOf(loadOf(session(1000, 0.5, ['20:00'])))
    expect(demandW[120]).toBeCloseTo(500, 9)
    expect(demandW[121]).toBeCloseTo(0, 9)
    expect([grid.lists[0].onMin(0), grid.lists[0].offMin(0)]).toEqual([120, 120.5])
    expect(grid.energyWh(0, 120.25)).toBeCloseTo(1000 / 240, 9)
  })

  test('a load that is always on, and one that never is', () => {
    const { grid, demandW } = gridOf(
      loadOf(cycling(100, 100, 30), { id: 'a' }),
      loadOf(cycling(100, 0, 30), { id: 'b' }),
    )
    expect(demandW[1234]).toBeCloseTo(100, 9)
    expect([grid.energyWh(0, 60), grid.energyWh(1, 60)]).toEqual([100, 0])
  })
})

describe('sweeps', () => {
  const path = { capacityWh: 1000, floorWh: 100, noLoadW: 10, batteryWPerOutletW: 1, detail: null }
  const sink = (minutes: number) => ({
    fractions: new Float32Array(Math.floor(minutes / 15) + 1),
    runs: 1,
    run: 0,
  })

  test('the floor is reached in the minute it is, with its fraction', () => {
    const change = new Float64Array(2000)
    change[0] = 90
    const curve = sink(1000)
    const minutes = (minuteW: Float64Array) => minuteW.fill(90)
    expect(sweepStore(change, 1000, path, 1000, curve, minutes)).toBeCloseTo(540, 9)
    expect(curve.fractions[4]).toBeCloseTo(0.9, 6)
    expect(curve.fractions[40]).toBeCloseTo(0.1, 6)
  })

  test('a store below its floor at the start gives nothing', () => {
    const curve = sink(60)
    expect(sweepStore(new Float64Array(100), 60, path, 50, curve, () => {})).toBe(0)
    expect(curve.fractions[2]).toBeCloseTo(0.05, 6)
  })

  test('within a step the watts of each minute count, not the mean of the step', () => {
    const change = new Float64Array(100)
    change[0] = 600
    const curve = sink(60)
    // 1,800 W for five minutes, then nothing
    const minutes = (minuteW: Float64Array) => minuteW.fill(0).fill(1800, 0, 5)
    const idle = { ...path, noLoadW: 0, floorWh: 900 }
    expect(sweepStore(change, 60, idle, 1000, curve, minutes)).toBeCloseTo(100 / 30, 9)
  })

  test('a follower waits, then carries the rest of the minute it is called in', () => {
    const demand = new Float64Array(1000).fill(50)
    const curve = sink(1000)
    const end = sweepFollower(demand, 1000, path, 1000, curve, 90.5)
    expect(curve.fractions[6]).toBe(1)
    expect(end).toBeCloseTo(90.5 + 900, 9)
  })
})

describe('coincidences', () => {
  const setsOf = (...loads: Parameters<typeof planWith>[0]) => {
    const plan = planWith(loads)
    return coincidences(compile(plan).chains[0].loads, plan.scenario.startsAt, 1440).map((set) => set.join())
  }

  test('what may never meet is in no set together; a set within another is left out', () => {
    const base = loadOf(constant(1), { id: 'a' })
    const early = loadOf(scheduled(1, '19:00', '20:00'), { id: 'b' })
    const late = loadOf(scheduled(1, '21:00', '22:00'), { id: 'c' })
    expect(setsOf(base, early, late).sort()).toEqual(['0,1', '0,2'])
  })

  test('a session whose length is uncertain reaches as far as it may be drawn', () => {
    const kettle = loadOf(session(1, 10, ['20:00'], 2), { id: 'a' })
    const lamp = loadOf(scheduled(1, '20:30', '21:00'), { id: 'b' })
    expect(setsOf(kettle, lamp)).toEqual(['0,1'])
  })
})

test('the state of charge between two points of the curve is on the line between them', () => {
  const all = runAll(planWith([loadOf(constant(90))]), { runs: 5 })
  const [moment] = chargeAt(all, [7.5 + 60])
  expect(moment.sources.main.p50).toBeCloseTo(1 - (67.5 / 60) * (110 / 2000), 5)
  expect(chargeAt(all, [1e6])[0].sources.main.p50).toBeCloseTo(0, 6)
})
