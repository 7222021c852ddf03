import type { SkyClass } from '@/core/plan/limits'
import { weather } from './en/weather'
import { wordsOf } from './translate'

const say = wordsOf(weather)

export const skyName = (sky: SkyClass): string => say(`sky.${sky}`)

/** @param id of a climate or a kind of weather in the catalogue */
export const climateName = (id: string): string => say(`climate.${id as keyof typeof weather.climate}`)
export const stormName = (id: string): string => say(`storm.${id as keyof typeof weather.storm}`)
