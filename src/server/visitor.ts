import 'server-only'
import { auth } from './auth'

/** The visitor a request's session cookie names; null without one, or with one that was tampered with or has ended. */
export async function visitorOf(headers: Headers): Promise<string | null> {
  const session = await auth().api.getSession({ headers })
  return session?.user.id ?? null
}

/** Makes a new visitor. @returns the visitor's id and the cookies that carry the session */
export async function newVisitor(): Promise<{ userId: string; cookies: string[] }> {
  const { headers, response } = await auth().api.signInAnonymous({ returnHeaders: true })
  if (!response) throw new Error('no session could be made')
  return { userId: response.user.id, cookies: headers.getSetCookie() }
}
