import 'server-only'
import { demoHousehold } from '@/catalog/demoHousehold'
import { database } from '@/db/client'
import { deleteVisitor, settleNewcomer } from '@/db/newcomers'
import { auth } from './auth'
import { addressOf, overLimit } from './limits'
import { audit } from './log'
import { promiseKept } from './promise'
import type { KeptHousehold } from './storedHousehold'

const sample = demoHousehold()
const sampleText = JSON.stringify(sample)

/** What a newcomer sees: the sample, as nobody has saved it yet. */
export function promisedSample(householdId: string, now: Date): KeptHousehold {
  return {
    stored: { id: householdId, version: 1, savedAt: now.toISOString(), household: sample },
    text: sampleText,
  }
}

/** Makes a new visitor. @returns the visitor's id and the cookies that carry the session */
export async function newVisitor(): Promise<{ userId: string; cookies: string[] }> {
  const { headers, response } = await auth().api.signInAnonymous({ returnHeaders: true })
  if (!response) throw new Error('no session could be made')
  audit('visitor-made')
  return { userId: response.user.id, cookies: [...headers.getSetCookie(), promiseKept()] }
}

/** Makes one who comes with nothing a visitor. @returns the visitor, or the refusal where one address makes too many */
export async function admit(request: Request): Promise<{ userId: string; cookies: string[] } | Response> {
  return (await overLimit('visitor', addressOf(request.headers))) ?? (await newVisitor())
}

/**
 * Makes the visitor and the household that were promised.
 *
 * @returns the visitor's id and the cookies that carry the session; the refusal where one address makes too many; null where what was
 *   promised has been taken and signed out of
 */
export async function keepPromise(
  request: Request,
  householdId: string,
): Promise<{ userId: string; cookies: string[] } | Response | null> {
  const visitor = await admit(request)
  if (visitor instanceof Response) return visitor
  if (await settleNewcomer(database(), visitor.userId, householdId, new Date())) return visitor
  await deleteVisitor(database(), visitor.userId)
  return null
}
