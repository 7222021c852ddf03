import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { told } from '../quantity/told'
import { said } from '../../../tests/support/saidTold'
import { demoHousehold } from '@/catalog/demoHousehold'
import { freshId } from '@/ui/household/edits'
import { isBuiltIn, withoutBuiltInIds } from './builtInIds'
import { type Household, readHousehold } from './household'
import { planOf } from './planOf'

const BUILT_IN = Object.getOwnPropertyNames(Object.prototype)
const OF_CONSTRUCTORS = Object.getOwnPropertyNames(Object).concat(
  Object.getOwnPropertyNames(Function.prototype),
)
const anyId = fc.constantFrom(...BUILT_IN, ...OF_CONSTRUCTORS, 'freezer')

/** The sample with ids of its own put in the place of the first scenario, load, power system and source. */
function renamed(ids: { scenario: string; load: string; system: string; source: string }): Household {
  const household = structuredClone(demoHousehold())
  const { scenarios, loads, powerSystems } = household
  scenarios[0].id = ids.scenario
  loads[0].id = ids.load
  loads[0].standings = Object.fromEntries([[ids.scenario, { on: false, tier: 'optional' as const }]])
  powerSystems[0].id = ids.system
  powerSystems[0].sources.push({ ...powerSystems[0].sources[0], id: ids.source, name: 'Second' })
  household.hangsOn = Object.fromEntries([[ids.system, Object.fromEntries([[ids.load, ids.source]])]])
  household.chosen = { scenarioId: ids.scenario, powerSystemId: ids.system }
  return household
}

const someIds = fc.record({ scenario: anyId, load: anyId, system: anyId, source: anyId })
const members = () =>
  JSON.stringify([Object, Object.prototype, Function.prototype].map((one) => Object.getOwnPropertyNames(one)))

describe('ids that every object answers to', () => {
  test('are refused where they come from outside, and change nothing of the program', () => {
    const before = members()
    fc.assert(
      fc.property(someIds, (ids) => {
        const reading = readHousehold(JSON.parse(JSON.stringify(renamed(ids))))
        const isBad = Object.values(ids).some(isBuiltIn)
        expect(reading.ok).toBe(!isBad)
        if (!reading.ok)
          expect(reading.faults.map(({ message }) => said(message)).join()).toContain(
            'is a word the program needs itself',
          )
        else {
          const [first] = planOf(reading.household).loads
          expect(first).toMatchObject({ id: ids.load, on: false, sourceId: ids.source })
        }
        expect(members()).toBe(before)
      }),
      { numRuns: 40 },
    )
  })

  test('of a household that an older release kept get another name, everywhere the same', () => {
    fc.assert(
      fc.property(someIds, (ids) => {
        const reading = readHousehold(withoutBuiltInIds(JSON.parse(JSON.stringify(renamed(ids)))))
        if (!reading.ok) throw new Error(said(reading.faults[0].message))
        const plan = planOf(reading.household)
        expect(plan.loads[0]).toMatchObject({
          on: false,
          tier: 'optional',
          sourceId: plan.powerSystem.sources[1].id,
        })
        expect(plan.loads[0].id).toBe(isBuiltIn(ids.load) ? `${ids.load}-1` : ids.load)
      }),
      { numRuns: 40 },
    )
    expect(withoutBuiltInIds(demoHousehold())).toEqual(demoHousehold())
  })

  test('are never looked up in what a record inherits', () => {
    const household = {
      ...renamed({ scenario: 'constructor', load: 'valueOf', system: 'toString', source: 's' }),
      hangsOn: {},
    }
    household.loads = household.loads.map((load) => ({ ...load, standings: {} }))
    const { loads } = planOf(household)
    expect(loads.every(({ on, tier }) => on === true && tier === 'critical')).toBe(true)
  })

  test('are never made', () => {
    for (const name of BUILT_IN) expect(isBuiltIn(freshId(name, []))).toBe(false)
    expect(freshId('Constructor', [])).toBe('constructor-2')
    expect(freshId('Keys', [])).toBe('keys')
  })
})

describe('text that cannot be stored', () => {
  test('half a character is told with its field, wherever it stands', () => {
    const household = structuredClone(demoHousehold())
    household.loads[2].note = 'a \ud83d b'
    expect(readHousehold(household)).toEqual({
      ok: false,
      faults: [{ path: 'loads[2].note', message: told('document.halfACharacter') }],
    })
    household.loads[2].note = 'a 🔋 b'
    expect(readHousehold(household).ok).toBe(true)
    expect(readHousehold({ ...household, ['\udc00']: 1 })).toMatchObject({
      ok: false,
      faults: [{ path: 'document' }],
    })
  })

  test('a name is one line', () => {
    const household = structuredClone(demoHousehold())
    household.profile.name = ' Home\r\nX-Header: 1\u0007\u2028end '
    const reading = readHousehold(household)
    expect(reading.ok && reading.household.profile.name).toBe('Home X-Header: 1 end')
  })
})
