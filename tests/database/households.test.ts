import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals'
import { randomUUID } from 'node:crypto'
import { eq } from 'drizzle-orm'
import { demoHousehold } from '@/catalog/demoHousehold'
import { equipmentClass } from '@/catalog/equipment'
import { newHousehold } from '@/catalog/newHousehold'
import { type Connected, connect } from '@/db/client'
import {
  createHousehold,
  deleteHousehold,
  findHousehold,
  listHouseholds,
  moveHouseholds,
  saveHousehold,
} from '@/db/households'
import * as schema from '@/db/schema'
import { type TestDatabase, startTestDatabase } from '../support/testDatabase'

jest.setTimeout(60_000)

let server: TestDatabase
let opened: Connected

beforeAll(async () => {
  server = await startTestDatabase('test-households')
  opened = connect(server.url)
})

afterAll(async () => {
  await opened.pool.end()
  await server.stop()
})

async function visitor(): Promise<string> {
  const id = randomUUID()
  await opened.db.insert(schema.user).values({ id, name: 'Visitor', email: `${id}@visitor.invalid` })
  return id
}

async function householdOfVisitor(household = demoHousehold()) {
  const userId = await visitor()
  const id = randomUUID()
  await createHousehold(opened.db, userId, id, household, new Date('2027-01-01T10:00:00Z'))
  return { userId, id }
}

describe('rows and documents', () => {
  test('the sample comes back as it was stored, to the last field', async () => {
    const { userId, id } = await householdOfVisitor()
    const stored = await findHousehold(opened.db, userId, id)
    expect(stored).toMatchObject({ id, version: 1, savedAt: '2027-01-01T10:00:00.000Z' })
    expect(stored?.household).toEqual(demoHousehold())
  })

  test('several sources, who hangs on which, emoji and right-to-left text survive', async () => {
    const household = demoHousehold()
    household.loads[0].name = 'ثلاجة 🧊 冷蔵庫'
    household.loads[1].count = 3
    household.loads[1].label = { text: '120 V 6.5 A', on: 'cold box' }
    household.loads[0].note = '👩‍👩‍👧‍👦 "quoted" \\ back'
    const [system] = household.powerSystems
    system.sources.push({ ...system.sources[0], id: 'second', name: 'Second', afterSourceId: 'main' })
    household.hangsOn = { [system.id]: { boiler: 'second' } }
    const { userId, id } = await householdOfVisitor(household)
    expect((await findHousehold(opened.db, userId, id))?.household).toEqual(household)
  })

  test('own equipment, a bank of parts, and how candidates are shown are kept, and taken away again', async () => {
    const household = demoHousehold()
    household.equipment = [{ ...equipmentClass('station-2000'), id: 'mine', owned: true }]
    household.powerSystems[0].shown = 'hidden'
    household.powerSystems[1].shown = 'pinned'
    const { userId, id } = await householdOfVisitor(household)
    const found = (await findHousehold(opened.db, userId, id))!
    expect(found.household).toEqual(household)
    expect(found.household.powerSystems.some(({ sources }) => sources[0].bank)).toBe(true)
    const { equipment, ...without } = household
    void equipment
    delete without.powerSystems[0].shown
    await saveHousehold(opened.db, userId, id, 1, without, new Date('2027-01-02T09:00:00Z'))
    expect((await findHousehold(opened.db, userId, id))?.household).toEqual(without)
  })

  test('a full household of 200 loads is saved and read', async () => {
    const household = demoHousehold()
    household.loads = Array.from({ length: 200 }, (_, i) => ({
      ...household.loads[i % 13],
      id: `load-${i}`,
      name: `Load ${i}`,
    }))
    const { userId, id } = await householdOfVisitor(household)
    expect((await findHousehold(opened.db, userId, id))?.household.loads).toHaveLength(200)
  })
})

describe('saving', () => {
  const now = new Date('2027-01-02T08:00:00Z')

  test('writes what changed, adds and removes, and counts the version up', async () => {
    const { userId, id } = await householdOfVisitor()
    const changed = demoHousehold()
    changed.loads = changed.loads.filter(({ id: loadId }) => loadId !== 'coffee').reverse()
    changed.loads[0].name = 'Renamed'
    changed.scenarios[0].durationH = 20
    changed.powerSystems = changed.powerSystems.slice(0, 2)
    changed.powerSystems[1].sources[0].capacityWh.value = 1900
    expect(await saveHousehold(opened.db, userId, id, 1, changed, now)).toEqual({
      kind: 'saved',
      version: 2,
      savedAt: now.toISOString(),
    })
    expect((await findHousehold(opened.db, userId, id))?.household).toEqual(changed)
  })

  test('a stale save changes nothing and is handed the newer state', async () => {
    const { userId, id } = await householdOfVisitor()
    const first = { ...demoHousehold(), profile: { ...demoHousehold().profile, name: 'First' } }
    const second = { ...demoHousehold(), profile: { ...demoHousehold().profile, name: 'Second' } }
    await saveHousehold(opened.db, userId, id, 1, first, now)
    const outcome = await saveHousehold(opened.db, userId, id, 1, second, now)
    expect(outcome).toMatchObject({
      kind: 'stale',
      newer: { version: 2, household: { profile: { name: 'First' } } },
    })
    expect((await findHousehold(opened.db, userId, id))?.household.profile.name).toBe('First')
  })

  test('of many saves at once exactly one wins', async () => {
    const { userId, id } = await householdOfVisitor()
    const saves = Array.from({ length: 8 }, (_, i) => {
      const household = demoHousehold()
      household.loads[0].name = `Writer ${i}`
      return saveHousehold(opened.db, userId, id, 1, household, now)
    })
    const outcomes = await Promise.all(saves)
    expect(outcomes.filter(({ kind }) => kind === 'saved')).toHaveLength(1)
    const winner = outcomes.findIndex(({ kind }) => kind === 'saved')
    expect((await findHousehold(opened.db, userId, id))?.household.loads[0].name).toBe(`Writer ${winner}`)
  })

  test('a save that fails half-way leaves everything as it was', async () => {
    const { userId, id } = await householdOfVisitor()
    const bad = demoHousehold()
    bad.profile.name = 'Half'
    bad.loads[0].name = 'Half'
    bad.powerSystems[4].name = 'x'.repeat(500)
    await expect(saveHousehold(opened.db, userId, id, 1, bad, now)).rejects.toThrow()
    expect(await findHousehold(opened.db, userId, id)).toMatchObject({
      version: 1,
      household: demoHousehold(),
    })
  })
})

describe('who may see what', () => {
  test('another visitor finds nothing, saves nothing, deletes nothing', async () => {
    const { userId, id } = await householdOfVisitor()
    const stranger = await visitor()
    expect(await findHousehold(opened.db, stranger, id)).toBeNull()
    expect(await saveHousehold(opened.db, stranger, id, 1, demoHousehold(), new Date())).toEqual({
      kind: 'absent',
    })
    expect(await deleteHousehold(opened.db, stranger, id)).toBe(false)
    expect(await listHouseholds(opened.db, stranger)).toEqual([])
    expect(await findHousehold(opened.db, userId, id)).toMatchObject({ version: 1 })
  })

  test('the same ids in two households do not meet', async () => {
    const one = await householdOfVisitor()
    const two = await householdOfVisitor()
    const changed = demoHousehold()
    changed.loads = []
    await saveHousehold(opened.db, one.userId, one.id, 1, changed, new Date())
    expect((await findHousehold(opened.db, two.userId, two.id))?.household).toEqual(demoHousehold())
  })

  test('a visitor who takes an account keeps the households', async () => {
    const { userId, id } = await householdOfVisitor(newHousehold('Ours', '120 V', '2027-01-01T18:00'))
    const account = await visitor()
    await moveHouseholds(opened.db, userId, account)
    await opened.db.delete(schema.user).where(eq(schema.user.id, userId))
    expect(await listHouseholds(opened.db, account)).toEqual([{ id, name: 'Ours', sample: false }])
  })

  test('deleting takes every part along', async () => {
    const { userId, id } = await householdOfVisitor()
    expect(await deleteHousehold(opened.db, userId, id)).toBe(true)
    for (const table of [
      schema.loads,
      schema.standings,
      schema.sources,
      schema.scenarios,
      schema.householdMembers,
    ])
      expect(await opened.db.select().from(table).where(eq(table.householdId, id))).toEqual([])
  })
})
