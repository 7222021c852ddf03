import type { Sky } from '@/core/plan/weather'
import type { EpwFile } from '@/core/weather/epw'

export type SkyReading =
  { ok: true; sky: Sky; place: EpwFile['place']; filled: number } | { ok: false; message: string }

/** What the weather worker does for a page. */
export interface WeatherJobs {
  /** the hours of a weather file from a date on, on a clock so far ahead of UTC */
  skyOf(file: File, startsAt: string, hours: number, utcOffsetH: number): Promise<SkyReading>
}
