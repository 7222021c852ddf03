import { type Told, told } from '@/core/quantity/told'
import type { Scenario } from '@/core/plan/schema'
import type { SkyClass } from '@/core/plan/limits'

/**
 * Presets of weather: a climate gives a month's usual low and high, a kind of storm moves them and says what
 * the sky does day after day. Rounded from memory of what such climates are like; no station's record.
 */
export interface Climate {
  id: string
  /** °C of an ordinary day, January to December in the north */
  lowC: readonly number[]
  highC: readonly number[]
}

export const CLIMATES: readonly Climate[] = [
  {
    id: 'cold-inland',
    lowC: [-14, -13, -7, 0, 6, 11, 14, 13, 8, 2, -4, -10],
    highC: [-5, -3, 3, 11, 18, 23, 26, 25, 20, 12, 5, -2],
  },
  {
    id: 'far-north',
    lowC: [-22, -21, -16, -8, 0, 6, 9, 7, 2, -5, -13, -19],
    highC: [-12, -10, -3, 4, 11, 17, 20, 17, 11, 3, -5, -10],
  },
  {
    id: 'mild-coast',
    lowC: [3, 3, 4, 6, 9, 11, 13, 13, 11, 9, 6, 4],
    highC: [8, 8, 10, 13, 16, 19, 21, 21, 18, 15, 11, 9],
  },
  {
    id: 'warm-humid',
    lowC: [4, 6, 9, 13, 18, 22, 23, 23, 20, 14, 9, 5],
    highC: [15, 17, 21, 25, 29, 32, 33, 33, 30, 25, 20, 16],
  },
  {
    id: 'dry-summer',
    lowC: [5, 6, 7, 9, 12, 16, 18, 18, 16, 12, 9, 6],
    highC: [13, 15, 17, 20, 24, 29, 32, 32, 28, 23, 18, 14],
  },
  {
    id: 'hot-desert',
    lowC: [6, 8, 12, 16, 21, 26, 29, 28, 25, 18, 11, 6],
    highC: [19, 22, 26, 31, 36, 41, 42, 41, 38, 31, 24, 19],
  },
  {
    id: 'mountains',
    lowC: [-10, -10, -7, -3, 2, 6, 9, 9, 5, 0, -5, -9],
    highC: [1, 2, 5, 9, 14, 20, 24, 23, 19, 13, 6, 2],
  },
]

export interface Storm {
  id: string
  /** K by which the month's low and high are moved */
  lowK: number
  highK: number
  rain: Scenario['rain']
  /** day after day; the last goes on */
  sky: readonly SkyClass[]
  /** warmest it gets with such weather, and coldest; null where it may be anything */
  below: number | null
  above: number | null
}

export const STORMS: readonly Storm[] = [
  {
    id: 'ordinary',
    lowK: 0,
    highK: 0,
    rain: 'dry',
    sky: ['mixed'],
    below: null,
    above: null,
  },
  {
    id: 'ice',
    lowK: 0,
    highK: -4,
    rain: 'dry',
    sky: ['dark', 'overcast', 'mixed', 'clear'],
    below: 4,
    above: null,
  },
  {
    id: 'deep-cold',
    lowK: -9,
    highK: -8,
    rain: 'dry',
    sky: ['clear'],
    below: 12,
    above: null,
  },
  {
    id: 'snow',
    lowK: -1,
    highK: -4,
    rain: 'dry',
    sky: ['dark', 'dark', 'overcast', 'clear'],
    below: 4,
    above: null,
  },
  {
    id: 'wind',
    lowK: 2,
    highK: -1,
    rain: 'rain',
    sky: ['dark', 'overcast', 'mixed'],
    below: null,
    above: null,
  },
  {
    id: 'thunder',
    lowK: 1,
    highK: -1,
    rain: 'downpour',
    sky: ['overcast', 'mixed', 'mixed', 'clear'],
    below: null,
    above: 14,
  },
  {
    id: 'rain',
    lowK: 2,
    highK: -4,
    rain: 'downpour',
    sky: ['dark', 'dark', 'overcast'],
    below: null,
    above: 4,
  },
  {
    id: 'heat',
    lowK: 5,
    highK: 7,
    rain: 'dry',
    sky: ['clear'],
    below: null,
    above: 18,
  },
  {
    id: 'tropical',
    lowK: 1,
    highK: -3,
    rain: 'downpour',
    sky: ['dark', 'dark', 'overcast', 'mixed', 'clear'],
    below: null,
    above: 24,
  },
]

/** A fall of less than this between high and low is no day. */
const LEAST_SWING_K = 2

export type PresetWeather = Pick<Scenario, 'outdoor' | 'rain' | 'sky'>

/**
 * The weather of a storm in a climate's month.
 *
 * @param month 1…12 on the calendar; south of the equator the seasons are turned round
 * @returns the weather, or why there is none such: an ice storm does not come in July
 */
export function presetWeather(
  climateId: string,
  stormId: string,
  month: number,
  latitudeDeg: number,
): { ok: true; weather: PresetWeather } | { ok: false; why: Told } {
  const climate = CLIMATES.find(({ id }) => id === climateId)
  const storm = STORMS.find(({ id }) => id === stormId)
  if (!climate || !storm) throw new RangeError(`no preset ${climateId}, ${stormId}`)
  const season = (month - 1 + (latitudeDeg < 0 ? 6 : 0)) % 12
  const usualHighC = climate.highC[season]
  const tooWarm = storm.below !== null && usualHighC > storm.below
  const tooCold = storm.above !== null && usualHighC < storm.above
  if (tooWarm || tooCold)
    return {
      ok: false,
      why: told('noSuchWeather', { usualHighC }),
    }
  const lowC = climate.lowC[season] + storm.lowK
  const highC = Math.max(lowC + LEAST_SWING_K, usualHighC + storm.highK)
  return {
    ok: true,
    weather: { outdoor: { lowC, highC }, rain: storm.rain, sky: { kind: 'days', days: [...storm.sky] } },
  }
}
