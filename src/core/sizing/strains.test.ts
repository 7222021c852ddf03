import { describe, expect, test } from '@jest/globals'
import { equipmentClass, sourceOf } from '@/catalog/equipment'
import { cycling, constant, loadOf, planWith, session } from '../../../tests/support/samplePlan'
import type { Load, Source } from '../plan/schema'
import { quantity } from '../quantity/quantity'
import { evaluate } from './evaluate'
import { pricePerLifeKwh, outagesOfFood } from './money'
import { carryStrains, hotShare, startStrains } from './strains'

const split = sourceOf(equipmentClass('station-3600'), 'main')
const withStart = (load: Load, watts: number, seconds: number): Load => ({
  ...load,
  start: { watts: quantity(watts, 'W', 'measured'), seconds: quantity(seconds, 's', 'measured') },
})
const strains = (source: Source, loads: Load[]) => carryStrains(source, loads, planWith(loads, [source]))

describe('what a source is asked to carry', () => {
  test('per leg: 120 V loads on one leg strain it though the whole has room', () => {
    const loads = [
      loadOf(constant(1000), { id: 'a' }),
      loadOf(constant(900), { id: 'b' }),
      loadOf(constant(200), { id: 'c', leg: 'B' }),
    ]
    expect(strains(split, loads)[0]).toMatchObject({ part: 'leg A', neededW: 1900, limitW: 1800 })
    const moved = loads.map((load) => (load.id === 'b' ? { ...load, leg: 'B' as const } : load))
    expect(strains(split, moved)[0].neededW).toBeLessThanOrEqual(strains(split, moved)[0].limitW)
  })

  test('a 240 V load takes half its watts from each leg', () => {
    const pump = loadOf(constant(2000), { volts: 240, leg: 'both' })
    const legs = strains(split, [pump]).filter(({ part }) => part.startsWith('leg'))
    expect(legs.map(({ neededW }) => neededW)).toEqual([1000, 1000])
  })

  test('per outlet: one load over what a socket gives', () => {
    const station = sourceOf(equipmentClass('station-1500'), 'main')
    const weak = { ...station, outfit: { ...station.outfit!, outlets: { count: 2, ampsEach: 10 } } }
    expect(strains(weak, [loadOf(session(1300, 5, ['18:00']))])[0]).toMatchObject({
      part: 'one outlet',
      limitW: 1200,
    })
  })

  test('direct current has its own limit and spares the inverter', () => {
    const station = sourceOf(equipmentClass('station-1000'), 'main')
    const [worst, ...rest] = strains(station, [loadOf(constant(300), { volts: 12 })])
    expect(worst).toMatchObject({ part: 'direct current', neededW: 300, limitW: 220 })
    expect(rest.every(({ neededW }) => neededW === 0)).toBe(true)
  })

  test('a converter and a lead count at the socket as they do in the runs', () => {
    const station = sourceOf(equipmentClass('station-1000'), 'main')
    const camera = loadOf(constant(200), { id: 'camera', volts: 12 })
    const plan = planWith([camera], [station])
    const wiring = { loads: [{ loadId: 'camera', deviceV: 24, converterFraction: 0.8 }] }
    const [worst] = carryStrains(station, [camera], { ...plan, wiring } as typeof plan)
    expect(worst).toMatchObject({ part: 'direct current', neededW: 250, limitW: 220 })
    expect(carryStrains(station, [camera], plan)[0].neededW).toBe(200)
  })

  test('heat where it stands lowers what it gives', () => {
    const station = sourceOf(equipmentClass('station-1000'), 'main')
    const plan = planWith([loadOf(constant(900))], [station])
    const hot = { ...plan, scenario: { ...plan.scenario, indoorC: 45 } }
    expect(hotShare(station, plan)).toBe(1)
    expect(hotShare(station, hot)).toBeCloseTo(0.8, 6)
    expect(evaluate(hot, { runs: 10 }).gates.carries).toMatchObject({
      verdict: 'short',
      part: 'in this heat',
      limitW: expect.closeTo(800, 6),
    })
  })
})

describe('what a source is asked to start', () => {
  test('a start longer than its surge is held against its continuous watts', () => {
    const station = sourceOf(equipmentClass('station-1000'), 'main')
    const quick = withStart(loadOf(cycling(300, 100, 40)), 1500, 0.3)
    const slow = withStart(loadOf(cycling(300, 100, 40)), 1500, 3)
    const of = (load: Load) => startStrains(station, [load], planWith([load], [station]))[0]
    expect(of(quick)).toMatchObject({ part: '', neededW: 1500, limitW: 2000 })
    expect(of(slow)).toMatchObject({ part: 'a long start', neededW: 1500, limitW: 1000 })
  })

  test('a hybrid inverter without the grid: dryer narrowly carried, heater over, compressor not started (common practice, no source)', () => {
    const hybrid = sourceOf(equipmentClass('hybrid-5000'), 'main', 230)
    const judged = (watts: number, startW?: number) => {
      const bare = loadOf(session(watts, 5, ['18:05']), { volts: 230 })
      const load = startW ? withStart(bare, startW, 0.5) : bare
      return evaluate(planWith([load], [hybrid], 12), { runs: 20 })
    }
    const dryer = judged(1800)
    expect(dryer.gates.carries.verdict).toBe('holds')
    expect(dryer.gates.carries.limitW - dryer.gates.carries.neededW).toBeLessThan(300)
    // five minutes of it barely dent 10 kWh
    expect(dryer.result.loads[0].suppliedWh).toBeLessThan(0.02 * hybrid.capacityWh.value)
    expect(judged(2240).gates.carries.verdict).toBe('short')
    const compressor = judged(1200, 1200 * 5).gates
    expect([compressor.carries.verdict, compressor.starts.verdict]).toEqual(['holds', 'short'])
  })
})

describe('money', () => {
  test('a usable kWh over the life: price ÷ (cycles × what reaches the outlets)', () => {
    const station = sourceOf(equipmentClass('station-2000'), 'main')
    const price = pricePerLifeKwh(station)!
    expect(price).toBeGreaterThan(1500 / (3000 * 2.048))
    expect(price).toBeLessThan(1500 / (3000 * 2.048 * 0.7))
    expect(pricePerLifeKwh({ ...station, price: null })).toBeNull()
    expect(outagesOfFood(900, 300)).toBe(3)
    expect(outagesOfFood(900, undefined)).toBeNull()
  })
})
