import type { Fault } from '@/core/plan/fault'
import { log } from './log'
import { respond } from '@/words/en/server/refusals'
import { type SaidFault, sayFaults } from '@/words/reading/sayDocument'
import { wordsOf } from '@/words/translate'

const say = wordsOf(respond)

/** What every route answers when it refuses. */
export interface Refusal {
  error: {
    code:
      | 'not-found'
      | 'no-session'
      | 'bad-request'
      | 'too-large'
      | 'cross-site'
      | 'stale'
      | 'limit'
      | 'unavailable'
    message: string
    faults?: SaidFault[]
  }
}

export function refuse(
  status: number,
  code: Refusal['error']['code'],
  message: string,
  faults?: readonly Fault[],
): Response {
  return Response.json(
    { error: { code, message, ...(faults && { faults: sayFaults(faults) }) } } satisfies Refusal,
    {
      status,
      headers: { 'Cache-Control': 'no-store' },
    },
  )
}

export function answer(body: unknown, status = 200): Response {
  return Response.json(body, { status, headers: { 'Cache-Control': 'no-store' } })
}

export const NOT_FOUND = say('thereIsNoSuchHouseholdHere')

/** The refusal for an error nobody meant: says what happened in a homeowner's words and that nothing was half-saved. */
export function refuseError(error: unknown): Response {
  const text = describe(error)
  log().error({ failed: text })
  if (/ENOSPC|disk full|ER_DISK_FULL|ER_RECORD_FILE_FULL|errno: 28/i.test(text))
    return refuse(507, 'unavailable', say('theDiskIsFullSoNothing'))
  const response = refuse(503, 'unavailable', say('theDatabaseIsNotAnsweringSo'))
  response.headers.set('Retry-After', '5')
  return response
}

function describe(error: unknown): string {
  const causes: string[] = []
  for (let at: unknown = error; at instanceof Error && causes.length < 4; at = at.cause) {
    const code = (at as { code?: string }).code
    causes.push(`${code ? `${code} ` : ''}${at.message.split('\n')[0].slice(0, 300)}`)
  }
  return causes.join(' ← ') || String(error)
}
