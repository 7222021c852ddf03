import * as z from 'zod'
import { database } from '@/db/client'
import { HOUSEHOLDS_LIMIT } from '@/db/households'
import { isCode, openByCode } from '@/db/recovery'
import { addressOf, overLimit } from '@/server/limits'
import { audit } from '@/server/log'
import { newVisitor } from '@/server/newcomer'
import { hashOfCode, tidyCode } from '@/server/recoveryCode'
import { isSameSite, readJson } from '@/server/request'
import { answer, refuse, refuseError } from '@/server/respond'
import { visitorOf } from '@/server/visitor'
import { openRoute } from '@/words/en/server/requests'
import { wordsOf } from '@/words/translate'

const say = wordsOf(openRoute)

const asked = z.strictObject({ code: z.string().max(100) })

/** Opens a household by its code, to a visitor who may be new here. */
export async function POST(request: Request): Promise<Response> {
  try {
    if (!isSameSite(request)) return refuse(403, 'cross-site', say('changesAreAcceptedFromThisSites'))
    const over = await overLimit('code', addressOf(request.headers))
    if (over) return over
    const reading = await readJson(request)
    if (!reading.ok) return reading.refusal
    const parsed = asked.safeParse(reading.body)
    const code = parsed.success ? tidyCode(parsed.data.code) : null
    if (!code) return refuse(400, 'bad-request', say('aCodeHasTwentyLettersAnd'))
    const db = database()
    const hash = hashOfCode(code)
    const known = await visitorOf(request.headers)
    // a wrong code makes no visitor
    const visitor = known
      ? { userId: known.userId, cookies: [] }
      : (await isCode(db, hash))
        ? await newVisitor()
        : null
    const opened = visitor && (await openByCode(db, hash, visitor.userId, new Date()))
    if (opened === 'full')
      return refuse(409, 'limit', say('youHaveHouseholdsWhichIsThe', { householdslimit: HOUSEHOLDS_LIMIT }))
    if (!visitor || !opened) {
      audit('code-refused')
      return refuse(404, 'not-found', say('noHouseholdHasThisCodeIt'))
    }
    audit('code-used')
    const response = answer({ householdId: opened })
    for (const cookie of visitor.cookies) response.headers.append('Set-Cookie', cookie)
    return response
  } catch (error) {
    return refuseError(error)
  }
}
