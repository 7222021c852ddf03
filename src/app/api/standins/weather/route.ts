import * as z from 'zod'
import { epochMinute } from '@/core/plan/clock'
import { refuse } from '@/server/respond'
import { forecastHours } from '@/standins/weatherService'
import { weatherRoute } from '@/words/en/server/requests'
import { wordsOf } from '@/words/translate'

const say = wordsOf(weatherRoute)

const asked = z.object({
  latitude: z.coerce.number().min(-90).max(90),
  longitude: z.coerce.number().min(-180).max(180),
  startsAt: z.string().refine((text) => !Number.isNaN(epochMinute(text))),
  hours: z.coerce.number().int().min(1).max(384),
})

/** The simulated weather service: cloud and temperature by the hour. */
export function GET(request: Request): Response {
  const parsed = asked.safeParse(Object.fromEntries(new URL(request.url).searchParams))
  if (!parsed.success) return refuse(400, 'bad-request', say('aForecastNeedsLatitude90To'))
  const { latitude, longitude, startsAt, hours } = parsed.data
  return Response.json({
    service: 'simulated',
    hours: forecastHours({ latitudeDeg: latitude, longitudeDeg: longitude }, startsAt, hours),
  })
}
