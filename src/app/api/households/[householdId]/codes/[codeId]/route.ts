import { database } from '@/db/client'
import { revokeCode } from '@/db/recovery'
import { audit } from '@/server/log'
import { forVisitor } from '@/server/request'
import { NOT_FOUND, answer, refuse } from '@/server/respond'
import { isOf } from '@/server/visitor'

/** Takes a code away; with `?ends=access` the access it opened as well. */
export const DELETE = forVisitor<{ householdId: string; codeId: string }>(
  async ({ visitor, params: { householdId, codeId }, request }) => {
    const db = database()
    // also closes the household to whom it was opened by this code
    const ends = new URL(request.url).searchParams.get('ends') === 'access'
    const isGone =
      isOf(visitor, householdId) && (await revokeCode(db, householdId, codeId, ends ? visitor.userId : null))
    if (!isGone) return refuse(404, 'not-found', NOT_FOUND)
    audit(ends ? 'code-revoked-access-ended' : 'code-revoked')
    return answer({ revoked: true })
  },
)
