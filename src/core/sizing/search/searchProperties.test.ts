import { told } from '../../quantity/told'
import { said } from '../../../../tests/support/saidTold'
import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { searchStock } from '@/catalog/searchStock'
import { mixedLoads, planWith } from '../../../../tests/support/samplePlan'
import { USUAL_CONSTRAINTS, candidatesOf, outBeforehand } from './candidates'
import { madeOrBuilt } from './madeOrBuilt'
import { GOALS, type Judged, Search, frontOf, nearMisses, ranked } from './search'

const stock = searchStock(120)
const candidates = candidatesOf(stock, USUAL_CONSTRAINTS)
const plan = planWith(
  mixedLoads(6).map((load) => ({ ...load, volts: 120 as const })),
  undefined,
  18,
)
const searched = (want = USUAL_CONSTRAINTS, confidence = 0.8, hours: number | null = null) => {
  const search = new Search([plan], want, confidence, hours, 12)
  return candidates.filter((_, i) => i % 6 === 0).map((candidate) => search.judge(candidate))
}
const usual = searched()
const winnerPrice = (judged: Judged[]) => ranked(judged, 'cheapest')[0]?.candidate.price ?? Infinity

describe('asking for more never makes the answer better', () => {
  test('a smaller budget, a lighter piece, 240 V', () => {
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 6000 }), fc.integer({ min: 3, max: 60 }), (budget, pieceKg) => {
        for (const want of [
          { ...USUAL_CONSTRAINTS, budget },
          { ...USUAL_CONSTRAINTS, pieceKg },
          { ...USUAL_CONSTRAINTS, gives240V: true },
        ]) {
          const kept = usual.filter(
            ({ candidate, why }) => why === null && outBeforehand(candidate, want) === null,
          )
          expect(winnerPrice(kept)).toBeGreaterThanOrEqual(winnerPrice(usual))
          if (want.budget !== null)
            for (const { candidate } of kept) expect(candidate.price).toBeLessThanOrEqual(budget)
        }
      }),
    )
  })

  test('more hours, and more confidence', () => {
    const prices = [2, 8, 18, 30].map((hours) => winnerPrice(searched(USUAL_CONSTRAINTS, 0.8, hours)))
    expect(prices).toEqual([...prices].sort((a, b) => a - b))
    const surer = searched(USUAL_CONSTRAINTS, 0.95)
    usual.forEach((one, i) => expect(surer[i].runtimeMin).toBeLessThanOrEqual(one.runtimeMin + 1e-6))
  })
})

describe('more battery never lasts shorter', () => {
  test('stations by their expansions, banks by their rows', () => {
    const search = new Search([plan], USUAL_CONSTRAINTS, 0.8, null, 12)
    const family = (test: RegExp) =>
      candidates
        .filter(({ name }) => test.test(name))
        .sort((a, b) => a.source.capacityWh.value - b.source.capacityWh.value)
        .map((candidate) => search.judge(candidate).runtimeMin)
    for (const runtimes of [
      family(/^2 kWh station/),
      family(/^2S\dP 12 V 110 Ah AGM, 1.5 kW inverter, 24 V/),
      family(/^1S\dP 12.8 V 100 Ah LiFePO4, 1.5 kW inverter, 12 V$/),
    ]) {
      expect(runtimes.length).toBeGreaterThan(2)
      runtimes.forEach((minutes, i) => expect(minutes).toBeGreaterThanOrEqual(runtimes[i - 1] ?? 0))
    }
  })
})

/** Candidates made up of price and hours alone. */
const judgedOf = fc
  .array(
    fc.record({
      price: fc.option(fc.integer({ min: 0, max: 50 }), { nil: null }),
      runtimeMin: fc.integer({ min: 1, max: 40 }),
      carries: fc.boolean(),
      missedBy: fc.integer({ min: 0, max: 9 }),
      pieces: fc.integer({ min: 1, max: 9 }),
      totalKg: fc.option(fc.integer({ min: 1, max: 90 }), { nil: null }),
    }),
    { maxLength: 40 },
  )
  .map((list) =>
    list.map(({ price, runtimeMin, carries, missedBy, pieces, totalKg }, i): Judged => ({
      candidate: { ...candidates[0], id: `c${i}`, price, pieces, totalKg },
      carries,
      runtimeMin,
      isBeyond: false,
      byScenario: [],
      why: carries && missedBy === 0 ? null : told('search.both'),
      missedBy,
    })),
  )

describe('lists of what was found, whatever was found', () => {
  test('the front rises in price and hours, and beats or equals every other that carries', () => {
    fc.assert(
      fc.property(judgedOf, (all) => {
        const front = frontOf(all)
        front.forEach((one, i) => {
          if (i === 0) return
          expect(one.candidate.price).toBeGreaterThan(front[i - 1].candidate.price!)
          expect(one.runtimeMin).toBeGreaterThan(front[i - 1].runtimeMin)
        })
        for (const { candidate, carries, runtimeMin } of all)
          if (carries && candidate.price !== null)
            expect(
              front.some((one) => one.candidate.price! <= candidate.price! && one.runtimeMin >= runtimeMin),
            ).toBe(true)
      }),
    )
  })

  test('every goal puts its best first, and only what holds', () => {
    fc.assert(
      fc.property(judgedOf, fc.constantFrom(...GOALS), (all, goal) => {
        const found = ranked(all, goal)
        expect(found).toHaveLength(all.filter(({ why }) => why === null).length)
        const cost = ({ candidate }: Judged) =>
          goal === 'cheapest'
            ? (candidate.price ?? Infinity)
            : goal === 'lightest'
              ? (candidate.totalKg ?? Infinity)
              : candidate.pieces
        for (const one of found) expect(cost(found[0])).toBeLessThanOrEqual(cost(one))
      }),
    )
  })

  test('near misses: none that holds, the nearest first, no more than asked', () => {
    fc.assert(
      fc.property(judgedOf, fc.integer({ min: 0, max: 10 }), (all, count) => {
        const misses = nearMisses(all, count)
        expect(misses.length).toBe(Math.min(count, all.filter(({ why }) => why !== null).length))
        misses.forEach(({ missedBy }, i) =>
          expect(missedBy).toBeGreaterThanOrEqual(misses[i - 1]?.missedBy ?? 0),
        )
      }),
    )
  })
})

describe('ready-made against built of parts', () => {
  const of = (name: RegExp) => madeOrBuilt(candidates.find((one) => name.test(one.name))!.source)

  test('a station is plugged in; a bank takes a day, more with 240 V and more batteries', () => {
    const station = of(/^2 kWh station$/)
    const small = of(/^1S1P 12.8 V 100 Ah LiFePO4, 1 kW/)
    const large = of(/^2S4P 12.8 V 100 Ah LiFePO4, 3 kVA/)
    expect(station.workH).toBeLessThan(1)
    expect(small.workH).toBeGreaterThan(5)
    expect(large.workH).toBeGreaterThan(small.workH + 4)
    expect(said(station.warranty)).toBe('5 years on the whole.')
    expect(said(large.skill)).toMatch(/licensed electrician/)
    expect(said(small.skill)).not.toMatch(/licensed electrician/)
  })
})
