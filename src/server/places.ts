import 'server-only'
import { cityMapping } from 'city-timezones'
import MiniSearch from 'minisearch'

/** A town, as the start sheet takes it over. */
export interface Place {
  /** "Town, province, country" */
  name: string
  latitudeDeg: number
  longitudeDeg: number
  /** of the country, two letters */
  country: string
  timeZone: string
}

const MOST = 8

interface Entry {
  id: number
  town: string
  around: string
  people: number
}

class Places {
  private readonly index = new MiniSearch<Entry>({
    fields: ['town', 'around'],
    storeFields: ['people'],
    searchOptions: {
      prefix: true,
      fuzzy: (term) => (term.length > 4 ? 0.2 : false),
      boost: { town: 4 },
      combineWith: 'AND',
      // of towns of one name the largest is meant most often
      boostDocument: (_, __, stored) => 1 + Math.log10(1 + Number(stored?.people ?? 0)) / 10,
    },
    processTerm: (term) => term.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase(),
  })

  constructor() {
    this.index.addAll(
      cityMapping.map(({ city, city_ascii, province, country, pop }, id) => ({
        id,
        town: `${city} ${city_ascii}`,
        around: `${province} ${country}`,
        people: pop,
      })),
    )
  }

  search(text: string): Place[] {
    return this.index
      .search(text)
      .slice(0, MOST)
      .map(({ id }) => {
        const { city, province, country, lat, lng, iso2, timezone } = cityMapping[id as number]
        return {
          name: [city, province, country]
            .filter((part, i, all) => part && all.indexOf(part) === i)
            .join(', '),
          latitudeDeg: Math.round(lat * 100) / 100,
          longitudeDeg: Math.round(lng * 100) / 100,
          country: iso2,
          timeZone: timezone,
        }
      })
  }
}

const held = globalThis as { yotropePlaces?: Places }

/**
 * Towns by any part of their name, the likeliest first. Some 7,300 towns of the package city-timezones (MIT).
 *
 * @param text as typed
 */
export const searchPlaces = (text: string): Place[] => (held.yotropePlaces ??= new Places()).search(text)
