import { and, desc, eq, sql } from 'drizzle-orm'
import type { MySqlTable } from 'drizzle-orm/mysql-core'
import type { Household } from '@/core/plan/household'
import type { Database } from './client'
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

type Transaction = Parameters<Parameters<Database['transaction']>[0]>[0]
type Reader = Database | Transaction

/** The households a visitor may see, the last saved first. */
export async function listHouseholds(db: Database, userId: string) {
  const rows = await db
    .select({ id: schema.households.id, profile: schema.households.profile })
    .from(schema.householdMembers)
    .innerJoin(schema.households, eq(schema.households.id, schema.householdMembers.householdId))
    .where(eq(schema.householdMembers.userId, userId))
    .orderBy(desc(schema.households.savedAt))
  return rows.map(({ id, profile }) => {
    const { name, sample } = profile as { name: string; sample: boolean }
    return { id, name, sample }
  })
}

/** A household, if the visitor may see it; null otherwise, and no word on whether it exists. */
export async function findHousehold(
  db: Reader,
  userId: string,
  householdId: string,
): Promise<StoredHousehold | null> {
  const [row] = await db
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
    household: householdOf({ household: row.household, ...(await partsOf(db, householdId)) }),
  }
}

/** Stores a new household that belongs to the visitor. */
export async function createHousehold(
  db: Database,
  userId: string,
  householdId: string,
  household: Household,
  now: Date,
) {
  const rows = rowsOf(householdId, household)
  await db.transaction(async (tx) => {
    await tx
      .insert(schema.households)
      .values({ id: householdId, version: 1, createdAt: now, savedAt: now, ...rows.household })
    await tx.insert(schema.householdMembers).values({ householdId, userId, role: 'owner' })
    await writeParts(tx, householdId, null, rows)
  })
}

/**
 * Saves a household in one transaction, or not at all.
 *
 * @param baseVersion the version the visitor's changes were made on; when another save came first, nothing
 *   is written and the newer state is handed back
 */
export async function saveHousehold(
  db: Database,
  userId: string,
  householdId: string,
  baseVersion: number,
  household: Household,
  now: Date,
): Promise<SaveOutcome> {
  return db.transaction(async (tx): Promise<SaveOutcome> => {
    const [row] = await tx
      .select({ version: schema.households.version })
      .from(schema.households)
      .innerJoin(schema.householdMembers, membership(userId))
      .where(eq(schema.households.id, householdId))
      .for('update')
    if (!row) return { kind: 'absent' }
    if (row.version !== baseVersion)
      return { kind: 'stale', newer: (await findHousehold(tx, userId, householdId))! }
    const rows = rowsOf(householdId, household)
    const version = baseVersion + 1
    await writeParts(tx, householdId, await partsOf(tx, householdId), rows)
    await tx
      .update(schema.households)
      .set({ ...rows.household, version, savedAt: now })
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

async function partsOf(db: Reader, householdId: string): Promise<Parts> {
  const found: Record<string, unknown> = {}
  for (const { key, table } of PARTS)
    found[key] = await db.select().from(table).where(eq(table.householdId, householdId))
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
    const known = new Map(((before?.[key] ?? []) as Row[]).map((row) => [nameOf(row), canonical(row)]))
    const changed = (after[key] as Row[]).filter((row) => known.get(nameOf(row)) !== canonical(row))
    if (changed.length > 0) await upsert(tx, table, changed)
  }
}

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

/** Text that is the same for the same content, whatever the order of keys. */
function canonical(value: unknown): string {
  return JSON.stringify(value, (_, inner) =>
    inner && typeof inner === 'object' && !Array.isArray(inner)
      ? Object.fromEntries(Object.entries(inner).sort(([a], [b]) => (a < b ? -1 : 1)))
      : inner,
  )
}
