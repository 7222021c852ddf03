import { epochMinute } from '@/core/plan/clock'
import { keyOf, streamOf, uniformAt } from '@/core/quantity/random'

/** A forecast as such a service sends it: an hour a line. */
export interface ForecastHour {
  /** local clock, "YYYY-MM-DDTHH:MM" is the start of the first hour */
  hour: number
  temperatureC: number
  /** of the sky, 0…1 */
  cloudFraction: number
}

export interface ForecastPlace {
  latitudeDeg: number
  longitudeDeg: number
}

/** How long a spell of weather lasts, hours. */
const SPELL_H = 9
/** °C between day and night under a clear sky. */
const SWING_K = 11

/**
 * A simulated weather service: spells of cloud that come and go, a day colder or warmer than its season. The
 * same place and hour always get the same forecast.
 *
 * @param startsAt local start of the first hour
 */
export function forecastHours(place: ForecastPlace, startsAt: string, hours: number): ForecastHour[] {
  const start = epochMinute(startsAt)
  const firstH = Math.floor(start / 60)
  const stream = streamOf(1, keyOf(`${place.latitudeDeg.toFixed(1)} ${place.longitudeDeg.toFixed(1)}`), 0)
  const knot = (i: number) => uniformAt(stream, i) ** 0.7
  return Array.from({ length: hours }, (_, i) => {
    const at = firstH + i
    const spell = Math.floor(at / SPELL_H)
    const share = (at % SPELL_H) / SPELL_H
    const cloudFraction = (1 - share) * knot(spell) + share * knot(spell + 1)
    const dayOfYear = ((at / 24) % 365.25) / 365.25
    const summer = Math.cos(2 * Math.PI * (dayOfYear - 0.54)) * Math.sign(place.latitudeDeg || 1)
    const season = 26 - 0.42 * Math.abs(place.latitudeDeg) + 0.26 * Math.abs(place.latitudeDeg) * summer
    const daily =
      ((SWING_K * (1 - 0.7 * cloudFraction)) / 2) * Math.cos((2 * Math.PI * ((at % 24) - 15)) / 24)
    const air = 8 * (uniformAt(stream, 1e6 + Math.floor(at / 72)) - 0.5)
    return {
      hour: i,
      temperatureC: Math.round((season + daily + air) * 10) / 10,
      cloudFraction: Math.round(cloudFraction * 100) / 100,
    }
  })
}
