import { readHouseholdOf } from '@/core/plan/householdFile'
import { database } from '@/db/client'
import { readVersion } from '@/db/versions'
import { forVisitor } from '@/server/request'
import { NOT_FOUND, answer, refuse } from '@/server/respond'
import { isOf } from '@/server/visitor'
import { versionsRoute } from '@/words/en/server/requests'
import { wordsOf } from '@/words/translate'

const say = wordsOf(versionsRoute)

/** An earlier version of a household, as this release reads it. */
export const GET = forVisitor<{ householdId: string; version: string }>(
  async ({ visitor, params: { householdId, version } }) => {
    const db = database()
    if (!isOf(visitor, householdId)) return refuse(404, 'not-found', NOT_FOUND)
    const kept = /^\d{1,9}$/.test(version) ? await readVersion(db, householdId, Number(version)) : null
    if (!kept) return refuse(404, 'not-found', say('thereIsNoSuchEarlierVersion'))
    const reading = readHouseholdOf(kept.documentVersion, kept.content)
    return reading.ok
      ? answer({ household: reading.household })
      : refuse(422, 'bad-request', say('thisVersionCannotBeReadAny'), reading.faults.slice(0, 5))
  },
)
