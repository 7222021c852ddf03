import 'server-only'
import { database } from '@/db/client'
import { brokenText } from '@/core/plan/brokenText'
import { listHouseholds } from '@/db/households'
import { admit, keepPromise } from './newcomer'
import { trustedOrigins } from './origin'
import { promisedTo } from './promise'
import { refuse, refuseError } from './respond'
import { type Visitor, visitorOf } from './visitor'
import { request as requestWords } from '@/words/en/server/refusals'
import { sayFaults } from '@/words/reading/sayDocument'
import { wordsOf } from '@/words/translate'

const say = wordsOf(requestWords)

/** Largest request that is read, bytes. A full household of 200 loads has about 250,000. */
export const REQUEST_LIMIT_BYTES = 1_000_000
/** Longest the rest of a request is waited for. */
const READ_WITHIN_MS = 15_000

type Handler<P> = (asked: {
  visitor: Visitor
  request: Request
  params: P
  /** the household a newcomer was promised, where this request made the visitor; null otherwise */
  promised: string | null
}) => Promise<Response>

/**
 * Wraps a route so that it runs for a known visitor only, or for a newcomer, who is made one: changes must come from this site's own
 * pages, and an error becomes a clear refusal.
 *
 * @param options.admitsStrangers whether one who comes without a cookie is made a visitor too
 */
export function forVisitor<P>(handler: Handler<P>, { admitsStrangers = false } = {}) {
  return async (request: Request, context: { params: Promise<P> }): Promise<Response> => {
    try {
      if (request.method !== 'GET' && request.method !== 'HEAD' && !isSameSite(request))
        return refuse(403, 'cross-site', say('changesAreAcceptedFromThisSites'))
      const params = await context.params
      const known = await visitorOf(request.headers)
      if (known) return await handler({ visitor: known, request, params, promised: null })
      const promised = promisedTo(request.headers, new Date())
      const made = promised
        ? await keepPromise(request, promised)
        : admitsStrangers
          ? await admit(request)
          : null
      if (made instanceof Response) return made
      if (!made) return refuse(401, 'no-session', say('thisBrowserHasNoValidSession'))
      const visitor = { userId: made.userId, households: await listHouseholds(database(), made.userId) }
      const response = await handler({ visitor, request, params, promised })
      // what the route says of the session comes last, and holds
      const own = response.headers.getSetCookie()
      response.headers.delete('Set-Cookie')
      for (const cookie of [...made.cookies, ...own]) response.headers.append('Set-Cookie', cookie)
      return response
    } catch (error) {
      // the page has gone and hears no answer
      if (request.signal.aborted) return new Response(null, { status: 499 })
      return refuseError(error)
    }
  }
}

/** Browsers send Origin with every change; Sec-Fetch-Site, where sent, must agree. */
export function isSameSite(request: Request): boolean {
  const origin = request.headers.get('origin')
  const site = request.headers.get('sec-fetch-site')
  return origin !== null && trustedOrigins().includes(origin) && (site === null || site === 'same-origin')
}

export type JsonReading = { ok: true; body: unknown } | { ok: false; refusal: Response }
export type BytesReading = { ok: true; bytes: Buffer } | { ok: false; refusal: Response }

/** Reads a request's JSON, up to the limit; what is longer is refused before it is read to its end. */
export async function readJson(request: Request): Promise<JsonReading> {
  if (!request.headers.get('content-type')?.startsWith('application/json'))
    return {
      ok: false,
      refusal: refuse(415, 'bad-request', say('theRequestMustBeJsonContent')),
    }
  const reading = await readBytes(request, REQUEST_LIMIT_BYTES, say('aHouseholdHas200LoadsAt'))
  if (!reading.ok) return reading
  let body: unknown
  try {
    body = JSON.parse(reading.bytes.toString('utf8'))
  } catch {
    return { ok: false, refusal: refuse(400, 'bad-request', say('theRequestIsNotValidJson')) }
  }
  const broken = brokenText(body)
  if (!broken) return { ok: true, body }
  const [{ path, message }] = sayFaults([broken])
  const words = say('aTextCannotBeKept', { path, trouble: message })
  return { ok: false, refusal: refuse(422, 'bad-request', words, [broken]) }
}

/**
 * Reads a request's body, up to a limit; what is longer is refused before it is read to its end.
 *
 * @param why what is said behind the limit
 */
export async function readBytes(request: Request, limit: number, why: string): Promise<BytesReading> {
  const tooLarge = () =>
    refuse(
      413,
      'too-large',
      say('theRequestIsLargerThanBytes', { localeString: limit.toLocaleString('en-US'), why }),
    )
  if (Number(request.headers.get('content-length') ?? 0) > limit) return { ok: false, refusal: tooLarge() }
  const chunks: Uint8Array[] = []
  let length = 0
  const reader = request.body?.getReader()
  const deadline = AbortSignal.timeout(READ_WITHIN_MS)
  const late = new Promise<'late'>((resolve) =>
    deadline.addEventListener('abort', () => resolve('late'), { once: true }),
  )
  while (reader) {
    const read = await Promise.race([reader.read(), late])
    if (read === 'late') {
      void reader.cancel().catch(() => {})
      return {
        ok: false,
        refusal: refuse(408, 'bad-request', say('theRequestDidNotComeTo')),
      }
    }
    if (read.done) break
    length += read.value.byteLength
    if (length > limit) {
      void reader.cancel().catch(() => {})
      return { ok: false, refusal: tooLarge() }
    }
    chunks.push(read.value)
  }
  return { ok: true, bytes: Buffer.concat(chunks) }
}
