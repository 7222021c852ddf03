import { and, count, desc, eq, gt, sql } from 'drizzle-orm'
import type { MySqlTable } from 'drizzle-orm/mysql-core'
import { demoHousehold } from '@/catalog/demoHousehold'
import type { Household } from '@/core/plan/household'
import { PLAN_VERSION } from '@/core/plan/limits'
import { canonical } from '@/core/quantity/canonical'
import type { Database } from './client'
import { isVersionDue, keepVersion, lastKeptAt } from './versions'
import { type HouseholdRows, householdOf, rowsOf } from './rows'
import * as schema from './schema'

/** A household as it is stored, with the number of its last save. */
export interface StoredHousehold {
  id: string
  version: number
  savedAt: string
  household: Household
}

export type SaveOutcome =
  | { kind: 'saved'; version: number; savedAt: string }
  | { kind: 'stale'; newer: StoredHousehold }
  | { kind: 'absent' }

export type Transaction = Parameters<Parameters<Database['transaction']>[0]>[0]

/** All reads of one moment: none of a save that is made meanwhile. */
const ONE_MOMENT = {
  isolationLevel: 'repeatable read',
  withConsistentSnapshot: true,
} as const

/** A household a visitor may see, by its name and the number of its last save. */
export interface HouseholdMark {
  id: string
  version: number
  name: string
  sample: boolean
}

const MARK = {
  id: schema.households.id,
  version: schema.households.version,
  profile: schema.households.profile,
}

const markOf = ({ profile, ...row }: { id: string; version: number; profile: unknown }): HouseholdMark => {
  const { name, sample } = profile as { name: string; sample: boolean }
  return { ...row, name, sample }
}

/** The households a visitor may see, the last saved first. */
export async function listHouseholds(db: Database, userId: string): Promise<HouseholdMark[]> {
  const rows = await db
    .select(MARK)
    .from(schema.householdMembers)
    .innerJoin(schema.households, eq(schema.households.id, schema.householdMembers.householdId))
    .where(eq(schema.householdMembers.userId, userId))
    .orderBy(desc(schema.households.savedAt))
  return rows.map(markOf)
}

/** The visitor of a session and the households they may see, in one query; null of a session that is not or no more there. */
export async function visitorOfSession(
  db: Database,
  token: string,
  now: Date,
): Promise<{ userId: string; expiresAt: Date; households: HouseholdMark[] } | null> {
  const rows = await db
    .select({ userId: schema.session.userId, expiresAt: schema.session.expiresAt, ...MARK })
    .from(schema.session)
    .leftJoin(schema.householdMembers, eq(schema.householdMembers.userId, schema.session.userId))
    .leftJoin(schema.households, eq(schema.households.id, schema.householdMembers.householdId))
    .where(and(eq(schema.session.token, token), gt(schema.session.expiresAt, now)))
    .orderBy(desc(schema.households.savedAt))
  if (rows.length === 0) return null
  const households = rows.flatMap(({ id, version, profile }) =>
    id === null || version === null ? [] : [markOf({ id, version, profile })],
  )
  return { userId: rows[0].userId, expiresAt: rows[0].expiresAt, households }
}

/** A household as it was at one moment, if the visitor may see it; null otherwise, and no word on whether it exists. */
export function findHousehold(
  db: Database,
  userId: string,
  householdId: string,
): Promise<StoredHousehold | null> {
  return db.transaction((tx) => readStored(tx, userId, householdId), ONE_MOMENT)
}

async function readStored(
  tx: Transaction,
  userId: string,
  householdId: string,
): Promise<StoredHousehold | null> {
  const [row] = await tx
    .select({ household: schema.households })
    .from(schema.households)
    .innerJoin(schema.householdMembers, membership(userId))
    .where(eq(schema.households.id, householdId))
  if (!row) return null
  const { version, savedAt } = row.household
  return {
    id: householdId,
    version,
    savedAt: savedAt.toISOString(),
    household: await readContent(tx, row.household),
  }
}

type HouseholdRow = typeof schema.households.$inferSelect

/** The household of a row with its parts; of one nobody changed the sample as it is now. */
async function readContent(tx: Transaction, row: HouseholdRow): Promise<Household> {
  if (row.isPristine) return demoHousehold()
  if (row.documentVersion > PLAN_VERSION)
    throw new Error(
      `the stored household is of document version ${row.documentVersion}, made by a newer release; this one reads up to ${PLAN_VERSION}`,
    )
  return householdOf({ household: row, ...(await partsOf(tx, row.id)) })
}

/** The most households a visitor may have. */
export const HOUSEHOLDS_LIMIT = 24

/**
 * Stores a new household that belongs to the visitor; null: a copy of the sample, which takes no rows of its own until it is
 * changed.
 *
 * @returns whether it was made; not where the visitor has as many as are allowed
 */
export async function createHousehold(
  db: Database,
  userId: string,
  householdId: string,
  household: Household | null,
  now: Date,
): Promise<boolean> {
  const rows = rowsOf(householdId, household ?? demoHousehold())
  return db.transaction(async (tx) => {
    // the visitor's row is held meanwhile, so that many requests at once cannot pass the limit together
    await tx.select({ id: schema.user.id }).from(schema.user).where(eq(schema.user.id, userId)).for('update')
    const [{ owned }] = await tx
      .select({ owned: count() })
      .from(schema.householdMembers)
      .where(eq(schema.householdMembers.userId, userId))
    if (owned >= HOUSEHOLDS_LIMIT) return false
    await tx.insert(schema.households).values({
      id: householdId,
      version: 1,
      documentVersion: PLAN_VERSION,
      isPristine: household === null,
      createdAt: now,
      savedAt: now,
      ...rows.household,
    })
    await tx.insert(schema.householdMembers).values({ householdId, userId, role: 'owner' })
    if (household) await writeParts(tx, householdId, null, rows)
    return true
  })
}

/**
 * Saves a household in one transaction, or not at all.
 *
 * @param baseVersion the version the visitor's changes were made on; when another save came first, nothing
 *   is written and the newer state is handed back
 * @param known a state that was read before: what it holds need not be read again where it is still the one that is saved over
 */
export async function saveHousehold(
  db: Database,
  userId: string,
  householdId: string,
  baseVersion: number,
  household: Household,
  now: Date,
  known: StoredHousehold | null = null,
): Promise<SaveOutcome> {
  return db.transaction(async (tx): Promise<SaveOutcome> => {
    const [found] = await tx
      .select({ row: schema.households, lastKeptAt: lastKeptAt(schema.households.id) })
      .from(schema.households)
      .innerJoin(schema.householdMembers, membership(userId))
      .where(eq(schema.households.id, householdId))
      .for('update')
    if (!found) return { kind: 'absent' }
    const { row } = found
    if (row.version !== baseVersion)
      return { kind: 'stale', newer: (await readStored(tx, userId, householdId))! }
    const rows = rowsOf(householdId, household)
    const version = baseVersion + 1
    const before = row.isPristine
      ? null
      : known?.version === row.version
        ? rowsOf(householdId, known.household)
        : await partsOf(tx, householdId)
    if (isVersionDue(row.savedAt, found.lastKeptAt))
      await keepVersion(tx, row, before ? householdOf({ household: row, ...before }) : demoHousehold(), now)
    await writeParts(tx, householdId, before, rows)
    await tx
      .update(schema.households)
      .set({ ...rows.household, version, savedAt: now, documentVersion: PLAN_VERSION, isPristine: false })
      .where(eq(schema.households.id, householdId))
    return { kind: 'saved', version, savedAt: now.toISOString() }
  })
}

/** Deletes a household and all its parts. @returns whether the visitor had it */
export async function deleteHousehold(db: Database, userId: string, householdId: string): Promise<boolean> {
  return db.transaction(async (tx) => {
    const [row] = await tx
      .select({ id: schema.households.id })
      .from(schema.households)
      .innerJoin(schema.householdMembers, membership(userId))
      .where(eq(schema.households.id, householdId))
      .for('update')
    if (!row) return false
    await tx.delete(schema.households).where(eq(schema.households.id, householdId))
    return true
  })
}

/** Hands all of one visitor's households to another: a visitor who takes an account keeps the work. */
export async function moveHouseholds(db: Database, fromUserId: string, toUserId: string): Promise<void> {
  await db
    .update(schema.householdMembers)
    .set({ userId: toUserId })
    .where(eq(schema.householdMembers.userId, fromUserId))
}

const membership = (userId: string) =>
  and(
    eq(schema.householdMembers.householdId, schema.households.id),
    eq(schema.householdMembers.userId, userId),
  )

type Parts = Omit<HouseholdRows, 'household'>

/** The tables that hold a household's parts, those that others point to first, and what tells a row's identity. */
const PARTS = [
  { key: 'scenarios', table: schema.scenarios, identity: ['id'] },
  { key: 'loads', table: schema.loads, identity: ['id'] },
  { key: 'standings', table: schema.standings, identity: ['scenarioId', 'loadId'] },
  { key: 'powerSystems', table: schema.powerSystems, identity: ['id'] },
  { key: 'sources', table: schema.sources, identity: ['powerSystemId', 'id'] },
  { key: 'loadSources', table: schema.loadSources, identity: ['powerSystemId', 'loadId'] },
] as const

async function partsOf(tx: Transaction, householdId: string): Promise<Parts> {
  const found: Record<string, unknown> = {}
  for (const { key, table } of PARTS)
    found[key] = await tx.select().from(table).where(eq(table.householdId, householdId))
  return found as unknown as Parts
}

type Row = Record<string, unknown>

/** Writes what differs between two states of a household's parts: gone rows first, then new and changed ones. */
async function writeParts(
  tx: Transaction,
  householdId: string,
  before: Parts | null,
  after: Parts,
): Promise<void> {
  for (const { key, table, identity } of [...PARTS].reverse()) {
    const nameOf = (row: Row) => identity.map((column) => String(row[column])).join('/')
    const kept = new Set((after[key] as Row[]).map(nameOf))
    const gone = ((before?.[key] ?? []) as Row[]).filter((row) => !kept.has(nameOf(row)))
    for (const row of gone) {
      const columns = table as unknown as Record<string, Parameters<typeof eq>[0]>
      await tx
        .delete(table)
        .where(
          and(
            eq(table.householdId, householdId),
            ...identity.map((column) => eq(columns[column], row[column])),
          ),
        )
    }
  }
  for (const { key, table, identity } of PARTS) {
    const nameOf = (row: Row) => identity.map((column) => String(row[column])).join('/')
    const known = new Map(((before?.[key] ?? []) as Row[]).map((row) => [nameOf(row), row]))
    const changed = (after[key] as Row[]).filter((row) => !isSameContent(known.get(nameOf(row)), row))
    if (changed.length > 0) await upsert(tx, table, changed)
  }
}

/** Whether two rows hold the same, whatever the order of their keys: mostly they have the same order, which is told at once. */
const isSameContent = (one: Row | undefined, other: Row): boolean =>
  one !== undefined && (JSON.stringify(one) === JSON.stringify(other) || canonical(one) === canonical(other))

async function upsert(tx: Transaction, table: MySqlTable, rows: Row[]): Promise<void> {
  const columns = Object.keys(rows[0])
  const asWritten = (column: string) => sql.raw(`VALUES(\`${columnName(table, column)}\`)`)
  await tx
    .insert(table)
    .values(rows)
    .onDuplicateKeyUpdate({ set: Object.fromEntries(columns.map((column) => [column, asWritten(column)])) })
}

const columnName = (table: MySqlTable, key: string) =>
  (table as unknown as Record<string, { name: string }>)[key].name
