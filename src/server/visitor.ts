import 'server-only'
import { database } from '@/db/client'
import { type HouseholdMark, visitorOfSession } from '@/db/households'
import { SESSION, auth } from './auth'
import { cookiesOf, signedValue } from './cookies'
import { secret } from './secret'

/** Whoever asks, and the households they may see. */
export interface Visitor {
  userId: string
  households: HouseholdMark[]
}

/**
 * The visitor a request's session cookie names; null without one, or with one that was tampered with or has ended. Asked of the
 * database each time, so that who signs out is out at once and everywhere.
 */
export async function visitorOf(headers: Headers): Promise<Visitor | null> {
  const { authCookies } = await auth().$context
  const token = signedValue(cookiesOf(headers).get(authCookies.sessionToken.name), secret())
  if (!token) return null
  const now = new Date()
  const visitor = await visitorOfSession(database(), token, now)
  if (!visitor) return null
  const { expiresAt, ...known } = visitor
  // a session that is used goes on; the library does it
  if (expiresAt.getTime() - now.getTime() < (SESSION.expiresIn - SESSION.updateAge) * 1000)
    await auth().api.getSession({ headers })
  return known
}

/** Whether a household is the visitor's. */
export const isOf = ({ households }: Visitor, householdId: string): boolean =>
  households.some(({ id }) => id === householdId)
