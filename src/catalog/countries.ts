import type { Profile } from '@/core/plan/schema'
import { UNITS_OF, type Units } from '@/core/quantity/units'

/** What is usual in a country: its mains, units and money. */
export interface Usual {
  mains: Profile['mains']
  units: Units
  currency: string
}

/** Countries of 100 to 127 V. From memory; those of split phase have 240 V between the legs. */
const SPLIT_PHASE = new Set(['US', 'CA', 'MX', 'PR', 'GU', 'VI'])
const LOW_VOLTS = new Set('JP TW CO VE EC CU DO HT JM BS BB BZ CR GT HN NI PA SV TT SA BR LY MG'.split(' '))
const TWELVE_HOURS = new Set('US CA AU NZ IN PH PK MY EG SA CO MX PR GU VI'.split(' '))
const POINT = new Set('US CA GB IE AU NZ IN JP CN TW KR MX PH PK MY TH SG IL CH PR GU VI'.split(' '))
const EURO = new Set('AT BE CY DE EE ES FI FR GR HR IE IT LT LU LV MT NL PT SI SK ME XK'.split(' '))
const MONEY = new Map(
  Object.entries({
    CA: 'CAD',
    GB: 'GBP',
    AU: 'AUD',
    NZ: 'NZD',
    JP: 'JPY',
    CH: 'CHF',
    NO: 'NOK',
    SE: 'SEK',
    DK: 'DKK',
    PL: 'PLN',
    CZ: 'CZK',
    UA: 'UAH',
    TR: 'TRY',
    IN: 'INR',
    ZA: 'ZAR',
    NG: 'NGN',
    KE: 'KES',
    MX: 'MXN',
    BR: 'BRL',
    PH: 'PHP',
    CN: 'CNY',
    KR: 'KRW',
  }),
)

/** The usual of a country. @param iso2 its two letters; of one nobody knows what most of the world has */
export function usualOf(iso2: string): Usual {
  const base = UNITS_OF[iso2 === 'US' || iso2 === 'PR' || iso2 === 'GU' || iso2 === 'VI' ? 'us' : 'metric']
  return {
    mains: SPLIT_PHASE.has(iso2) ? '120/240 V split phase' : LOW_VOLTS.has(iso2) ? '120 V' : '230 V',
    units: {
      ...base,
      wire: SPLIT_PHASE.has(iso2) ? 'AWG' : base.wire,
      clock: TWELVE_HOURS.has(iso2) ? '12 h' : '24 h',
      decimal: POINT.has(iso2) ? '.' : ',',
    },
    currency: EURO.has(iso2) ? 'EUR' : (MONEY.get(iso2) ?? 'USD'),
  }
}

/** The country of a browser's language, "en-US" that of "US"; null where it names none. */
export const countryOf = (language: string): string | null => /[-_]([A-Z]{2})\b/.exec(language)?.[1] ?? null
