import { join } from 'node:path'
import { databasePool } from '@/db/client'
import { isMigrated } from '@/db/migrate'
import { answer, refuse, refuseError } from '@/server/respond'

export const dynamic = 'force-dynamic'

const MIGRATIONS = join(process.cwd(), 'src/db/migrations')

/** Whether the application can do its work: the database answers, and has the schema of this release. */
export async function GET(): Promise<Response> {
  try {
    return (await isMigrated(databasePool(), MIGRATIONS))
      ? answer({ ok: true })
      : refuse(503, 'unavailable', 'The database does not have the schema of this release yet.')
  } catch (error) {
    return refuseError(error)
  }
}
