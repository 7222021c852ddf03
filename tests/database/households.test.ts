import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals'
import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { and, eq } from 'drizzle-orm'
import { demoHousehold } from '@/catalog/demoHousehold'
import { equipmentClass } from '@/catalog/equipment'
import { newHousehold } from '@/catalog/newHousehold'
import { deletePristineVisitors } from '@/db/cleanUp'
import { type Connected, connect } from '@/db/client'
import {
  HOUSEHOLDS_LIMIT,
  createHousehold,
  deleteHousehold,
  findHousehold,
  listHouseholds,
  moveHouseholds,
  saveHousehold,
  visitorOfSession,
} from '@/db/households'
import { deleteVisitor, settleNewcomer } from '@/db/newcomers'
import { CODES_LIMIT, keepCode, listCodes, openByCode, revokeCode } from '@/db/recovery'
import * as schema from '@/db/schema'
import { planOf } from '@/core/plan/planOf'
import { RUN_LIMITS, type RunHead } from '@/core/run/runDocument'
import {
  ENTRIES_A_PAGE,
  allEntries,
  deleteRun,
  entriesAfter,
  findRun,
  keepEntries,
  keepRun,
  listRuns,
} from '@/db/runs'
import { headOf, readingAt } from '../calibration/runs/runOf'
import { VERSION_LIMITS, listChanges, readVersion } from '@/db/versions'
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

  test('what is known of the state saved over spares reading it; what is known of an older one is not believed', async () => {
    const { userId, id } = await householdOfVisitor()
    const one = (await findHousehold(opened.db, userId, id))!
    const changed = structuredClone(one.household)
    changed.loads = changed.loads.slice(1)
    changed.loads[0].name = 'Renamed'
    await saveHousehold(opened.db, userId, id, 1, changed, now, one)
    expect((await findHousehold(opened.db, userId, id))?.household).toEqual(changed)
    // as if nothing had been saved since: the load that went would stay away
    await saveHousehold(opened.db, userId, id, 2, one.household, now, one)
    expect((await findHousehold(opened.db, userId, id))?.household).toEqual(one.household)
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

describe('a newcomer', () => {
  const now = new Date('2027-01-02T08:00:00Z')
  const session = (userId: string, expiresAt: string) =>
    opened.db
      .insert(schema.session)
      .values({ id: randomUUID(), token: randomUUID(), userId, expiresAt: new Date(expiresAt) })

  test('gets the household that was promised, again where the answer was lost, not once its session has ended', async () => {
    const [first, second, late] = [await visitor(), await visitor(), await visitor()]
    const id = randomUUID()
    expect(await settleNewcomer(opened.db, first, id, now)).toBe(true)
    expect(await settleNewcomer(opened.db, second, id, now)).toBe(false)
    await session(first, '2027-01-03T08:00:00Z')
    expect(await settleNewcomer(opened.db, second, id, now)).toBe(true)
    expect(await findHousehold(opened.db, second, id)).toMatchObject({ version: 1 })
    expect(await settleNewcomer(opened.db, late, id, new Date('2027-01-04T00:00:00Z'))).toBe(false)
    await deleteVisitor(opened.db, late)
    expect(await opened.db.select().from(schema.user).where(eq(schema.user.id, late))).toEqual([])
  })
})

describe('the visitor of a session', () => {
  const now = new Date('2027-01-02T08:00:00Z')
  const begin = async (userId: string, expiresAt: string) => {
    const token = randomUUID()
    await opened.db
      .insert(schema.session)
      .values({ id: randomUUID(), token, userId, expiresAt: new Date(expiresAt) })
    return token
  }

  test('comes with their households, the last saved first, and with no other’s', async () => {
    const userId = await visitor()
    await householdOfVisitor()
    for (const [id, day] of [
      ['first', 3],
      ['second', 4],
    ] as const)
      await createHousehold(opened.db, userId, `${id}-${userId}`, null, new Date(Date.UTC(2027, 0, day)))
    const found = await visitorOfSession(opened.db, await begin(userId, '2027-01-03T08:00:00Z'), now)
    expect(found).toMatchObject({ userId, expiresAt: new Date('2027-01-03T08:00:00Z') })
    expect(found!.households.map(({ id, version, sample }) => ({ id, version, sample }))).toEqual([
      { id: `second-${userId}`, version: 1, sample: true },
      { id: `first-${userId}`, version: 1, sample: true },
    ])
  })

  test('who has no household is a visitor all the same; an ended or unknown session is nobody’s', async () => {
    const userId = await visitor()
    const token = await begin(userId, '2027-01-02T08:00:01Z')
    expect(await visitorOfSession(opened.db, token, now)).toMatchObject({ userId, households: [] })
    expect(await visitorOfSession(opened.db, token, new Date('2027-01-02T08:00:01Z'))).toBeNull()
    expect(await visitorOfSession(opened.db, randomUUID(), now)).toBeNull()
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
    expect(await listHouseholds(opened.db, account)).toEqual([
      { id, version: 1, name: 'Ours', sample: false },
    ])
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

describe('one moment', () => {
  test('reads during saves never mix two versions, and none fails', async () => {
    const { userId, id } = await householdOfVisitor()
    const marked = (n: number) => {
      const household = demoHousehold()
      household.profile.name = `Mark ${n}`
      for (const part of [...household.loads, ...household.scenarios, ...household.powerSystems])
        part.note = `Mark ${n}`
      return household
    }
    await saveHousehold(opened.db, userId, id, 1, marked(1), new Date())
    let isSaving = true
    const saves = (async () => {
      for (let n = 2; n <= 40; n++) await saveHousehold(opened.db, userId, id, n, marked(n), new Date())
      isSaving = false
    })()
    let reads = 0
    while (isSaving) {
      const found = (await findHousehold(opened.db, userId, id))!
      const n = found.version - 1
      expect(found.household).toEqual(marked(n))
      reads++
    }
    await saves
    expect(reads).toBeGreaterThan(5)
  })
})

describe('a copy of the sample that nobody changed', () => {
  test('has no rows of its own parts, reads as the sample, and gets its parts with the first save', async () => {
    const userId = await visitor()
    const id = randomUUID()
    expect(await createHousehold(opened.db, userId, id, null, new Date())).toBe(true)
    const partsOfIt = () => opened.db.select().from(schema.loads).where(eq(schema.loads.householdId, id))
    expect(await partsOfIt()).toEqual([])
    expect((await findHousehold(opened.db, userId, id))?.household).toEqual(demoHousehold())
    const changed = demoHousehold()
    changed.loads[0].name = 'Mine'
    expect((await saveHousehold(opened.db, userId, id, 1, changed, new Date())).kind).toBe('saved')
    expect((await findHousehold(opened.db, userId, id))?.household).toEqual(changed)
  })
})

describe('the limit of households', () => {
  test('holds when many are made at once', async () => {
    const userId = await visitor()
    const made = await Promise.all(
      Array.from({ length: HOUSEHOLDS_LIMIT + 12 }, () =>
        createHousehold(opened.db, userId, randomUUID(), null, new Date()),
      ),
    )
    expect(made.filter(Boolean)).toHaveLength(HOUSEHOLDS_LIMIT)
    expect(await listHouseholds(opened.db, userId)).toHaveLength(HOUSEHOLDS_LIMIT)
  })
})

describe('earlier versions', () => {
  const at = (minute: number) => new Date(Date.parse('2027-03-01T08:00:00Z') + minute * 60_000)

  test('are kept at least a minute apart, listed the newest first, and read back whole', async () => {
    const userId = await visitor()
    const id = randomUUID()
    await createHousehold(opened.db, userId, id, demoHousehold(), at(0))
    const named = (name: string) => ({ ...demoHousehold(), profile: { ...demoHousehold().profile, name } })
    for (const [version, minute] of [
      [1, 2],
      [2, 2.2],
      [3, 2.4],
      [4, 9],
    ])
      await saveHousehold(opened.db, userId, id, version, named(`At ${minute}`), at(minute))
    const kept = await listChanges(opened.db, id, demoHousehold())
    expect(kept.map(({ version }) => version)).toEqual([2, 1])
    expect((await readVersion(opened.db, id, 2))?.content).toEqual(named('At 2'))
    expect((await readVersion(opened.db, id, 1))?.content).toEqual(demoHousehold())
    expect(await readVersion(opened.db, id, 7)).toBeNull()
    await deleteHousehold(opened.db, userId, id)
    expect(await listChanges(opened.db, id, demoHousehold())).toEqual([])
  })

  test('what changed after each is kept with it at the save; of older rows it is worked out a few at a time', async () => {
    const userId = await visitor()
    const id = randomUUID()
    const demo = demoHousehold()
    const state = (k: number) => ({
      ...demo,
      loads: demo.loads.map((load, i) => (i === 0 ? { ...load, note: `State ${k}` } : load)),
    })
    await createHousehold(opened.db, userId, id, state(0), at(0))
    for (let k = 1; k <= 8; k++) await saveHousehold(opened.db, userId, id, k, state(k), at(k * 2))
    const changedFirst = { list: 'loads', added: [], removed: [], changed: [demo.loads[0].name] }
    const listed = await listChanges(opened.db, id, state(8))
    expect(listed.map(({ version }) => version)).toEqual([8, 7, 6, 5, 4, 3, 2, 1])
    for (const { changes } of listed) expect(changes).toMatchObject({ lists: [changedFirst], profile: false })
    // nothing of it was worked out but for the newest: the rest stands in the rows
    const { householdVersions } = schema
    const [{ changes }] = await opened.db
      .select({ changes: householdVersions.changes })
      .from(householdVersions)
      .where(and(eq(householdVersions.householdId, id), eq(householdVersions.version, 3)))
    expect(changes).toMatchObject({ lists: [changedFirst] })
    // as an older release left them
    await opened.db
      .update(householdVersions)
      .set({ changes: null })
      .where(eq(householdVersions.householdId, id))
    const waiting = async () =>
      (await listChanges(opened.db, id, state(8))).filter((one) => one.changes === 'not yet').length
    expect([await waiting(), await waiting(), await waiting()]).toEqual([4, 1, 0])
    // one that is broken is told, and the others stand
    await opened.db
      .update(householdVersions)
      .set({ documentVersion: 99, changes: null })
      .where(and(eq(householdVersions.householdId, id), eq(householdVersions.version, 4)))
    const broken = await listChanges(opened.db, id, state(8))
    expect(broken.find(({ version }) => version === 4)?.changes).toBe('cannot be read')
  })

  test('a version that goes leaves what changed to the one before it', async () => {
    const userId = await visitor()
    const id = randomUUID()
    const demo = demoHousehold()
    const named = (name: string) => ({ ...demo, profile: { ...demo.profile, name } })
    await createHousehold(opened.db, userId, id, named('0'), at(0))
    // past the newest fifty only the first of a day stays
    const saves = VERSION_LIMITS.newest + 4
    for (let k = 1; k <= saves; k++) await saveHousehold(opened.db, userId, id, k, named(`${k}`), at(k * 2))
    let listed = await listChanges(opened.db, id, named(`${saves}`))
    for (let asked = 0; asked < 3; asked++) listed = await listChanges(opened.db, id, named(`${saves}`))
    expect(listed.length).toBeLessThan(saves)
    for (const { changes } of listed) expect(changes).toMatchObject({ profile: true, lists: [] })
  })
})

describe('a database that hangs', () => {
  test('refuses within the time limit, and is asked again when it goes on', async () => {
    const { userId, id } = await householdOfVisitor()
    const impatient = connect(server.url, 300)
    expect(await findHousehold(impatient.db, userId, id)).not.toBeNull()
    process.kill(server.pid, 'SIGSTOP')
    // a signal takes its time on a busy machine
    while (!/\) T /.test(readFileSync(`/proc/${server.pid}/stat`, 'utf8')))
      await new Promise((again) => setImmediate(again))
    try {
      const asked = await Promise.allSettled(
        Array.from({ length: 20 }, () => findHousehold(impatient.db, userId, id)),
      )
      expect(asked.every(({ status }) => status === 'rejected')).toBe(true)
    } finally {
      process.kill(server.pid, 'SIGCONT')
    }
    expect((await findHousehold(impatient.db, userId, id))?.id).toBe(id)
    await impatient.pool.end()
  })
})

describe('visitors who changed nothing', () => {
  test('go after a week with their copy of the sample; whoever changed something stays', async () => {
    const old = new Date('2027-01-01T00:00:00Z')
    const now = new Date('2027-01-09T00:00:00Z')
    const visitorOf = async (createdAt: Date, changes: boolean) => {
      const [userId, id] = [await visitor(), randomUUID()]
      await opened.db
        .update(schema.user)
        .set({ createdAt, isAnonymous: true })
        .where(eq(schema.user.id, userId))
      await createHousehold(opened.db, userId, id, null, createdAt)
      if (changes) await saveHousehold(opened.db, userId, id, 1, demoHousehold(), createdAt)
      return { userId, id }
    }
    const gone = await visitorOf(old, false)
    const worked = await visitorOf(old, true)
    const fresh = await visitorOf(new Date('2027-01-05T00:00:00Z'), false)
    expect(await deletePristineVisitors(opened.db, now)).toBe(1)
    expect(await findHousehold(opened.db, gone.userId, gone.id)).toBeNull()
    expect(await opened.db.select().from(schema.households).where(eq(schema.households.id, gone.id))).toEqual(
      [],
    )
    expect(await findHousehold(opened.db, worked.userId, worked.id)).not.toBeNull()
    expect(await findHousehold(opened.db, fresh.userId, fresh.id)).not.toBeNull()
    expect(await deletePristineVisitors(opened.db, now)).toBe(0)
  })
})

describe('runs that were written down', () => {
  const begun = () => {
    const plan = planOf(demoHousehold())
    return { ...headOf(plan), id: randomUUID() }
  }
  const entries = (head: RunHead, minutes: number[]) =>
    minutes.map((minute) => readingAt(head.plan, minute, { chargeFraction: 1 - minute / 1000 }))

  test('a run and its entries come back as they were, each once however often it is sent, in the order they came', async () => {
    const { id } = await householdOfVisitor()
    const head = begun()
    expect(await keepRun(opened.db, id, head, new Date())).toBe(true)
    expect(await keepRun(opened.db, id, { ...head, name: 'Another' }, new Date())).toBe(true)
    expect(await findRun(opened.db, id, head.id)).toEqual(head)
    const [late, early] = entries(head, [60, 0])
    await keepEntries(opened.db, id, head.id, [late])
    await keepEntries(opened.db, id, head.id, [late, early])
    const all = await entriesAfter(opened.db, id, head.id, 0)
    expect(all.entries).toEqual([late, early])
    // another device asks for what came after the last it has seen
    expect((await entriesAfter(opened.db, id, head.id, all.sequence)).entries).toEqual([])
    const [more] = entries(head, [90])
    await keepEntries(opened.db, id, head.id, [more])
    expect((await entriesAfter(opened.db, id, head.id, all.sequence)).entries).toEqual([more])
    // a long log is read in pages, and comes whole
    const long = Array.from({ length: ENTRIES_A_PAGE + 7 }, (_, k) => ({ ...more, id: `long-${k}` }))
    for (let k = 0; k < long.length; k += 200)
      await keepEntries(opened.db, id, head.id, long.slice(k, k + 200))
    const first = await entriesAfter(opened.db, id, head.id, 0)
    expect([first.entries.length, first.hasMore]).toEqual([ENTRIES_A_PAGE, true])
    expect(await allEntries(opened.db, id, head.id)).toHaveLength(3 + long.length)
    expect(await listRuns(opened.db, id)).toMatchObject([
      { id: head.id, name: head.name, entries: 3 + long.length },
    ])
  })

  test('a run is of one household, and goes with it', async () => {
    const one = await householdOfVisitor()
    const other = await householdOfVisitor()
    const head = begun()
    await keepRun(opened.db, one.id, head, new Date())
    await keepEntries(opened.db, one.id, head.id, entries(head, [0]))
    expect(await findRun(opened.db, other.id, head.id)).toBeNull()
    expect(await deleteRun(opened.db, other.id, head.id)).toBe(false)
    await deleteHousehold(opened.db, one.userId, one.id)
    expect(
      await opened.db.select().from(schema.runEntries).where(eq(schema.runEntries.runId, head.id)),
    ).toEqual([])
  })

  test('a run that is full takes no more, and none of what was sent is lost to the others', async () => {
    const { id } = await householdOfVisitor()
    const head = begun()
    await keepRun(opened.db, id, head, new Date())
    const many = entries(
      head,
      Array.from({ length: RUN_LIMITS.entries }, (_, i) => i / 100),
    )
    for (let i = 0; i < many.length; i += 1000)
      await keepEntries(opened.db, id, head.id, many.slice(i, i + 1000))
    expect(await keepEntries(opened.db, id, head.id, entries(head, [5000]))).toBe(false)
    expect(await deleteRun(opened.db, id, head.id)).toBe(true)
  })
})

describe('codes', () => {
  test('open a household to another visitor, are counted, and open nothing once revoked', async () => {
    const { id, userId } = await householdOfVisitor()
    const other = await visitor()
    const now = new Date('2027-02-01T10:00:00Z')
    for (let n = 0; n < CODES_LIMIT; n++)
      expect(await keepCode(opened.db, id, { id: `${id.slice(0, 30)}${n}`, hash: `${id}-${n}` }, now)).toBe(
        true,
      )
    expect(await keepCode(opened.db, id, { id: 'more', hash: 'more' }, now)).toBe(false)
    expect(await openByCode(opened.db, 'no such', other, now)).toBeNull()
    expect(await findHousehold(opened.db, other, id)).toBeNull()
    expect(await openByCode(opened.db, `${id}-1`, other, now)).toBe(id)
    expect((await findHousehold(opened.db, other, id))?.id).toBe(id)
    expect((await listCodes(opened.db, id, userId)).filter(({ usedAt }) => usedAt)).toHaveLength(1)
    expect(JSON.stringify(await listCodes(opened.db, id, userId))).not.toContain(`${id}-1`)
    // who opened it is listed, but not to themselves
    const openedOf = async (asker: string) =>
      (await listCodes(opened.db, id, asker)).flatMap((code) => code.opened.map(({ openedAt }) => openedAt))
    expect(await openedOf(userId)).toEqual([now.toISOString()])
    expect(await openedOf(other)).toEqual([])
    expect(await revokeCode(opened.db, id, `${id.slice(0, 30)}1`)).toBe(true)
    // the code alone was taken away
    expect((await findHousehold(opened.db, other, id))?.id).toBe(id)
    expect(await openByCode(opened.db, `${id}-1`, await visitor(), now)).toBeNull()
    // revoked with the access it opened: out for whom it opened it, in for everybody else
    const third = await visitor()
    expect(await openByCode(opened.db, `${id}-2`, third, now)).toBe(id)
    expect(await revokeCode(opened.db, id, `${id.slice(0, 30)}2`, userId)).toBe(true)
    expect(await findHousehold(opened.db, third, id)).toBeNull()
    for (const one of [userId, other]) expect((await findHousehold(opened.db, one, id))?.id).toBe(id)
  })
})
