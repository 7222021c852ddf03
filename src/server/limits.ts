import 'server-only'
import { RateLimiterMemory, RateLimiterMySQL, RateLimiterRes } from 'rate-limiter-flexible'
import { databasePool } from '@/db/client'
import { audit } from './log'
import { refuse } from './respond'
import { limits } from '@/words/en/server/refusals'
import { wordsOf } from '@/words/translate'

const say = wordsOf(limits)

/** What may be made so often in so many seconds. By address, or by visitor. */
const LIMITS = {
  /** new visitors of one address: a household of people, a school class, not a machine */
  visitor: { points: Number(process.env.YOTROPE_VISITORS_PER_TEN_MINUTES ?? 40), duration: 600 },
  /** households of one visitor */
  household: { points: 40, duration: 600 },
  /** codes tried from one address */
  code: { points: 10, duration: 600 },
  /** simulated devices begun by one visitor */
  stream: { points: 60, duration: 600 },
  /** simulated devices of one visitor that run at once: a place is given back at the end, and by itself after the longest run */
  running: { points: 2, duration: 15 * 60 },
} as const
export type Limit = keyof typeof LIMITS

const held = globalThis as { yotropeLimits?: Map<Limit, RateLimiterMySQL> }

/** Seconds after which a count begins anew. */
export const durationS = (limit: Limit): number => LIMITS[limit].duration

function limiterOf(limit: Limit): RateLimiterMySQL {
  const limiters = (held.yotropeLimits ??= new Map())
  let limiter = limiters.get(limit)
  if (!limiter) {
    const { points, duration } = LIMITS[limit]
    limiter = new RateLimiterMySQL({
      // counted in the database, so that any number of instances count together
      storeClient: databasePool().pool,
      storeType: 'pool',
      dbName: new URL(process.env.DATABASE_URL!).pathname.slice(1),
      tableName: 'rate_limits',
      tableCreated: true,
      keyPrefix: limit,
      points,
      duration,
      // one who is over the limit costs the database nothing more
      ...(limit !== 'running' && { inMemoryBlockOnConsumed: points + 1 }),
      insuranceLimiter: new RateLimiterMemory({ points, duration }),
    })
    limiters.set(limit, limiter)
  }
  return limiter
}

/** The address a request comes from, as the server in front saw it. */
export const addressOf = (headers: Headers): string => headers.get('x-yotrope-address') ?? 'unknown'

/** Gives one of what is limited back; a count that cannot be changed now ends by itself. */
export async function giveBack(limit: Limit, who: string): Promise<void> {
  await limiterOf(limit)
    .reward(who, 1)
    .catch(() => {})
}

/**
 * Counts one more of what is limited.
 *
 * @param who an address or a visitor
 * @returns the refusal when it is one too many; null else
 */
export async function overLimit(limit: Limit, who: string): Promise<Response | null> {
  try {
    await limiterOf(limit).consume(who)
    return null
  } catch (error) {
    if (!(error instanceof RateLimiterRes)) throw error
    const seconds = Math.ceil(error.msBeforeNext / 1000)
    audit('limited', { limit })
    const response = refuse(
      429,
      'limit',
      say('tooManyAtOnceTryAgain', {
        seconds:
          seconds > 90 ? say('minutes', { ceil: Math.ceil(seconds / 60) }) : say('seconds', { seconds }),
      }),
    )
    response.headers.set('Retry-After', String(seconds))
    return response
  }
}
