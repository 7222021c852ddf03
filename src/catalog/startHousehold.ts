import { onDesignDay } from '@/core/load/designDay'
import { USUAL_INDOOR_C } from '@/core/plan/limits'
import type { Household } from '@/core/plan/household'
import { NO_REFILL } from '@/core/plan/noRefill'
import type { HouseholdLoad, Profile, Scenario, Source } from '@/core/plan/schema'
import { quantity } from '@/core/quantity/quantity'
import { APPLIANCES, outageKindOf } from './appliances'
import { loadFrom } from './appliances/loadFrom'
import { BATTERIES } from './batteries'
import { CLIMATES } from './climates'
import { bankSource, equipmentClass, sourceOf } from './equipment'
import { inverterOf } from './inverters'
import { CARS, generatorOf } from './refill'

/** The night of a household that says nothing of it. */
export const ASLEEP = { from: '23:00', to: '06:30' }

/** Where a household is, as it was found by name. */
export interface StartPlace {
  name: string
  latitudeDeg: number
  longitudeDeg: number
  /** hours the clock is ahead of UTC on the day of the outage */
  utcOffsetH?: number
}

export const SEASONS = ['winter', 'spring', 'summer', 'autumn'] as const
export type Season = (typeof SEASONS)[number]

/** What a household says it has; a figure that is not on the label is null. */
export type StartPower =
  | { kind: 'nothing' }
  | { kind: 'station'; capacityWh: number; watts: number; surgeW: number | null }
  | {
      kind: 'battery'
      chemistry: 'lifepo4' | 'agm' | 'flooded'
      volts: 12 | 24 | 48
      ah: number
      watts: number
    }
  | { kind: 'generator'; watts: number }
  | { kind: 'car' }

/** The answers of the start sheet; every one has a usual value, so that any may be left out. */
export interface StartAnswers {
  name: string
  place: StartPlace | null
  mains: Profile['mains']
  units: Profile['units']
  currency: string
  /** length of the outage, hours */
  hours: number
  season: Season
  /** what must not stop: of the catalogue, how many of each */
  things: readonly { id: string; count: number }[]
  /** loads written in a line */
  written: readonly HouseholdLoad[]
  power: StartPower
}

/** What most households tick, in the order they ask for it. Common practice, no source. */
export const COMMON_THINGS = [
  'refrigerator',
  'furnace',
  'drain-pump',
  'network',
  'freezer-chest',
  'lights',
  'breathing-aid',
  'phones',
  'well-pump',
  'boiler',
  'laptop',
  'television',
  'garage-door',
  'aquarium',
  'medicine-cooler',
  'window-air-conditioner',
] as const

/** Middle of a season, month of the calendar in the north. */
const MONTH: Record<Season, number> = { winter: 1, spring: 4, summer: 7, autumn: 10 }
/** Where nothing was said: cold inland, which asks the most of a house. */
const UNKNOWN_PLACE = { name: '', latitudeDeg: 45, longitudeDeg: -75 }

/**
 * The climate a place probably has, by its latitude and the side of its continent. From memory; a guess that every field of the
 * outage may better.
 */
export function climateNear(place: { latitudeDeg: number; longitudeDeg: number } | null) {
  const { latitudeDeg, longitudeDeg } = place ?? UNKNOWN_PLACE
  const latitude = Math.abs(latitudeDeg)
  const isWestCoast = (longitudeDeg > -11 && longitudeDeg < 8) || (longitudeDeg > -130 && longitudeDeg < -121)
  const isMediterranean =
    (longitudeDeg > -11 && longitudeDeg < 37) || (longitudeDeg > -125 && longitudeDeg < -114)
  const id =
    latitude >= 61
      ? 'far-north'
      : latitude >= 43
        ? isWestCoast
          ? 'mild-coast'
          : 'cold-inland'
        : latitude >= 31
          ? isMediterranean
            ? 'dry-summer'
            : latitude >= 38
              ? 'cold-inland'
              : 'warm-humid'
          : 'warm-humid'
  return CLIMATES.find((one) => one.id === id)!
}

/** Local start of an outage in a season: 18:00 on the 15th, the next such day after `today`. @param today "YYYY-MM-DD" */
export function startOf(season: Season, latitudeDeg: number, today: string): string {
  const month = ((MONTH[season] - 1 + (latitudeDeg < 0 ? 6 : 0)) % 12) + 1
  const day = (year: number) => `${year}-${String(month).padStart(2, '0')}-15`
  const year = Number(today.slice(0, 4))
  return `${day(year) > today ? day(year) : day(year + 1)}T18:00`
}

const LENGTH_NAMES: [hours: number, words: string][] = [
  [14, 'night'],
  [24, 'day'],
  [72, 'three days'],
]

function scenarioOf({ place, hours, season }: StartAnswers, today: string): Scenario {
  const at = place ?? UNKNOWN_PLACE
  const climate = climateNear(place)
  const month = MONTH[season] - 1
  const length = LENGTH_NAMES.find(([its]) => its === hours)?.[1] ?? `${hours} hours`
  const article =
    length === 'three days' || length.endsWith('hours') ? '' : season === 'autumn' ? 'an ' : 'a '
  const name = article ? `${article}${season} ${length}` : `${length} in ${season}`
  return {
    id: 'first-outage',
    name,
    startsAt: startOf(season, at.latitudeDeg, today),
    durationH: hours,
    place: {
      name: at.name,
      latitudeDeg: at.latitudeDeg,
      longitudeDeg: at.longitudeDeg,
      ...(place?.utcOffsetH === undefined ? {} : { utcOffsetH: place.utcOffsetH }),
    },
    outdoor: { lowC: climate.lowC[month], highC: climate.highC[month] },
    indoorC: USUAL_INDOOR_C,
    rain: 'dry',
    away: [],
    asleep: [ASLEEP],
    carriedTiers: 'optional',
    confidence: 0.9,
    note: '',
  }
}

/** Starting watts of a station by its watts where the label is silent: usually twice as many, some give less. From memory. */
export const USUAL_SURGE = 1.5

const labelled = (watts: number) => quantity(watts, 'W', 'label', { times: 1.02 })

function powerOf(power: StartPower, mains: 120 | 230): { id: string; name: string; source: Source } {
  switch (power.kind) {
    case 'station': {
      const source = sourceOf(equipmentClass('station-1000'), 'main', mains)
      const name = `${Math.round(power.capacityWh / 100) / 10} kWh station`
      return {
        id: 'own-station',
        name,
        source: {
          ...source,
          name,
          capacityWh: quantity(power.capacityWh, 'Wh', 'label', source.capacityWh.spread),
          continuousW: labelled(power.watts),
          surgeW:
            power.surgeW === null
              ? quantity(USUAL_SURGE * power.watts, 'W', 'typical', { times: 1.3 })
              : labelled(Math.max(power.watts, power.surgeW)),
          weightKg: null,
          price: null,
        },
      }
    }
    case 'battery': {
      const { chemistry, volts, ah, watts } = power
      const usual = BATTERIES.find(
        ({ battery }) => battery.chemistry === chemistry && battery.volts < 13,
      )!.battery
      const share = ah / usual.capacityAh.value
      const name = `${volts} V ${ah} Ah battery and inverter`
      const source = bankSource(
        {
          battery: {
            ...usual,
            capacityAh: { ...usual.capacityAh, value: ah },
            // a block twice as large has half the resistance
            internalOhm: { ...usual.internalOhm, value: usual.internalOhm.value / share },
            weightKg: null,
            price: null,
          },
          series: volts / 12,
          parallel: 1,
          inverter: inverterOf(`${watts} W inverter`, {
            dcVolts: volts,
            watts,
            // no more is known than the watts
            va: watts,
            kg: 0,
            price: 0,
            volts: [mains],
          }),
          chargerA: null,
          halfUsedSchool: 'at 12.05 V',
        },
        name,
      )
      return { id: 'own-battery', name, source: { ...source, id: 'main' } }
    }
    case 'car':
      return { id: 'car', name: 'Car', source: sourceOf(equipmentClass('car-outlet'), 'main', mains) }
    default:
      return {
        id: 'station-1000',
        name: '1 kWh station',
        source: sourceOf(equipmentClass('station-1000'), 'main', mains),
      }
  }
}

/**
 * A household of one's own from the answers of the start sheet: one outage, what is to run in it, and what there is.
 *
 * @param today "YYYY-MM-DD": the outage is the next one of its season
 */
export function startHousehold(answers: StartAnswers, today: string): Household {
  const mains = answers.mains === '230 V' ? 230 : 120
  const scenario = scenarioOf(answers, today)
  const kind = outageKindOf(scenario)
  const ticked = answers.things.map(({ id, count }): HouseholdLoad => {
    const appliance = APPLIANCES.find((one) => one.id === id)
    if (!appliance) throw new RangeError(`no appliance ${id}`)
    const behaviour = onDesignDay(appliance.behaviour, scenario.outdoor.lowC)
    return {
      ...loadFrom({ ...appliance, behaviour }, id, appliance.name, mains),
      ...(count > 1 && { count }),
    }
  })
  const standing = (load: HouseholdLoad): HouseholdLoad => {
    const tier = APPLIANCES.find(({ id }) => id === load.id)?.tiers[kind]
    // what somebody ticks must not stop, whatever the catalogue thinks of it
    return {
      ...load,
      standings: { [scenario.id]: { on: true, tier: tier === 'critical' ? tier : 'flexible' } },
    }
  }
  const { id, name, source } = powerOf(answers.power, mains)
  return {
    profile: {
      name: answers.name,
      sample: false,
      mains: answers.mains,
      units: answers.units,
      currency: answers.currency,
      surgeSchool: 'largest-start',
    },
    scenarios: [scenario],
    loads: [
      ...ticked.map(standing),
      ...answers.written.map((load) => (load.standings[scenario.id] ? load : standing(load))),
    ],
    powerSystems: [{ id, name, sources: [source], note: '' }],
    ...(answers.power.kind === 'generator' && {
      refill: { ...NO_REFILL, generator: generatorOf(answers.power.watts) },
    }),
    ...(answers.power.kind === 'car' && { refill: { ...NO_REFILL, car: CARS['12 V socket'] } }),
    hangsOn: {},
    chosen: { scenarioId: scenario.id, powerSystemId: id },
  }
}
