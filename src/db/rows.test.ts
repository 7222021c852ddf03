import { describe, expect, test } from '@jest/globals'
import { demoHousehold } from '@/catalog/demoHousehold'
import { householdOf, rowsOf } from './rows'

describe('a household and its rows', () => {
  test('come back as they were', () => {
    const household = demoHousehold()
    expect(householdOf(rowsOf('h', household))).toEqual(household)
  })

  test('rows of an older release with a built-in name for an id write onto nothing and can be read', () => {
    const household = structuredClone(demoHousehold())
    household.powerSystems[0].id = 'constructor'
    household.loads[0].id = 'keys'
    household.chosen.powerSystemId = 'constructor'
    household.hangsOn = Object.fromEntries([
      ['constructor', { keys: household.powerSystems[0].sources[0].id }],
    ])
    const read = householdOf(rowsOf('h', household))
    expect(Object.keys({ a: 1 })).toEqual(['a'])
    expect(read.powerSystems[0].id).toBe('constructor-1')
    expect(Object.hasOwn(read.hangsOn, 'constructor-1')).toBe(true)
  })
})
