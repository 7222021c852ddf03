import { describe, expect, test } from '@jest/globals'
import { bankOf } from '@/catalog/equipment'
import { demoHousehold } from '@/catalog/demoHousehold'
import { WIRING_TABLES } from '@/catalog/wires'
import { planOf } from '@/core/plan/planOf'
import type { Working } from '../workings/working'
import type { RiskClock } from '@/core/risk/riskClock'
import { riskClocks } from '@/core/risk/riskClocks'
import { simulate } from '@/core/simulation/simulate'
import { batteryCircuits } from '@/core/wiring/batteryCircuit'
import { chargerBudgets } from '@/core/wiring/chargerBudget'
import { connectionsOf } from '@/core/wiring/connections'
import { leadOf } from '@/core/wiring/lead'
import { workings } from '../en/hookupWorkings'
import { constant, loadOf, planWith } from '../../../tests/support/samplePlan'
import { clocksWorking } from './clockWorkings'
import { cordWorking, leadWorking, sourceWorking } from './hookupWorkings'

const demo = planOf(demoHousehold())
const saying = { units: demo.household.units, startsAt: demo.scenario.startsAt }
const resultOf = ({ steps }: Working, label: string) => steps.find((step) => step.label === label)?.result
const whole = (working: Working) =>
  expect(JSON.stringify(working)).not.toMatch(/undefined|NaN|\bnull\b|Infinity|[{][a-z]+[}]/)

describe('workings of what is connected', () => {
  test('a cord’s figures are those of its verdict', () => {
    for (const use of connectionsOf(demo, WIRING_TABLES).cords) {
      const working = cordWorking(use, WIRING_TABLES.wires, saying)
      whole(working)
      if (use.verdict)
        expect(resultOf(working, 'Lost while it runs')).toContain(
          `${Math.round(use.verdict.runningDrop * 100)} %`,
        )
    }
  })
  test('a flooded bank’s air is that of the published example: 2.4 m³/h', () => {
    const base = bankOf('flooded-12-100', 2, 2, 'inverter-3000-24', 'main')
    const plan = planWith([loadOf(constant(10))], [base])
    const [circuit] = batteryCircuits(plan, WIRING_TABLES)
    const working = sourceWorking(base.name, circuit, undefined, saying)
    whole(working)
    expect(resultOf(working, 'Air it needs')).toMatch(/^2\.4 m³ an hour/)
    expect(resultOf(working, 'The least fuse')).toBe(`${circuit.leastFuseA} A`)
  })
  test('a lead with its converter, and a charger that feeds', () => {
    const router = loadOf(constant(24), { id: 'r', name: 'Router', volts: 12 })
    const wiring = { loadId: 'r', deviceV: 19, lead: { areaMm2: 0.823, lengthM: 2 } }
    const working = leadWorking('Router', leadOf(router, wiring, WIRING_TABLES.wires)!, 24, 0.9, saying)
    whole(working)
    expect(resultOf(working, 'Amps')).toBe('2.2 A')
    const bank = { ...bankOf('lfp-12-100', 1, 1, null, 'main'), id: 'main' }
    const plan = planWith([router], [{ ...bank, bank: { ...bank.bank!, chargerA: 10 } }])
    whole(sourceWorking('Bank', null, chargerBudgets(plan)[0], saying))
  })
  test('every clock has its rule, whatever is lost', () => {
    const result = simulate(demo, { runs: 20 })
    const clocks = riskClocks(demo, result)
    const working = clocksWorking(clocks, demo)
    whole(working)
    expect(working.steps).toHaveLength(clocks.length)
    const kinds = Object.keys(workings.clocks.formula) as RiskClock['kind'][]
    const lost = { early: 60, likely: 90, late: Infinity }
    whole(
      clocksWorking(
        kinds.flatMap((kind) =>
          [lost, null].map((one) => ({
            kind,
            loadId: null,
            name: 'It',
            powerEnds: one && lost,
            lost: one,
            basis: 'own' as const,
            missing: null,
          })),
        ),
        demo,
      ),
    )
  })
})
