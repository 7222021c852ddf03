import 'server-only'
import { createHmac, randomUUID, timingSafeEqual } from 'node:crypto'
import { demoHousehold } from '@/catalog/demoHousehold'
import { database } from '@/db/client'
import { deleteVisitor, settleNewcomer } from '@/db/newcomers'
import { auth, secret } from './auth'
import { addressOf, overLimit } from './limits'
import { audit } from './log'
import { siteOrigin } from './origin'
import type { KeptHousehold } from './storedHousehold'

const WEEK_S = 7 * 24 * 3600
const NAME = 'yotrope.newcomer'

/**
 * Whoever only looks costs the database nothing: a copy of the sample under an id of its own, promised by a signed cookie. The first
 * request that asks for more than a page makes the visitor and the household.
 */
const signatureOf = (promise: string): Buffer =>
  createHmac('sha256', secret()).update(`newcomer ${promise}`).digest()

const cookieName = () => (siteOrigin().startsWith('https:') ? `__Secure-${NAME}` : NAME)

function cookieOf(value: string, seconds: number): string {
  const secure = siteOrigin().startsWith('https:') ? '; Secure' : ''
  return `${cookieName()}=${value}; Max-Age=${seconds}; Path=/; HttpOnly; SameSite=Lax${secure}`
}

/** A promise of a copy of the sample, for a week. @returns its id, and the cookie that carries it */
export function promiseSample(now: Date): { householdId: string; cookie: string } {
  const householdId = randomUUID()
  const promise = `${householdId}.${Math.floor(now.getTime() / 1000)}`
  const signature = signatureOf(promise).toString('base64url')
  return { householdId, cookie: cookieOf(`${promise}.${signature}`, WEEK_S) }
}

/** The household that a newcomer's cookie promises; null without one, or with one that was tampered with or is too old. */
export function promisedTo(headers: Headers, now: Date): string | null {
  const value = cookies(headers).get(cookieName())
  const [, promise, id, since, signature] =
    /^(([0-9a-f-]{36})\.(\d{1,12}))\.([\w-]{43})$/.exec(value ?? '') ?? []
  if (!promise || now.getTime() / 1000 - Number(since) > WEEK_S) return null
  const given = Buffer.from(signature, 'base64url')
  const right = signatureOf(promise)
  return given.length === right.length && timingSafeEqual(given, right) ? id : null
}

function cookies(headers: Headers): Map<string, string> {
  const pairs = (headers.get('cookie') ?? '').split(';').map((pair) => pair.trim().split('='))
  return new Map(pairs.map(([name, ...value]) => [name, value.join('=')]))
}

const sample = demoHousehold()
const letters = JSON.stringify(sample).length

/** What a newcomer sees: the sample, as nobody has saved it yet. */
export function promisedSample(householdId: string, now: Date): KeptHousehold {
  return { stored: { id: householdId, version: 1, savedAt: now.toISOString(), household: sample }, letters }
}

/** Makes a new visitor. @returns the visitor's id and the cookies that carry the session */
export async function newVisitor(): Promise<{ userId: string; cookies: string[] }> {
  const { headers, response } = await auth().api.signInAnonymous({ returnHeaders: true })
  if (!response) throw new Error('no session could be made')
  audit('visitor-made')
  return { userId: response.user.id, cookies: [...headers.getSetCookie(), cookieOf('', 0)] }
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
  const over = await overLimit('visitor', addressOf(request.headers))
  if (over) return over
  const visitor = await newVisitor()
  if (await settleNewcomer(database(), visitor.userId, householdId, new Date())) return visitor
  await deleteVisitor(database(), visitor.userId)
  return null
}
