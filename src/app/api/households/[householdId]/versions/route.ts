import { changesBetween } from '@/core/plan/householdChanges'
import { readHouseholdOf } from '@/core/plan/householdFile'
import { database } from '@/db/client'
import { readAllVersions } from '@/db/versions'
import { forVisitor } from '@/server/request'
import { NOT_FOUND, answer, refuse } from '@/server/respond'
import { storedHousehold } from '@/server/storedHousehold'

/** The household's earlier versions, the newest first, each with what the one after it changed. */
export const GET = forVisitor<{ householdId: string }>(async ({ visitor, params: { householdId } }) => {
  const kept = await storedHousehold(visitor, householdId)
  if (!kept) return refuse(404, 'not-found', NOT_FOUND)
  let later = kept.stored.household
  const versions = (await readAllVersions(database(), householdId)).map((kept) => {
    const reading = readHouseholdOf(kept.documentVersion, kept.content)
    const { version, savedAt } = kept
    if (!reading.ok) return { version, savedAt: savedAt.toISOString(), changes: null }
    const changes = changesBetween(reading.household, later)
    later = reading.household
    return { version, savedAt: savedAt.toISOString(), changes }
  })
  return answer({ versions })
})
