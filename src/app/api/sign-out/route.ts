import { database } from '@/db/client'
import { endSessionsOf } from '@/db/newcomers'
import { auth } from '@/server/auth'
import { audit } from '@/server/log'
import { forVisitor } from '@/server/request'
import { answer } from '@/server/respond'

/** Ends the session of this browser, on every instance. The household stays; a code opens it again. */
export const POST = forVisitor(async ({ request, promised }) => {
  // whoever leaves with the first request of all: others on their way with the same promise are out, too
  if (promised) await endSessionsOf(database(), promised)
  const { headers } = await auth().api.signOut({ headers: request.headers, returnHeaders: true })
  audit('signed-out')
  const response = answer({ signedOut: true })
  for (const cookie of headers.getSetCookie()) response.headers.append('Set-Cookie', cookie)
  return response
})
