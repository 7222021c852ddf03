import { database } from '@/db/client'
import { deleteRun, entriesAfter, findRun } from '@/db/runs'
import { audit } from '@/server/log'
import { forVisitor } from '@/server/request'
import { NOT_FOUND, answer, refuse } from '@/server/respond'
import { isOf } from '@/server/visitor'
import { runRoute } from '@/words/en/server/requests'
import { wordsOf } from '@/words/translate'

const say = wordsOf(runRoute)

type Params = { householdId: string; runId: string }

const NO_RUN = say('thereIsNoSuchRunHere')

/**
 * A run with its entries, a page at a time; `after` names the last that is known, and only what came later is told. `hasMore`
 * asks for the next.
 */
export const GET = forVisitor<Params>(async ({ visitor, params: { householdId, runId }, request }) => {
  if (!isOf(visitor, householdId)) return refuse(404, 'not-found', NOT_FOUND)
  const after = new URL(request.url).searchParams.get('after')
  const head = after === null ? await findRun(database(), householdId, runId) : undefined
  if (head === null) return refuse(404, 'not-found', NO_RUN)
  const since = /^\d{1,15}$/.test(after ?? '') ? Number(after) : 0
  const page = await entriesAfter(database(), householdId, runId, since)
  return answer({ ...(head && { head }), ...page, now: new Date().toISOString() })
})

export const DELETE = forVisitor<Params>(async ({ visitor, params: { householdId, runId } }) => {
  if (!isOf(visitor, householdId)) return refuse(404, 'not-found', NOT_FOUND)
  if (!(await deleteRun(database(), householdId, runId))) return refuse(404, 'not-found', NO_RUN)
  audit('run-deleted')
  return answer({ deleted: true })
})
