import { and, count, eq, isNotNull, max, ne } from 'drizzle-orm'
import type { Database } from './client'
import { HOUSEHOLDS_LIMIT } from './households'
import * as schema from './schema'

/** Codes that a household may have at once. */
export const CODES_LIMIT = 5

/** Keeps the hash of a new code. @returns whether there was room for one more */
export async function keepCode(
  db: Database,
  householdId: string,
  code: { id: string; hash: string },
  now: Date,
): Promise<boolean> {
  return db.transaction(async (tx) => {
    await tx
      .select({ id: schema.households.id })
      .from(schema.households)
      .where(eq(schema.households.id, householdId))
      .for('update')
    const [{ kept }] = await tx
      .select({ kept: count() })
      .from(schema.recoveryCodes)
      .where(eq(schema.recoveryCodes.householdId, householdId))
    if (kept >= CODES_LIMIT) return false
    await tx.insert(schema.recoveryCodes).values({ ...code, householdId, createdAt: now })
    return true
  })
}

/**
 * A household's codes: when each was made and last used, and for whom it opened the household who still has it. Nobody can be told
 * what they are.
 *
 * @param userId who asks, and is not told of themselves
 */
export async function listCodes(db: Database, householdId: string, userId: string) {
  const rows = await db
    .select({
      id: schema.recoveryCodes.id,
      createdAt: schema.recoveryCodes.createdAt,
      usedAt: schema.recoveryCodes.usedAt,
    })
    .from(schema.recoveryCodes)
    .where(eq(schema.recoveryCodes.householdId, householdId))
    .orderBy(schema.recoveryCodes.createdAt)
  const { householdMembers, session } = schema
  const opened = await db
    .select({
      codeId: householdMembers.openedByCode,
      openedAt: householdMembers.openedAt,
      seenAt: max(session.updatedAt),
    })
    .from(householdMembers)
    .leftJoin(session, eq(session.userId, householdMembers.userId))
    .where(
      and(
        eq(householdMembers.householdId, householdId),
        isNotNull(householdMembers.openedByCode),
        ne(householdMembers.userId, userId),
      ),
    )
    .groupBy(householdMembers.userId, householdMembers.openedByCode, householdMembers.openedAt)
  return rows.map(({ id, createdAt, usedAt }) => ({
    id,
    createdAt: createdAt.toISOString(),
    usedAt: usedAt?.toISOString() ?? null,
    opened: opened
      .filter(({ codeId }) => codeId === id)
      .map(({ openedAt, seenAt }) => ({
        openedAt: openedAt!.toISOString(),
        seenAt: seenAt?.toISOString() ?? null,
      })),
  }))
}

/**
 * Takes a code away.
 *
 * @param endsFor who asks, where the household is also to be closed to all others the code opened it for; null where they keep it
 * @returns whether there was such a code
 */
export async function revokeCode(
  db: Database,
  householdId: string,
  codeId: string,
  endsFor: string | null = null,
): Promise<boolean> {
  const { recoveryCodes, householdMembers } = schema
  return db.transaction(async (tx) => {
    const [{ affectedRows }] = await tx
      .delete(recoveryCodes)
      .where(and(eq(recoveryCodes.householdId, householdId), eq(recoveryCodes.id, codeId)))
    if (affectedRows > 0 && endsFor !== null)
      await tx
        .delete(householdMembers)
        .where(
          and(
            eq(householdMembers.householdId, householdId),
            eq(householdMembers.openedByCode, codeId),
            ne(householdMembers.userId, endsFor),
          ),
        )
    return affectedRows > 0
  })
}

/** Whether a hash is that of a code. */
export async function isCode(db: Database, hash: string): Promise<boolean> {
  const rows = await db
    .select({ id: schema.recoveryCodes.id })
    .from(schema.recoveryCodes)
    .where(eq(schema.recoveryCodes.hash, hash))
  return rows.length > 0
}

/**
 * Opens a household to a visitor by the hash of a code.
 *
 * @returns the household, null where no code is such, or 'full' where the visitor has as many households as are allowed
 */
export async function openByCode(
  db: Database,
  hash: string,
  userId: string,
  now: Date,
): Promise<string | 'full' | null> {
  return db.transaction(async (tx) => {
    const [code] = await tx
      .select()
      .from(schema.recoveryCodes)
      .where(eq(schema.recoveryCodes.hash, hash))
      .for('update')
    if (!code) return null
    const mine = await tx
      .select({ householdId: schema.householdMembers.householdId })
      .from(schema.householdMembers)
      .where(eq(schema.householdMembers.userId, userId))
    if (!mine.some(({ householdId }) => householdId === code.householdId)) {
      if (mine.length >= HOUSEHOLDS_LIMIT) return 'full'
      await tx.insert(schema.householdMembers).values({
        householdId: code.householdId,
        userId,
        role: 'owner',
        openedByCode: code.id,
        openedAt: now,
      })
    }
    await tx.update(schema.recoveryCodes).set({ usedAt: now }).where(eq(schema.recoveryCodes.id, code.id))
    return code.householdId
  })
}
