import * as z from 'zod'
import { faultsOf } from '@/core/plan/fault'
import { RUN_LIMITS } from '@/core/run/runDocument'
import { entrySchema } from '@/core/run/runSchema'
import { database } from '@/db/client'
import { findRun, keepEntries } from '@/db/runs'
import { forVisitor, readJson } from '@/server/request'
import { NOT_FOUND, answer, refuse } from '@/server/respond'
import { isOf } from '@/server/visitor'
import { entriesRoute } from '@/words/en/server/requests'
import { wordsOf } from '@/words/translate'

const say = wordsOf(entriesRoute)

type Params = { householdId: string; runId: string }

const sent = z.strictObject({ entries: z.array(entrySchema).min(1).max(500) })

/** Entries of a run; those that are there already stay as they were. */
export const POST = forVisitor<Params>(async ({ visitor, params: { householdId, runId }, request }) => {
  if (!isOf(visitor, householdId)) return refuse(404, 'not-found', NOT_FOUND)
  const reading = await readJson(request)
  if (!reading.ok) return reading.refusal
  const parsed = sent.safeParse(reading.body)
  if (!parsed.success)
    return refuse(422, 'bad-request', say('theEntryCouldNotBeRead'), faultsOf(parsed.error))
  if (!(await findRun(database(), householdId, runId)))
    return refuse(404, 'not-found', say('thereIsNoSuchRunHere'))
  if (!(await keepEntries(database(), householdId, runId, parsed.data.entries)))
    return refuse(409, 'limit', say('aRunHoldsEntriesAtMost', { entries: RUN_LIMITS.entries }))
  return answer({ kept: parsed.data.entries.map(({ id }) => id) })
})
