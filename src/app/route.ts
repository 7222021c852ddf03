import { randomUUID } from 'node:crypto'
import { demoHousehold } from '@/catalog/demoHousehold'
import { database } from '@/db/client'
import { createHousehold, listHouseholds } from '@/db/households'
import { addressOf, overLimit } from '@/server/limits'
import { audit } from '@/server/log'
import { refuseError } from '@/server/respond'
import { newVisitor, visitorOf } from '@/server/visitor'

/**
 * The start page. A new visitor gets a session and a household of their own, a copy of the sample; everyone
 * is sent on to the household saved last.
 */
export async function GET(request: Request): Promise<Response> {
  try {
    let userId = await visitorOf(request.headers)
    const headers = new Headers({ 'Cache-Control': 'no-store' })
    if (!userId) {
      const over = await overLimit('visitor', addressOf(request.headers))
      if (over) return over
      const visitor = await newVisitor()
      userId = visitor.userId
      audit('visitor-made')
      for (const cookie of visitor.cookies) headers.append('Set-Cookie', cookie)
    }
    let [household] = await listHouseholds(database(), userId)
    if (!household) {
      household = { id: randomUUID(), ...demoHousehold().profile }
      await createHousehold(database(), userId, household.id, null, new Date())
    }
    headers.set('Location', `/h/${household.id}/runtime`)
    return new Response(null, { status: 303, headers })
  } catch (error) {
    return refuseError(error)
  }
}
