import { faultsOf } from '@/core/plan/fault'
import { RUN_LIMITS } from '@/core/run/runDocument'
import { runHeadSchema } from '@/core/run/runSchema'
import { database } from '@/db/client'
import { keepRun, listRuns } from '@/db/runs'
import { forVisitor, readJson } from '@/server/request'
import { NOT_FOUND, answer, refuse } from '@/server/respond'
import { isOf } from '@/server/visitor'
import { runsRoute } from '@/words/en/server/requests'
import { wordsOf } from '@/words/translate'

const say = wordsOf(runsRoute)

type Params = { householdId: string }

/** The runs of a household, the newest first. */
export const GET = forVisitor<Params>(async ({ visitor, params: { householdId } }) =>
  isOf(visitor, householdId)
    ? answer({ runs: await listRuns(database(), householdId), now: new Date().toISOString() })
    : refuse(404, 'not-found', NOT_FOUND),
)

/** A run that begins; sent again it is the same one. */
export const POST = forVisitor<Params>(async ({ visitor, params: { householdId }, request }) => {
  if (!isOf(visitor, householdId)) return refuse(404, 'not-found', NOT_FOUND)
  const reading = await readJson(request)
  if (!reading.ok) return reading.refusal
  const parsed = runHeadSchema.safeParse(reading.body)
  if (!parsed.success) return refuse(422, 'bad-request', say('theRunCouldNotBeRead'), faultsOf(parsed.error))
  if (!(await keepRun(database(), householdId, parsed.data, new Date())))
    return refuse(409, 'limit', say('theHouseholdHasRunsWhichIs', { runs: RUN_LIMITS.runs }))
  return answer({ id: parsed.data.id }, 201)
})
