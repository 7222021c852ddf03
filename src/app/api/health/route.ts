import { sql } from 'drizzle-orm'
import { database } from '@/db/client'
import { answer, refuseError } from '@/server/respond'

export const dynamic = 'force-dynamic'

/** Whether the application and its database answer. */
export async function GET(): Promise<Response> {
  try {
    await database().execute(sql`SELECT 1`)
    return answer({ ok: true })
  } catch (error) {
    return refuseError(error)
  }
}
