import * as z from 'zod'
import { faultsOf } from '@/core/plan/fault'
import { readHousehold } from '@/core/plan/household'
import { busyFault } from '@/core/simulation/switchingBudget'
import { database } from '@/db/client'
import { deleteHousehold } from '@/db/households'
import { audit } from '@/server/log'
import { forVisitor, readJson } from '@/server/request'
import { NOT_FOUND, answer, refuse } from '@/server/respond'
import { saveStored, storedHousehold } from '@/server/storedHousehold'
import { isOf } from '@/server/visitor'
import { householdRoute } from '@/words/en/server/requests'
import { sayDocument } from '@/words/reading/sayDocument'
import { wordsOf } from '@/words/translate'

const say = wordsOf(householdRoute)

type Params = { householdId: string }

const saving = z.strictObject({ baseVersion: z.number().int().min(1), household: z.unknown() })

export const GET = forVisitor<Params>(async ({ visitor, params }) => {
  const kept = await storedHousehold(visitor, params.householdId)
  return kept ? answer(kept.stored) : refuse(404, 'not-found', NOT_FOUND)
})

export const PUT = forVisitor<Params>(async ({ visitor, params, request }) => {
  // who may write is settled before what is written is looked at, so that a stranger learns nothing
  if (!isOf(visitor, params.householdId)) return refuse(404, 'not-found', NOT_FOUND)
  const reading = await readJson(request)
  if (!reading.ok) return reading.refusal
  const parsed = saving.safeParse(reading.body)
  if (!parsed.success) return refuse(400, 'bad-request', say('theSaveCouldNotBeRead'), faultsOf(parsed.error))
  const household = readHousehold(parsed.data.household)
  if (!household.ok) {
    const [first] = household.faults
    return refuse(
      422,
      'bad-request',
      say('notSaved', { path: first.path, message: sayDocument(first.message) }),
      household.faults.slice(0, 20),
    )
  }
  const busy = busyFault(household.household)
  if (busy)
    return refuse(
      422,
      'bad-request',
      say('notSaved', { path: busy.path, message: sayDocument(busy.message) }),
      [busy],
    )
  const outcome = await saveStored(
    visitor.userId,
    params.householdId,
    parsed.data.baseVersion,
    household.household,
  )
  switch (outcome.kind) {
    case 'absent':
      return refuse(404, 'not-found', NOT_FOUND)
    case 'stale':
      return answer(
        {
          error: {
            code: 'stale',
            message: say('someoneElseSavedThisHouseholdFirst'),
          },
          newer: outcome.newer,
        },
        409,
      )
    case 'saved':
      return answer({ version: outcome.version, savedAt: outcome.savedAt })
  }
})

export const DELETE = forVisitor<Params>(async ({ visitor, params }) => {
  if (!(await deleteHousehold(database(), visitor.userId, params.householdId)))
    return refuse(404, 'not-found', NOT_FOUND)
  audit('household-deleted')
  return answer({ deleted: true })
})
