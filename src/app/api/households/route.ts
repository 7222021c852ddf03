import { randomUUID } from 'node:crypto'
import * as z from 'zod'
import { newHousehold } from '@/catalog/newHousehold'
import { localOf } from '@/core/plan/clock'
import { faultsOf } from '@/core/plan/fault'
import { profileSchema } from '@/core/plan/schema'
import { database } from '@/db/client'
import { HOUSEHOLDS_LIMIT, createHousehold, listHouseholds } from '@/db/households'
import { overLimit } from '@/server/limits'
import { forVisitor, readJson } from '@/server/request'
import { answer, refuse } from '@/server/respond'

const creation = z.discriminatedUnion('from', [
  z.strictObject({ from: z.literal('sample') }),
  z.strictObject({
    from: z.literal('nothing'),
    name: profileSchema.shape.name,
    mains: profileSchema.shape.mains,
  }),
])

export const GET = forVisitor(async ({ userId }) =>
  answer({ households: await listHouseholds(database(), userId) }),
)

export const POST = forVisitor(async ({ userId, request }) => {
  const reading = await readJson(request)
  if (!reading.ok) return reading.refusal
  const parsed = creation.safeParse(reading.body)
  if (!parsed.success)
    return refuse(400, 'bad-request', 'The household could not be made.', faultsOf(parsed.error))
  const over = await overLimit('household', userId)
  if (over) return over
  const db = database()
  const id = randomUUID()
  return (await createHousehold(db, userId, id, made(parsed.data), new Date()))
    ? answer({ id }, 201)
    : refuse(409, 'limit', `You have ${HOUSEHOLDS_LIMIT} households, which is the most. Delete one first.`)
})

function made(wish: z.infer<typeof creation>) {
  if (wish.from === 'sample') return null
  const tomorrow = localOf(Math.floor(Date.now() / 60000) + 1440).slice(0, 10)
  return newHousehold(wish.name, wish.mains, `${tomorrow}T18:00`)
}
