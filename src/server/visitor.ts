import 'server-only'
import { auth } from './auth'

/** The visitor a request's session cookie names; null without one, or with one that was tampered with or has ended. */
export async function visitorOf(headers: Headers): Promise<string | null> {
  const session = await auth().api.getSession({ headers })
  return session?.user.id ?? null
}
