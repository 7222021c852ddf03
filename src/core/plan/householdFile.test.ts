import { describe, expect, test } from '@jest/globals'
import { inWords } from '../../../tests/support/saidTold'
import { demoHousehold } from '@/catalog/demoHousehold'
import { changesBetween, isUnchanged } from './householdChanges'
import { householdFile, readHouseholdFile } from './householdFile'

describe('a household as a file', () => {
  test('comes back as it was', () => {
    const read = inWords(readHouseholdFile(JSON.parse(JSON.stringify(householdFile(demoHousehold())))))
    expect(read).toEqual({ ok: true, household: demoHousehold() })
  })

  test.each([
    ['a list', '[]', 'file', /one JSON object/],
    ['a plan', '{"format":"yotrope-plan","version":7}', 'format', /is a plan, one outage/],
    ['something else', '{"format":"photos"}', 'format', /must be "yotrope-household"/],
    [
      'a newer release',
      '{"format":"yotrope-household","version":99,"household":{}}',
      'version',
      /made by a newer release/,
    ],
    ['no version', '{"format":"yotrope-household","household":{}}', 'version', /must be a whole number/],
    ['half a household', '{"format":"yotrope-household","version":7,"household":{}}', 'profile', /./],
  ])('%s: says what is wrong', (_, text, path, message) => {
    const read = inWords(readHouseholdFile(JSON.parse(text)))
    if (read.ok) throw new Error('was read')
    expect(read.faults[0].path).toBe(path)
    expect(read.faults[0].message).toMatch(message)
  })
})

describe('what would change', () => {
  test('by list and name; nothing between equals, whatever the order of fields', () => {
    const before = demoHousehold()
    const after = demoHousehold()
    expect(isUnchanged(changesBetween(before, JSON.parse(JSON.stringify(after))))).toBe(true)
    const [gone] = after.loads.splice(0, 1)
    after.loads[0] = { ...after.loads[0], note: 'moved' }
    after.loads.push({ ...gone, id: 'new', name: 'New one' })
    after.profile = { ...after.profile, name: 'Elsewhere' }
    const changes = changesBetween(before, after)
    expect(changes.lists).toEqual([
      { list: 'loads', added: ['New one'], removed: [gone.name], changed: [after.loads[0].name] },
    ])
    expect(changes).toMatchObject({ profile: true, refill: false, settings: false })
  })

  test('there and back: what one way adds the other removes', () => {
    const small = {
      ...demoHousehold(),
      loads: demoHousehold().loads.slice(3),
      powerSystems: demoHousehold().powerSystems.slice(0, 2),
    }
    const there = changesBetween(demoHousehold(), small)
    const back = changesBetween(small, demoHousehold())
    expect(back.lists.map(({ added }) => added)).toEqual(there.lists.map(({ removed }) => removed))
  })
})
