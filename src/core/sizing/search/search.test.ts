import { beforeAll, describe, expect, test } from '@jest/globals'
import { candidateName } from '@/words/candidateName'
import { said } from '../../../../tests/support/saidTold'
import { demoHousehold } from '@/catalog/demoHousehold'
import { searchStock } from '@/catalog/searchStock'
import { tries } from '../../../../tests/support/counts'
import { mixedLoads, planWith } from '../../../../tests/support/samplePlan'
import type { Plan } from '../../plan/document'
import { planOf } from '../../plan/planOf'
import type { SimulationResult } from '../../simulation/result'
import { simulate } from '../../simulation/simulate'
import { gatesOf, runtimeAt } from '../gates'
import { NO_CONSTRAINTS, candidatesOf, outBeforehand } from './candidates'
import { type Judged, Search, frontOf, nearMisses, onOneSource, ranked } from './search'

const stock = searchStock(120)
const RUNS = tries(50)

const withSource = (plan: Plan, judged: Judged): Plan => ({
  ...onOneSource(plan),
  powerSystem: { ...plan.powerSystem, sources: [judged.candidate.source] },
})

describe('candidates', () => {
  const all = candidatesOf(stock, NO_CONSTRAINTS)

  test('stations with each number of expansions, and every bank whose volts fit its inverter', () => {
    const names = all.map(candidateName)
    expect(names).toContain('2 kWh station with 2 expansions')
    expect(names).toContain('2S1P 12.8 V 200 Ah LiFePO4, 3 kVA inverter-charger, 24 V, 120/240 V')
    expect(names.filter((name) => name.startsWith('1S') && name.includes('12 V 110 Ah AGM'))).not.toContain(
      '1S1P 12 V 110 Ah AGM, 1.5 kW inverter, 24 V',
    )
    expect(new Set(all.map(({ id }) => id)).size).toBe(all.length)
    expect(all.length).toBeGreaterThan(200)
  })

  test('what is owned costs nothing more and is not expanded', () => {
    const own = { ...stock.equipment.find(({ id }) => id === 'station-2000')!, id: 'mine', owned: true }
    const found = candidatesOf({ ...stock, equipment: [own], batteries: [] }, NO_CONSTRAINTS)
    expect(found).toMatchObject([{ id: 'mine', price: 0, owned: true }])
  })

  test('each constraint says what it is out for', () => {
    const bank = all.find(({ name }) => name.includes('flooded'))!
    const station = all.find(({ id }) => id === 'station-3600')!
    expect(outBeforehand(station, { ...NO_CONSTRAINTS, budget: 3000 })).toMatchObject({
      why: { what: 'search.overBudget', with: { over: 100 } },
      missedBy: 100 / 3000,
    })
    expect(said(outBeforehand(station, { ...NO_CONSTRAINTS, pieceKg: 30 })!.why)).toBe('a piece weighs 45 kg')
    expect(said(outBeforehand(bank, { ...NO_CONSTRAINTS, allowsFlooded: false })!.why)).toMatch(/gas/)
    const cheap = all.find(({ name }) => name.includes('modified sine'))!
    expect(said(outBeforehand(cheap, { ...NO_CONSTRAINTS, allowsModifiedSine: false })!.why)).toMatch(
      /harms motors/,
    )
    expect(said(outBeforehand(bank, { ...NO_CONSTRAINTS, gives240V: true })!.why)).toBe('gives no 240 V')
    expect(outBeforehand(station, NO_CONSTRAINTS)).toBeNull()
  })
})

describe('the search', () => {
  const household = demoHousehold()
  const plan = planOf(household, household.chosen.scenarioId, household.chosen.powerSystemId)
  const small = {
    ...stock,
    batteries: stock.batteries.filter(({ name }) => /^12.8 V 100 Ah|110 Ah/.test(name)),
    inverters: stock.inverters.filter(({ name }) => /1.5 kW|3 kVA/.test(name)),
  }
  let judged: Judged[]
  beforeAll(() => {
    const search = new Search([plan], NO_CONSTRAINTS, 0.8, null, RUNS)
    judged = candidatesOf(small, NO_CONSTRAINTS).map((candidate) => search.judge(candidate))
  })

  const known = new Map<Judged, SimulationResult>()
  /** A candidate simulated alone. */
  function resultOf(one: Judged): SimulationResult {
    if (!known.has(one)) known.set(one, simulate(withSource(plan, one), { runs: RUNS }))
    return known.get(one)!
  }

  test('every runtime is what a simulation of that candidate alone says', () => {
    const run = judged.filter(({ byScenario }) => byScenario.length > 0)
    expect(run.length).toBeGreaterThan(20)
    for (const one of run) {
      const result = resultOf(one)
      const alone = Math.min(result.horizonMin, runtimeAt(result, 0.8))
      expect(Math.abs(one.runtimeMin - alone)).toBeLessThan(0.05 + 0.0005 * alone)
    }
  })

  test('the winner is confirmed by brute force: of all that hold when simulated alone, the cheapest', () => {
    const holding = judged.filter((one) => {
      const alone = withSource(plan, one)
      const result = resultOf(one)
      const gates = gatesOf(alone, result)
      const reached = runtimeAt(result, 0.8)
      return (
        gates.carries.verdict === 'holds' &&
        gates.starts.verdict === 'holds' &&
        result.leftOut.every(({ why }) => why !== 'voltage') &&
        reached >= result.outageMin
      )
    })
    const cheapest = Math.min(...holding.map(({ candidate }) => candidate.price!))
    const [winner] = ranked(judged, 'cheapest')
    expect(winner.candidate.price).toBe(cheapest)
    expect(ranked(judged, 'cheapest')).toHaveLength(holding.length)
    const lightest = Math.min(...holding.map(({ candidate }) => candidate.totalKg!))
    expect(ranked(judged, 'lightest')[0].candidate.totalKg).toBe(lightest)
    expect(ranked(judged, 'fewest parts')[0].candidate.pieces).toBe(
      Math.min(...holding.map(({ candidate }) => candidate.pieces)),
    )
  })

  test('the front: nothing on it is beaten, and everything off it is', () => {
    const front = frontOf(judged)
    expect(front.length).toBeGreaterThan(1)
    const beats = (a: Judged, b: Judged) =>
      a.candidate.price! <= b.candidate.price! &&
      a.runtimeMin >= b.runtimeMin &&
      (a.candidate.price! < b.candidate.price! || a.runtimeMin > b.runtimeMin)
    for (const one of judged.filter(({ carries }) => carries)) {
      if (front.includes(one)) expect(judged.some((other) => other.carries && beats(other, one))).toBe(false)
      else
        expect(
          front.some(
            (other) =>
              beats(other, one) ||
              (other.candidate.price === one.candidate.price && other.runtimeMin === one.runtimeMin),
          ),
        ).toBe(true)
    }
  })

  test('near misses say why, nearest first', () => {
    const misses = nearMisses(judged, 5)
    expect(misses.every(({ why }) => why !== null)).toBe(true)
    for (let i = 1; i < misses.length; i++)
      expect(misses[i].missedBy).toBeGreaterThanOrEqual(misses[i - 1].missedBy)
  })

  test('several scenarios: the worst of them decides', () => {
    const plans = household.scenarios.map(({ id }) => planOf(household, id, household.chosen.powerSystemId))
    const [candidate] = candidatesOf(small, NO_CONSTRAINTS).filter(({ id }) => id === 'station-3600')
    const all = new Search(plans, NO_CONSTRAINTS, 0.8, null, RUNS).judge(candidate)
    const each = plans.map((one) => new Search([one], NO_CONSTRAINTS, 0.8, null, RUNS).judge(candidate))
    expect(all.runtimeMin).toBe(Math.min(...each.map(({ runtimeMin }) => runtimeMin)))
    expect(all.why === null).toBe(each.every(({ why }) => why === null))
  })

  test('hours asked for take the place of the outage’s length', () => {
    const [candidate] = candidatesOf(small, NO_CONSTRAINTS).filter(({ id }) => id === 'station-3600')
    const short = planWith(mixedLoads(6), undefined, 12)
    const lightly = { ...short, loads: short.loads.filter((_, i) => i % 3 === 0) }
    expect(new Search([lightly], NO_CONSTRAINTS, 0.8, 0.1, RUNS).judge(candidate).why).toBeNull()
    expect(new Search([lightly], NO_CONSTRAINTS, 0.8, 300, RUNS).judge(candidate).why?.what).toBe(
      'search.short',
    )
  })
})
