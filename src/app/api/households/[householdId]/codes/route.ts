import { randomUUID } from 'node:crypto'
import { database } from '@/db/client'
import { CODES_LIMIT, keepCode, listCodes } from '@/db/recovery'
import { audit } from '@/server/log'
import { siteOrigin } from '@/server/origin'
import { hashOfCode, newCode, tidyCode } from '@/server/recoveryCode'
import { forVisitor } from '@/server/request'
import { NOT_FOUND, answer, refuse } from '@/server/respond'
import { isOf } from '@/server/visitor'
import { codesRoute } from '@/words/en/server/requests'
import { wordsOf } from '@/words/translate'

const say = wordsOf(codesRoute)

type Params = { householdId: string }

export const GET = forVisitor<Params>(async ({ visitor, params: { householdId } }) =>
  isOf(visitor, householdId)
    ? answer({ codes: await listCodes(database(), householdId, visitor.userId) })
    : refuse(404, 'not-found', NOT_FOUND),
)

/** A new code that opens the household on another device; told this once. */
export const POST = forVisitor<Params>(async ({ visitor, params: { householdId } }) => {
  const db = database()
  if (!isOf(visitor, householdId)) return refuse(404, 'not-found', NOT_FOUND)
  const code = newCode()
  const id = randomUUID()
  if (!(await keepCode(db, householdId, { id, hash: hashOfCode(tidyCode(code)!) }, new Date())))
    return refuse(409, 'limit', say('theHouseholdHasCodesWhichIs', { codeslimit: CODES_LIMIT }))
  audit('code-made')
  return answer({ id, code, origin: siteOrigin() }, 201)
})
