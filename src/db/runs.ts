import { and, asc, count, desc, eq, gt } from 'drizzle-orm'
import { readPlan } from '@/core/plan/document'
import { type Entry, RUN_LIMITS, type RunHead } from '@/core/run/runDocument'
import { entrySchema } from '@/core/run/runSchema'
import type { Database } from './client'
import * as schema from './schema'

/** A run among others: what it was, and how much was written down. */
export interface RunMark {
  id: string
  kind: RunHead['kind']
  name: string
  startedAt: string
  startsLocal: string
  entries: number
}

/** The runs of a household, the newest first. */
export async function listRuns(db: Database, householdId: string): Promise<RunMark[]> {
  const { runs, runEntries } = schema
  const rows = await db
    .select({
      id: runs.id,
      kind: runs.kind,
      name: runs.name,
      startedAt: runs.startedAt,
      startsLocal: runs.startsLocal,
      entries: count(runEntries.sequence),
    })
    .from(runs)
    .leftJoin(runEntries, and(eq(runEntries.householdId, runs.householdId), eq(runEntries.runId, runs.id)))
    .where(eq(runs.householdId, householdId))
    .groupBy(runs.householdId, runs.id)
    .orderBy(desc(runs.startedAt))
  return rows.map((row) => ({ ...row, startedAt: row.startedAt.toISOString() }))
}

/**
 * Keeps a run that begins. One that is sent twice is one.
 *
 * @returns false where the household has as many as it may
 */
export async function keepRun(db: Database, householdId: string, head: RunHead, now: Date): Promise<boolean> {
  const [{ held }] = await db
    .select({ held: count() })
    .from(schema.runs)
    .where(eq(schema.runs.householdId, householdId))
  if (held >= RUN_LIMITS.runs && !(await findRun(db, householdId, head.id))) return false
  await db
    .insert(schema.runs)
    .ignore()
    .values({
      householdId,
      id: head.id,
      kind: head.kind,
      name: head.name,
      sourceId: head.sourceId,
      startedAt: new Date(head.startedAt),
      startsLocal: head.startsLocal,
      plan: head.plan,
      createdAt: now,
    })
  return true
}

/** What was fixed when a run began; null where there is none, or its plan cannot be read any more. */
export async function findRun(db: Database, householdId: string, id: string): Promise<RunHead | null> {
  const [row] = await db
    .select()
    .from(schema.runs)
    .where(and(eq(schema.runs.householdId, householdId), eq(schema.runs.id, id)))
  if (!row) return null
  const reading = readPlan(row.plan)
  if (!reading.ok) return null
  const { kind, name, startsLocal, sourceId } = row
  return { id, kind, name, startedAt: row.startedAt.toISOString(), startsLocal, plan: reading.plan, sourceId }
}

/** Entries told at once: few enough that reading them holds nobody else up, however long their notes are. */
export const ENTRIES_A_PAGE = 250

/** A page of the entries of a run that came after one, in the order they came, and whether there are more. */
export async function entriesAfter(
  db: Database,
  householdId: string,
  runId: string,
  after: number,
): Promise<{ entries: Entry[]; sequence: number; hasMore: boolean }> {
  const { runEntries } = schema
  const rows = await db
    .select({ sequence: runEntries.sequence, entry: runEntries.entry })
    .from(runEntries)
    .where(
      and(
        eq(runEntries.householdId, householdId),
        eq(runEntries.runId, runId),
        gt(runEntries.sequence, after),
      ),
    )
    .orderBy(asc(runEntries.sequence))
    .limit(ENTRIES_A_PAGE)
  return {
    entries: rows.flatMap(({ entry }) => {
      const parsed = entrySchema.safeParse(entry)
      return parsed.success ? [parsed.data] : []
    }),
    sequence: rows.length ? rows[rows.length - 1].sequence : after,
    hasMore: rows.length === ENTRIES_A_PAGE,
  }
}

/** All entries of a run, read a page at a time, others being answered between two. */
export async function allEntries(db: Database, householdId: string, runId: string): Promise<Entry[]> {
  const all: Entry[] = []
  for (let after = 0; ;) {
    const { entries, sequence, hasMore } = await entriesAfter(db, householdId, runId, after)
    all.push(...entries)
    if (!hasMore) return all
    after = sequence
    await new Promise(setImmediate)
  }
}

/**
 * Keeps entries. One that is there already stays as it was.
 *
 * @returns false where the run would hold more than it may
 */
export async function keepEntries(
  db: Database,
  householdId: string,
  runId: string,
  entries: readonly Entry[],
): Promise<boolean> {
  const { runEntries } = schema
  const [{ held }] = await db
    .select({ held: count() })
    .from(runEntries)
    .where(and(eq(runEntries.householdId, householdId), eq(runEntries.runId, runId)))
  if (held + entries.length > RUN_LIMITS.entries) return false
  if (entries.length > 0)
    await db
      .insert(runEntries)
      .ignore()
      .values(entries.map((entry) => ({ householdId, runId, id: entry.id, at: new Date(entry.at), entry })))
  return true
}

/** Removes a run with all that was written down in it. @returns whether there was one */
export async function deleteRun(db: Database, householdId: string, id: string): Promise<boolean> {
  const [result] = await db
    .delete(schema.runs)
    .where(and(eq(schema.runs.householdId, householdId), eq(schema.runs.id, id)))
  return result.affectedRows > 0
}
