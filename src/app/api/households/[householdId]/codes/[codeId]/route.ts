import { database } from '@/db/client'
import { revokeCode } from '@/db/recovery'
import { audit } from '@/server/log'
import { forVisitor } from '@/server/request'
import { NOT_FOUND, answer, refuse } from '@/server/respond'
import { isOf } from '@/server/visitor'

export const DELETE = forVisitor<{ householdId: string; codeId: string }>(
  async ({ visitor, params: { householdId, codeId } }) => {
    const db = database()
    const isGone = isOf(visitor, householdId) && (await revokeCode(db, householdId, codeId))
    if (!isGone) return refuse(404, 'not-found', NOT_FOUND)
    audit('code-revoked')
    return answer({ revoked: true })
  },
)
