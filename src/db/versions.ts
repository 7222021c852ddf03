import { and, desc, eq, inArray, sql } from 'drizzle-orm'
import type { Household } from '@/core/plan/household'
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

/** Keeps the state of a household before it is saved over, and drops what is no more wanted, see `versionsToDrop`. */
export async function keepVersion(
  tx: Transaction,
  row: { id: string; version: number; savedAt: Date },
  content: Household,
  now: Date,
): Promise<void> {
  const marks = await tx
    .select({
      version: schema.householdVersions.version,
      savedAt: schema.householdVersions.savedAt,
      bytes: schema.householdVersions.bytes,
    })
    .from(schema.householdVersions)
    .where(eq(schema.householdVersions.householdId, row.id))
    .orderBy(desc(schema.householdVersions.version))
  const text = JSON.stringify(content)
  const mark = { version: row.version, savedAt: row.savedAt, bytes: Buffer.byteLength(text) }
  await tx
    .insert(schema.householdVersions)
    .values({ householdId: row.id, documentVersion: PLAN_VERSION, content: text, ...mark })
  const gone = versionsToDrop([mark, ...marks], now)
  if (gone.length > 0)
    await tx
      .delete(schema.householdVersions)
      .where(
        and(
          eq(schema.householdVersions.householdId, row.id),
          inArray(schema.householdVersions.version, gone),
        ),
      )
}

/** The earlier versions of a household, the newest first. */
export async function listVersions(db: Database, householdId: string) {
  const rows = await db
    .select({
      version: schema.householdVersions.version,
      savedAt: schema.householdVersions.savedAt,
    })
    .from(schema.householdVersions)
    .where(eq(schema.householdVersions.householdId, householdId))
    .orderBy(desc(schema.householdVersions.version))
  return rows.map(({ version, savedAt }) => ({ version, savedAt: savedAt.toISOString() }))
}

/** The document of an earlier version as it was kept, with the document version it has; null where there is none. */
export async function readVersion(db: Database, householdId: string, version: number) {
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

/** All earlier versions with their documents, the newest first; five megabytes at most. */
export async function readAllVersions(db: Database, householdId: string) {
  const rows = await db
    .select()
    .from(schema.householdVersions)
    .where(eq(schema.householdVersions.householdId, householdId))
    .orderBy(desc(schema.householdVersions.version))
  return rows.map(({ version, savedAt, documentVersion, content }) => ({
    version,
    savedAt,
    documentVersion,
    content: JSON.parse(content) as unknown,
  }))
}
