import { join } from 'node:path'
import { databasePool } from '@/db/client'
import { isMigrated } from '@/db/migrate'
import { answer, refuse, refuseError } from '@/server/respond'
import { readyRoute } from '@/words/en/server/requests'
import { wordsOf } from '@/words/translate'

const say = wordsOf(readyRoute)

export const dynamic = 'force-dynamic'

const MIGRATIONS = join(process.cwd(), 'src/db/migrations')

/** Whether the application can do its work: the database answers, and has the schema of this release. */
export async function GET(): Promise<Response> {
  try {
    return (await isMigrated(databasePool(), MIGRATIONS))
      ? answer({ ok: true })
      : refuse(503, 'unavailable', say('theDatabaseDoesNotHaveThe'))
  } catch (error) {
    return refuseError(error)
  }
}
