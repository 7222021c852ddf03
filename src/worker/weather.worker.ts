import { expose } from 'comlink'
import { ToldError } from '@/core/quantity/told'
import { UNITS_OF } from '@/core/quantity/units'
import { readEpw, skyFromEpw } from '@/core/weather/epw'
import { saySheet } from '@/words/reading/saySheet'
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
      if (!(error instanceof ToldError)) throw error
      return { ok: false, message: saySheet(error.fact, UNITS_OF.metric) }
    }
  },
}

expose(jobs)
