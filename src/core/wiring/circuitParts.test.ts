import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { BANK_FITTINGS } from '@/catalog/bankFittings'
import { bankOf } from '@/catalog/equipment'
import { INVERTERS } from '@/catalog/inverters'
import { WIRING_TABLES } from '@/catalog/wires'
import { constant, loadOf, planWith } from '../../../tests/support/samplePlan'
import { circuitOf } from './batteryCircuit'
import { circuitParts } from './circuitParts'
import { usualPrice } from './partPrices'
import { partId, partsOf } from './parts'

const bank = (parallel: number, inverterId = 'inverter-1500-12') => ({
  ...bankOf('lfp-12-200', 1, parallel, inverterId, 'bank'),
  id: 'main',
})

describe('what a battery circuit asks for', () => {
  test('is what the parts list of the household asks for', () => {
    const plan = planWith([loadOf(constant(10))], [bank(3)])
    const parts = circuitParts(circuitOf(bank(3), null, WIRING_TABLES, plan.household.units.wire))
    expect(parts.map(({ kind }) => kind)).toEqual([
      'battery-cable',
      'lugs',
      'battery-fuse',
      'disconnect',
      'busbars',
    ])
    const listed = partsOf(plan, WIRING_TABLES)
    for (const part of parts)
      expect(listed.find(({ id }) => id === partId(part))).toMatchObject({
        count: part.count,
        sourceId: 'main',
      })
  })
  test('what is there is asked for no more', () => {
    const wiring = {
      powerSystemId: 'system',
      sourceId: 'main',
      cable: { areaMm2: 107.2, lengthM: 0.5 },
      fuse: { ratedA: 200, interruptingA: 20_000 },
      hasDisconnect: true,
    }
    expect(circuitParts(circuitOf(bank(1), wiring, WIRING_TABLES, 'AWG'))).toEqual([])
  })
  test('a larger inverter of the same volts never costs less to wire', () => {
    const inverters = INVERTERS.filter(({ inverter }) => inverter.dcVolts < 15)
    const cost = (id: string) => {
      const circuit = circuitOf(bank(1, id), null, WIRING_TABLES, 'mm²')
      const sum = circuitParts(circuit).reduce(
        (all, part) => all + part.count * usualPrice(part, circuit.amps, BANK_FITTINGS.prices),
        0,
      )
      return { amps: circuit.amps, sum, isOne: circuit.least !== null }
    }
    fc.assert(
      fc.property(fc.constantFrom(...inverters), fc.constantFrom(...inverters), (one, other) => {
        const [small, large] = [cost(one.id), cost(other.id)].sort((a, b) => a.amps - b.amps)
        if (small.isOne && large.isOne) expect(large.sum).toBeGreaterThanOrEqual(small.sum)
      }),
    )
  })
})
