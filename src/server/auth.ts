import 'server-only'
import { betterAuth } from 'better-auth'
import { drizzleAdapter } from 'better-auth/adapters/drizzle'
import { anonymous } from 'better-auth/plugins'
import { database } from '@/db/client'
import { moveHouseholds } from '@/db/households'
import * as schema from '@/db/schema'
import { log } from './log'
import { siteOrigin, trustedOrigins } from './origin'
import { secret } from './secret'

const WEEK_S = 7 * 24 * 3600
/** How long a session lasts without use, and how long after its last renewal it is renewed, s. */
export const SESSION = { expiresIn: 52 * WEEK_S, updateAge: WEEK_S }

function create() {
  const db = database()
  const origin = siteOrigin()
  return betterAuth({
    appName: 'Yotrope',
    baseURL: origin,
    trustedOrigins: trustedOrigins(),
    secret: secret(),
    telemetry: { enabled: false },
    // its own words may hold a session's token: the first line, without what was asked, is enough
    logger: { log: (level, message) => log()[level]({ sessions: message.split('\n')[0].slice(0, 200) }) },
    database: drizzleAdapter(db, { provider: 'mysql', schema }),
    session: SESSION,
    advanced: {
      cookiePrefix: 'yotrope',
      // a browser drops Secure cookies of plain http; on https the cookie is Secure and carries the __Secure- prefix
      useSecureCookies: origin.startsWith('https:'),
      defaultCookieAttributes: { httpOnly: true, sameSite: 'lax', path: '/' },
    },
    plugins: [
      anonymous({
        emailDomainName: 'visitor.invalid',
        onLinkAccount: async ({ anonymousUser, newUser }) => {
          await moveHouseholds(db, anonymousUser.user.id, newUser.user.id)
        },
      }),
    ],
  })
}

type Auth = ReturnType<typeof create>
const held = globalThis as { yotropeAuth?: Auth }

/** The session library, made on first use so that a build needs neither database nor secret. */
export function auth(): Auth {
  return (held.yotropeAuth ??= create())
}
