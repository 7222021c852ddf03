import { sql } from 'drizzle-orm'
import type { Database } from './client'

const WEEK_MS = 7 * 24 * 3_600_000
/** At once, so that no statement holds the tables for long. */
const BATCH = 500

/**
 * Deletes visitors who have made no change since they came, a week ago or longer, with their untouched copies of the sample
 * and their sessions. Whoever has a household that was changed once, or wrote a run down, stays with all of it.
 *
 * @returns how many visitors
 */
export async function deletePristineVisitors(db: Database, now: Date): Promise<number> {
  const before = new Date(now.getTime() - WEEK_MS)
  let removed = 0
  for (;;) {
    const gone = await db.transaction(async (tx) => {
      const [rows] = (await tx.execute(sql`
        SELECT u.id FROM user u
        WHERE u.is_anonymous = 1 AND u.created_at < ${before} AND NOT EXISTS (
          SELECT 1 FROM household_members m JOIN households h ON h.id = m.household_id
          WHERE m.user_id = u.id AND (h.is_pristine = 0 OR h.version > 1 OR EXISTS (SELECT 1 FROM runs r WHERE r.household_id = h.id))
        ) LIMIT ${BATCH} FOR UPDATE`)) as unknown as [{ id: string }[]]
      if (rows.length === 0) return 0
      const ids = sql.join(
        rows.map(({ id }) => sql`${id}`),
        sql`, `,
      )
      await tx.execute(sql`
        DELETE h FROM households h JOIN household_members m ON m.household_id = h.id
        WHERE m.user_id IN (${ids}) AND NOT EXISTS (
          SELECT 1 FROM household_members o WHERE o.household_id = h.id AND o.user_id NOT IN (${ids})
        )`)
      await tx.execute(sql`DELETE FROM user WHERE id IN (${ids})`)
      return rows.length
    })
    removed += gone
    if (gone < BATCH) return removed
  }
}
