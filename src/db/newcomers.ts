import { and, eq, gt, inArray } from 'drizzle-orm'
import type { Database } from './client'
import { createHousehold } from './households'
import * as schema from './schema'

/**
 * Makes the copy of the sample that a newcomer was promised. Where it is there already (the answer to the first request was lost, or
 * two came at once), the visitor joins it as long as the session that made it is alive: signed out, a promise opens nothing.
 *
 * @returns whether the household is the visitor's now
 */
export async function settleNewcomer(
  db: Database,
  userId: string,
  householdId: string,
  now: Date,
): Promise<boolean> {
  try {
    return await createHousehold(db, userId, householdId, null, now)
  } catch (error) {
    if (!isTaken(error)) throw error
  }
  const [owner] = await db
    .select({ id: schema.session.id })
    .from(schema.householdMembers)
    .innerJoin(schema.session, eq(schema.session.userId, schema.householdMembers.userId))
    .where(and(eq(schema.householdMembers.householdId, householdId), gt(schema.session.expiresAt, now)))
    .limit(1)
  if (owner) await db.insert(schema.householdMembers).values({ householdId, userId, role: 'owner' })
  return owner !== undefined
}

/** Ends every session that holds a household. */
export async function endSessionsOf(db: Database, householdId: string): Promise<void> {
  const members = db
    .select({ id: schema.householdMembers.userId })
    .from(schema.householdMembers)
    .where(eq(schema.householdMembers.householdId, householdId))
  await db.delete(schema.session).where(inArray(schema.session.userId, members))
}

/** Whether a row of this id was there. */
function isTaken(error: unknown): boolean {
  for (let at = error; at instanceof Error; at = at.cause)
    if ((at as { code?: string }).code === 'ER_DUP_ENTRY') return true
  return false
}

/** Takes a visitor back who was made a moment ago and has nothing. */
export async function deleteVisitor(db: Database, userId: string): Promise<void> {
  await db.delete(schema.user).where(eq(schema.user.id, userId))
}
