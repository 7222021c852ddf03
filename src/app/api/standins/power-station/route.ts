import * as z from 'zod'
import { idSchema } from '@/core/plan/fields'
import { minuteOf } from '@/core/run/runDocument'
import { database } from '@/db/client'
import { allEntries, findRun } from '@/db/runs'
import { overLimit } from '@/server/limits'
import { forVisitor } from '@/server/request'
import { NOT_FOUND, answer, refuse } from '@/server/respond'
import { stationTapes } from '@/server/stationTapes'
import { streamOf } from '@/server/streams'
import { isOf } from '@/server/visitor'
import { stationState, stationStream } from '@/standins/powerStation'
import { powerStationRoute } from '@/words/en/server/requests'
import { wordsOf } from '@/words/translate'

const say = wordsOf(powerStationRoute)

const asked = z.object({
  household: idSchema,
  run: idSchema,
  /** its clock goes so many times as fast, */
  speed: z.coerce.number().min(1).max(7200).default(1),
  /** from this moment on, when so many minutes of the run were over */
  since: z.iso.datetime().optional(),
  fromMin: z.coerce.number().min(0).max(10_080).default(0),
  gaugeOff: z.coerce.number().min(-0.2).max(0.2).default(0),
  seed: z.coerce.number().int().min(0).max(1e9).default(1),
})

/** The simulated power station of a run: its state as JSON, or state after state to who asks for an event stream. */
export const GET = forVisitor(async ({ visitor, request }) => {
  const parsed = asked.safeParse(Object.fromEntries(new URL(request.url).searchParams))
  if (!parsed.success) return refuse(400, 'bad-request', say('aStationNeedsHouseholdAndRun'))
  const { household, run, speed, since, fromMin, gaugeOff, seed } = parsed.data
  const head = isOf(visitor, household) ? await findRun(database(), household, run) : null
  if (!head) return refuse(404, 'not-found', NOT_FOUND)
  const tapes = stationTapes()
  // what costs a thread some seconds is counted; to ask again costs nothing
  const over = tapes.has(household, head, seed) ? null : await overLimit('stream', visitor.userId)
  if (over) return over
  const tape = await tapes.of(household, head, seed, () => allEntries(database(), household, run))
  const begun = since ?? head.startedAt
  const minuteNow = () =>
    fromMin + Math.max(0, minuteOf({ startedAt: begun }, new Date().toISOString())) * speed
  const options = { startedAt: head.startedAt, gaugeOff, seed }
  if (!request.headers.get('accept')?.includes('text/event-stream'))
    return answer(stationState(tape, minuteNow(), options))
  return streamOf(visitor.userId, request.signal, (signal) => stationStream(tape, minuteNow, options, signal))
})
