import 'server-only'
import { createHmac, randomUUID } from 'node:crypto'
import { cookiesOf, isSame } from './cookies'
import { siteOrigin } from './origin'
import { secret } from './secret'

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
  const value = cookiesOf(headers).get(cookieName())
  const [, promise, id, since, signature] =
    /^(([0-9a-f-]{36})\.(\d{1,12}))\.([\w-]{43})$/.exec(value ?? '') ?? []
  if (!promise || now.getTime() / 1000 - Number(since) > WEEK_S) return null
  return isSame(Buffer.from(signature, 'base64url'), signatureOf(promise)) ? id : null
}

/** The cookie that takes a promise back, once it is kept. */
export const promiseKept = (): string => cookieOf('', 0)
