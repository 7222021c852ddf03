import { randomUUID } from 'node:crypto'
import { database } from '@/db/client'
import { createHousehold } from '@/db/households'
import { promiseSample, promisedTo } from '@/server/promise'
import { refuseError } from '@/server/respond'
import { type Visitor, visitorOf } from '@/server/visitor'

/**
 * The start page. A newcomer is promised a household of their own, a copy of the sample; everyone else is sent on to the household
 * saved last.
 */
export async function GET(request: Request): Promise<Response> {
  try {
    const headers = new Headers({ 'Cache-Control': 'no-store' })
    const visitor = await visitorOf(request.headers)
    headers.set('Location', `/h/${visitor ? await lastSaved(visitor) : promised(request, headers)}/runtime`)
    return new Response(null, { status: 303, headers })
  } catch (error) {
    return refuseError(error)
  }
}

async function lastSaved({ userId, households: [household] }: Visitor): Promise<string> {
  if (household) return household.id
  const id = randomUUID()
  await createHousehold(database(), userId, id, null, new Date())
  return id
}

function promised(request: Request, headers: Headers): string {
  const now = new Date()
  const known = promisedTo(request.headers, now)
  if (known) return known
  const { householdId, cookie } = promiseSample(now)
  headers.append('Set-Cookie', cookie)
  return householdId
}
