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

const asked = z.strictObject({ code: z.string().max(100) })

/** Opens a household by its code, to a visitor who may be new here. */
export async function POST(request: Request): Promise<Response> {
  try {
    if (!isSameSite(request))
      return refuse(403, 'cross-site', 'Changes are accepted from this site’s own pages only.')
    const over = await overLimit('code', addressOf(request.headers))
    if (over) return over
    const reading = await readJson(request)
    if (!reading.ok) return reading.refusal
    const parsed = asked.safeParse(reading.body)
    const code = parsed.success ? tidyCode(parsed.data.code) : null
    if (!code)
      return refuse(
        400,
        'bad-request',
        'A code has twenty letters and digits, such as 7K2M-09PQ-RS4T-WXYZ-1234.',
      )
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
      return refuse(
        409,
        'limit',
        `You have ${HOUSEHOLDS_LIMIT} households, which is the most. Delete one first.`,
      )
    if (!visitor || !opened) {
      audit('code-refused')
      return refuse(
        404,
        'not-found',
        'No household has this code. It may have been revoked, or a letter is wrong.',
      )
    }
    audit('code-used')
    const response = answer({ householdId: opened })
    for (const cookie of visitor.cookies) response.headers.append('Set-Cookie', cookie)
    return response
  } catch (error) {
    return refuseError(error)
  }
}
