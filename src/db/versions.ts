import { and, desc, eq, inArray, sql } from 'drizzle-orm'
import type { Household } from '@/core/plan/household'
import { type HouseholdChanges, changesBetween } from '@/core/plan/householdChanges'
import { readHouseholdOf } from '@/core/plan/householdFile'
import { PLAN_VERSION } from '@/core/plan/limits'
import type { Database } from './client'
import * as schema from './schema'

type Transaction = Parameters<Parameters<Database['transaction']>[0]>[0]

const MINUTE_MS = 60_000
const DAY_MS = 24 * 60 * MINUTE_MS
export const VERSION_LIMITS = {
  apartMs: MINUTE_MS,
  newest: 50,
  days: 90,
  bytes: 5_000_000,
}

export interface VersionMark {
  version: number
  savedAt: Date
  bytes: number
}

/**
 * Which earlier versions are to go: all but the newest fifty, then one a day for ninety days, five megabytes in all.
 *
 * @param marks the newest first
 * @returns the versions to remove
 */
export function versionsToDrop(marks: readonly VersionMark[], now: Date): number[] {
  const days = new Set<string>()
  let bytes = 0
  return marks.flatMap((mark, i) => {
    const day = mark.savedAt.toISOString().slice(0, 10)
    const isWanted =
      i < VERSION_LIMITS.newest ||
      (!days.has(day) && now.getTime() - mark.savedAt.getTime() <= VERSION_LIMITS.days * DAY_MS)
    if (!isWanted || bytes + mark.bytes > VERSION_LIMITS.bytes) return [mark.version]
    days.add(day)
    bytes += mark.bytes
    return []
  })
}

/** When the newest of a household's earlier versions had been saved, as a part of a query on the household; null without one. */
export const lastKeptAt = (householdId: typeof schema.households.id) =>
  sql<Date | null>`(select max(${schema.householdVersions.savedAt}) from ${schema.householdVersions} where ${schema.householdVersions.householdId} = ${householdId})`.mapWith(
    schema.householdVersions.savedAt,
  )

/** Whether a state that is saved over is to be kept: not where one of the minute before it is kept already. */
export const isVersionDue = (savedAt: Date, lastKeptAt: Date | null): boolean =>
  !lastKeptAt || savedAt.getTime() - lastKeptAt.getTime() >= VERSION_LIMITS.apartMs

/**
 * Keeps the state of a household before it is saved over, works out what it changed of the one kept before it, and drops what is
 * no more wanted, see `versionsToDrop`.
 */
export async function keepVersion(
  tx: Transaction,
  row: { id: string; version: number; savedAt: Date },
  content: Household,
  now: Date,
): Promise<void> {
  const { householdVersions } = schema
  const marks = await tx
    .select({
      version: householdVersions.version,
      savedAt: householdVersions.savedAt,
      bytes: householdVersions.bytes,
    })
    .from(householdVersions)
    .where(eq(householdVersions.householdId, row.id))
    .orderBy(desc(householdVersions.version))
  const text = JSON.stringify(content)
  const mark = { version: row.version, savedAt: row.savedAt, bytes: Buffer.byteLength(text) }
  await tx
    .insert(householdVersions)
    .values({ householdId: row.id, documentVersion: PLAN_VERSION, content: text, ...mark })
  if (marks.length > 0) await workOut(tx, row.id, marks[0].version, content)
  const gone = versionsToDrop([mark, ...marks], now)
  if (gone.length === 0) return
  await tx.delete(householdVersions).where(anyOf(row.id, gone))
  // what came after these is another version now
  const left = [mark, ...marks].map(({ version }) => version)
  const before = left.filter((version, i) => !gone.includes(version) && gone.includes(left[i - 1]))
  if (before.length > 0)
    await tx.update(householdVersions).set({ changes: null }).where(anyOf(row.id, before))
}

const anyOf = (householdId: string, versions: number[]) =>
  and(
    eq(schema.householdVersions.householdId, householdId),
    inArray(schema.householdVersions.version, versions),
  )

/** What the state after a version changed, worked out and kept with it. */
async function workOut(
  db: Database | Transaction,
  householdId: string,
  version: number,
  after: Household | null,
): Promise<KeptChanges> {
  const before = await readHousehold(db, householdId, version)
  const changes = before && after ? changesBetween(before, after) : false
  await db
    .update(schema.householdVersions)
    .set({ changes })
    .where(anyOf(householdId, [version]))
  return changes
}

/** An earlier version as this release reads it; null where there is none, or it cannot be read any more. */
async function readHousehold(
  db: Database | Transaction,
  householdId: string,
  version: number,
): Promise<Household | null> {
  const kept = await readVersion(db, householdId, version)
  if (!kept) return null
  // what this release wrote was checked when it was saved
  if (kept.documentVersion === PLAN_VERSION) return kept.content as Household
  const reading = readHouseholdOf(kept.documentVersion, kept.content)
  return reading.ok ? reading.household : null
}

type KeptChanges = HouseholdChanges | false

/** An earlier version in the list of them. */
export interface ListedVersion {
  version: number
  savedAt: string
  /** what the version after it changed */
  changes: HouseholdChanges | 'cannot be read' | 'not yet'
}

/** Versions kept by an older release whose changes are worked out for one who asks; the rest for who asks next. */
const MOST_WORKED_OUT = 3

/**
 * The earlier versions of a household, the newest first, with what changed after each. That is kept with them since it was saved:
 * only of the newest, which the present state follows, and of a few of those that came without, is it worked out here.
 */
export async function listChanges(
  db: Database,
  householdId: string,
  present: Household,
): Promise<ListedVersion[]> {
  const { householdVersions } = schema
  const rows = await db
    .select({
      version: householdVersions.version,
      savedAt: householdVersions.savedAt,
      changes: householdVersions.changes,
    })
    .from(householdVersions)
    .where(eq(householdVersions.householdId, householdId))
    .orderBy(desc(householdVersions.version))
  const listed: ListedVersion[] = []
  let worked = 0
  for (const [i, { version, savedAt, changes: kept }] of rows.entries()) {
    let changes = kept as KeptChanges | null
    if (i === 0) {
      const before = await readHousehold(db, householdId, version)
      changes = before ? changesBetween(before, present) : false
    } else if (changes === null && worked < MOST_WORKED_OUT) {
      worked++
      // others are answered between two of them
      await new Promise(setImmediate)
      changes = await workOut(
        db,
        householdId,
        version,
        await readHousehold(db, householdId, rows[i - 1].version),
      )
    }
    listed.push({
      version,
      savedAt: savedAt.toISOString(),
      changes: changes === null ? 'not yet' : changes === false ? 'cannot be read' : changes,
    })
  }
  return listed
}

/** The document of an earlier version as it was kept, with the document version it has; null where there is none. */
export async function readVersion(db: Database | Transaction, householdId: string, version: number) {
  const [row] = await db
    .select()
    .from(schema.householdVersions)
    .where(
      and(
        eq(schema.householdVersions.householdId, householdId),
        eq(schema.householdVersions.version, version),
      ),
    )
  return row
    ? {
        documentVersion: row.documentVersion,
        content: JSON.parse(row.content) as unknown,
        savedAt: row.savedAt,
      }
    : null
}
