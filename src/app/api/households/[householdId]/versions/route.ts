import { database } from '@/db/client'
import { listChanges } from '@/db/versions'
import { forVisitor } from '@/server/request'
import { NOT_FOUND, answer, refuse } from '@/server/respond'
import { storedHousehold } from '@/server/storedHousehold'

/** The household's earlier versions, the newest first, each with what the one after it changed. */
export const GET = forVisitor<{ householdId: string }>(async ({ visitor, params: { householdId } }) => {
  const kept = await storedHousehold(visitor, householdId)
  if (!kept) return refuse(404, 'not-found', NOT_FOUND)
  return answer({ versions: await listChanges(database(), householdId, kept.stored.household) })
})
