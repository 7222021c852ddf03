import * as z from 'zod'
import { APPLIANCES } from '@/catalog/appliances'
import { newHousehold } from '@/catalog/newHousehold'
import { quantity } from '@/core/quantity/quantity'
import { forVisitor } from '@/server/request'
import { refuse } from '@/server/respond'
import { streamOf } from '@/server/streams'
import { meterStream } from '@/standins/plugInMeter'
import { meterRoute } from '@/words/en/server/requests'
import { wordsOf } from '@/words/translate'

const say = wordsOf(meterRoute)

const asked = z.object({
  appliance: z.string(),
  speed: z.coerce.number().min(1).max(100_000).default(1),
  hours: z.coerce.number().min(0.1).max(168).default(24),
  seed: z.coerce.number().int().min(0).max(1e9).default(1),
})

/** The simulated plug-in meter, as an event stream: one reading each ten seconds of its own time. */
export const GET = forVisitor(async ({ visitor, request }) => {
  const parsed = asked.safeParse(Object.fromEntries(new URL(request.url).searchParams))
  if (!parsed.success) return refuse(400, 'bad-request', say('aMeterStreamNeedsAnAppliance'))
  const { appliance: id, ...options } = parsed.data
  const appliance = APPLIANCES.find((one) => one.id === id)
  if (!appliance) return refuse(404, 'not-found', say('noApplianceIsInTheCatalogue', { id }))
  const [scenario] = newHousehold(say('meter'), '120 V', '2027-01-15T00:00').scenarios
  const load = {
    id: appliance.id,
    name: appliance.name,
    volts: 120 as const,
    leg: 'A' as const,
    start: appliance.start && {
      watts: quantity(appliance.start[0], 'W', 'typical'),
      seconds: quantity(appliance.start[1], 's', 'typical'),
    },
    behaviour: appliance.behaviour,
    medical: false,
    note: '',
    on: true,
    tier: 'critical' as const,
    sourceId: 'main',
  }
  return streamOf(visitor.userId, request.signal, (signal) =>
    meterStream(load, scenario, { ...options, stepS: 10 }, signal),
  )
})
