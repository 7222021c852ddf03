import { beforeAll, describe, expect, test } from '@jest/globals'
import { demoHousehold } from '@/catalog/demoHousehold'
import { bankOf, equipmentClass } from '@/catalog/equipment'
import { arrayOf, usualController } from '@/catalog/refill'
import { searchStock } from '@/catalog/searchStock'
import { planOf } from '../../plan/planOf'
import type { Plan } from '../../plan/document'
import { restrung } from '../../refill/restrung'
import { simulate } from '../../simulation/simulate'
import { runtimeAt } from '../gates'
import { USUAL_CONSTRAINTS, candidatesOf } from './candidates'
import { type Judged, Search, onOneSource } from './search'

const stock = searchStock(120)
const controllers = stock.controllers!
const RUNS = 30

describe('the same panels joined for another source', () => {
  const two = arrayOf('panel-220', 'roof', { parallel: 2 })

  test('stay as they are where that works', () => {
    expect(
      restrung(two, equipmentClass('station-2000').source, { celsius: -20, isGuess: false }, controllers),
    ).toEqual(two)
  })

  test('go in series on a 24 V bank, with a controller for it', () => {
    const bank = bankOf('lfp-12-100', 2, 1, 'inverter-1500-24', 'bank')
    expect(restrung(two, bank, { celsius: -20, isGuess: false }, controllers)).toMatchObject({
      series: 2,
      parallel: 1,
      controller: usualController(24),
    })
  })

  test('nothing where no way is safe and works, or nothing is there to connect them to', () => {
    const bank = bankOf('lfp-12-100', 4, 1, 'inverter-3000-48', 'bank')
    const one = arrayOf('panel-100', 'small')
    expect(restrung(one, bank, { celsius: -20, isGuess: false }, controllers)).toBeNull()
    expect(
      restrung(two, equipmentClass('ups-office').source, { celsius: -20, isGuess: false }, controllers),
    ).toBeNull()
    expect(restrung(two, bank, { celsius: -20, isGuess: false }, [])).toBeNull()
  })
})

describe('a search that counts what refills', () => {
  const household = demoHousehold()
  const base = planOf(household, household.chosen.scenarioId, household.chosen.powerSystemId)
  const plan: Plan = {
    ...base,
    scenario: {
      ...base.scenario,
      sky: { kind: 'days', days: ['mixed'] },
      charging: { generator: [{ fromMin: 840, toMin: 960 }], car: [], grid: [] },
    },
  }
  const want = { ...USUAL_CONSTRAINTS, countsRefill: true }
  const small = {
    ...stock,
    batteries: stock.batteries.filter(({ name }) => /^12.8 V 100 Ah|110 Ah AGM/.test(name)),
    inverters: stock.inverters.filter(({ name }) => /1.5 kW inverter, 24/.test(name)),
  }
  let judged: Judged[]
  beforeAll(() => {
    const search = new Search([plan], want, 0.8, null, RUNS, 1, controllers)
    judged = candidatesOf(small, want).map((candidate) => search.judge(candidate))
  })

  test('every runtime is what a simulation of that candidate alone says', () => {
    const run = judged.filter(({ byScenario }) => byScenario.length > 0)
    expect(run.length).toBeGreaterThan(8)
    for (const one of run) {
      const { source } = one.candidate
      const alone = onOneSource(plan, true)
      const panels = plan.refill.panels.flatMap(
        (array) => restrung(array, source, { celsius: -34, isGuess: false }, controllers) ?? [],
      )
      const result = simulate(
        {
          ...alone,
          powerSystem: { ...plan.powerSystem, sources: [source] },
          refill: { ...plan.refill, panels },
        },
        { runs: RUNS },
      )
      const reached = Math.min(result.horizonMin, runtimeAt(result, 0.8))
      expect(Math.abs(one.runtimeMin - reached)).toBeLessThan(0.1 + 0.001 * reached)
    }
  })

  test('nothing lasts shorter than on one charge, and something lasts longer', () => {
    const bare = new Search([plan], USUAL_CONSTRAINTS, 0.8, null, RUNS)
    let longer = 0
    for (const one of judged) {
      const other = bare.judge(one.candidate)
      if (other.byScenario.length === 0) continue
      expect(one.runtimeMin).toBeGreaterThanOrEqual(other.runtimeMin - 1)
      if (one.runtimeMin > other.runtimeMin + 30) longer++
    }
    expect(longer).toBeGreaterThan(3)
  })
})
