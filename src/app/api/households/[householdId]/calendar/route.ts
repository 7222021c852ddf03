import * as z from 'zod'
import { NO_REFILL } from '@/core/plan/noRefill'
import { upkeepOf } from '@/words/upkeep'
import { calendarOf } from '@/server/calendar'
import { forVisitor } from '@/server/request'
import { NOT_FOUND, refuse } from '@/server/respond'
import { storedHousehold } from '@/server/storedHousehold'
import { calendarRoute } from '@/words/en/server/requests'
import { wordsOf } from '@/words/translate'

const say = wordsOf(calendarRoute)

const asked = z.object({
  from: z.iso.date(),
  months: z.coerce.number().int().min(1).max(12),
})

/** What keeps the chosen power system ready, as a calendar (RFC 5545) that any calendar program takes. */
export const GET = forVisitor<{ householdId: string }>(async ({ visitor, params, request }) => {
  const kept = await storedHousehold(visitor, params.householdId)
  if (!kept) return refuse(404, 'not-found', NOT_FOUND)
  const parsed = asked.safeParse(Object.fromEntries(new URL(request.url).searchParams))
  if (!parsed.success) return refuse(400, 'bad-request', say('aCalendarNeedsFromTheFirst'))
  const { household } = kept.stored
  const system = household.powerSystems.find(({ id }) => id === household.chosen.powerSystemId)!
  const tasks = upkeepOf(system, household.refill ?? NO_REFILL, parsed.data.months, household.profile.units)
  return new Response(calendarOf(household.profile.name, system.id, tasks, parsed.data.from), {
    headers: {
      'Content-Type': 'text/calendar; charset=utf-8',
      'Content-Disposition': `attachment; filename="upkeep-${system.id}.ics"`,
      'Cache-Control': 'no-store',
    },
  })
})
