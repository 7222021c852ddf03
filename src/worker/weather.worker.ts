import { expose } from 'comlink'
import { readEpw, skyFromEpw } from '@/core/weather/epw'
import type { WeatherJobs } from './weatherJobs'

const jobs: WeatherJobs = {
  async skyOf(file, startsAt, hours, utcOffsetH) {
    try {
      const epw = readEpw(await file.text())
      return {
        ok: true,
        sky: skyFromEpw(epw, startsAt, hours, utcOffsetH),
        place: epw.place,
        filled: epw.filled,
      }
    } catch (error) {
      return { ok: false, message: (error as Error).message }
    }
  },
}

expose(jobs)
