import { randomUUID } from 'node:crypto'
import * as z from 'zod'
import { newHousehold } from '@/catalog/newHousehold'
import { localOf } from '@/core/plan/clock'
import { type Fault, faultsOf } from '@/core/plan/fault'
import type { Household } from '@/core/plan/household'
import { readHouseholdOf } from '@/core/plan/householdFile'
import { profileSchema } from '@/core/plan/schema'
import { busyFault } from '@/core/simulation/switchingBudget'
import { database } from '@/db/client'
import { HOUSEHOLDS_LIMIT, createHousehold } from '@/db/households'
import { overLimit } from '@/server/limits'
import { forVisitor, readJson } from '@/server/request'
import { answer, refuse } from '@/server/respond'
import { householdsRoute } from '@/words/en/server/requests'
import { sayDocument } from '@/words/reading/sayDocument'
import { wordsOf } from '@/words/translate'

const say = wordsOf(householdsRoute)

const creation = z.discriminatedUnion('from', [
  z.strictObject({ from: z.literal('sample') }),
  z.strictObject({
    from: z.literal('nothing'),
    name: profileSchema.shape.name,
    mains: profileSchema.shape.mains,
  }),
  z.strictObject({ from: z.literal('file'), version: z.number(), household: z.unknown() }),
])

export const GET = forVisitor(async ({ visitor }) => answer({ households: visitor.households }))

export const POST = forVisitor(
  async ({ visitor, request }) => {
    const reading = await readJson(request)
    if (!reading.ok) return reading.refusal
    const parsed = creation.safeParse(reading.body)
    if (!parsed.success)
      return refuse(400, 'bad-request', say('theHouseholdCouldNotBeMade'), faultsOf(parsed.error))
    const over = await overLimit('household', visitor.userId)
    if (over) return over
    const db = database()
    const household = made(parsed.data)
    if (household && 'faults' in household)
      return refuse(
        422,
        'bad-request',
        say('notMade', { path: household.faults[0].path, message: sayDocument(household.faults[0].message) }),
        household.faults.slice(0, 20),
      )
    const id = randomUUID()
    return (await createHousehold(db, visitor.userId, id, household, new Date()))
      ? answer({ id }, 201)
      : refuse(409, 'limit', say('youHaveHouseholdsWhichIsThe', { householdslimit: HOUSEHOLDS_LIMIT }))
  },
  { admitsStrangers: true },
)

/** The household that is wished for; null for the sample as it is, faults where a file holds none. */
function made(wish: z.infer<typeof creation>): Household | null | { faults: Fault[] } {
  if (wish.from === 'sample') return null
  if (wish.from === 'file') {
    const reading = readHouseholdOf(wish.version, wish.household)
    if (!reading.ok) return { faults: reading.faults }
    const busy = busyFault(reading.household)
    return busy ? { faults: [busy] } : reading.household
  }
  const tomorrow = localOf(Math.floor(Date.now() / 60000) + 1440).slice(0, 10)
  return newHousehold(wish.name, wish.mains, `${tomorrow}T18:00`)
}
