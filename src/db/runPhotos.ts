import { and, eq, sum, count } from 'drizzle-orm'
import { RUN_LIMITS } from '@/core/run/runDocument'
import type { Database } from './client'
import * as schema from './schema'

/** Photos of displays, each kept under the id of its entry. */

/**
 * Keeps a photo. One that is sent twice is one.
 *
 * @returns false where the household's photos are as many, or as large together, as they may be
 */
export async function keepPhoto(
  db: Database,
  householdId: string,
  runId: string,
  id: string,
  jpeg: Buffer,
  now: Date,
): Promise<boolean> {
  const { runPhotos, households } = schema
  return db.transaction(async (tx) => {
    // photos of one household are counted one after the other
    await tx
      .select({ id: households.id })
      .from(households)
      .where(eq(households.id, householdId))
      .for('update')
    const [held] = await tx
      .select({ photos: count(), bytes: sum(runPhotos.bytes).mapWith(Number) })
      .from(runPhotos)
      .where(eq(runPhotos.householdId, householdId))
    const isFull =
      held.photos >= RUN_LIMITS.photos || (held.bytes ?? 0) + jpeg.length > RUN_LIMITS.photosBytes
    if (isFull && !(await hasPhoto(tx, householdId, runId, id))) return false
    await tx
      .insert(runPhotos)
      .ignore()
      .values({ householdId, runId, id, jpeg, bytes: jpeg.length, createdAt: now })
    return true
  })
}

const hasPhoto = async (db: Pick<Database, 'select'>, householdId: string, runId: string, id: string) => {
  const { runPhotos } = schema
  const rows = await db
    .select({ id: runPhotos.id })
    .from(runPhotos)
    .where(isPhoto(householdId, runId, id))
  return rows.length > 0
}

const isPhoto = (householdId: string, runId: string, id: string) => {
  const { runPhotos } = schema
  return and(eq(runPhotos.householdId, householdId), eq(runPhotos.runId, runId), eq(runPhotos.id, id))
}

/** A photo; null where there is none. */
export async function findPhoto(
  db: Database,
  householdId: string,
  runId: string,
  id: string,
): Promise<Buffer | null> {
  const [row] = await db
    .select({ jpeg: schema.runPhotos.jpeg })
    .from(schema.runPhotos)
    .where(isPhoto(householdId, runId, id))
  return row?.jpeg ?? null
}
