import { wrap } from 'comlink'
import { LANGUAGE } from '@/words/language'
import type { SkyReading, WeatherJobs } from './weatherJobs'

/** Reads a weather file off the page's own thread, in a worker that lives as long as that. */
export async function skyOfFile(
  file: File,
  startsAt: string,
  hours: number,
  utcOffsetH: number,
): Promise<SkyReading> {
  const worker = new Worker(new URL('./weather.worker.ts', import.meta.url), {
    type: 'module',
    name: LANGUAGE,
  })
  try {
    return await wrap<WeatherJobs>(worker).skyOf(file, startsAt, hours, utcOffsetH)
  } finally {
    worker.terminate()
  }
}
