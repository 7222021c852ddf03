import { USUAL_INDOOR_C } from '@/core/plan/limits'
import { UNITS_OF } from '@/core/quantity/units'
import type { Household } from '@/core/plan/household'
import type { Profile } from '@/core/plan/schema'
import { equipmentClass, systemOf } from './equipment'

/**
 * A household of one's own, with no loads yet: one day's outage and one middling station to begin with.
 *
 * @param startsAt local start of the first scenario, "YYYY-MM-DDTHH:MM"
 */
export function newHousehold(name: string, mains: Profile['mains'], startsAt: string): Household {
  return {
    profile: {
      name,
      sample: false,
      mains,
      units: UNITS_OF[mains === '230 V' ? 'metric' : 'us'],
      currency: mains === '230 V' ? 'EUR' : 'USD',
      surgeSchool: 'largest-start',
    },
    scenarios: [
      {
        id: 'first-outage',
        name: 'a winter day',
        startsAt,
        durationH: 24,
        place: { name: '', latitudeDeg: 45, longitudeDeg: 0 },
        indoorC: USUAL_INDOOR_C,
        rain: 'dry',
        outdoor: { lowC: -5, highC: 3 },
        away: [],
        asleep: [{ from: '23:00', to: '06:30' }],
        carriedTiers: 'optional',
        confidence: 0.9,
        note: '',
      },
    ],
    loads: [],
    powerSystems: [systemOf(equipmentClass('station-1000'), 'station-1000', mains === '230 V' ? 230 : 120)],
    hangsOn: {},
    chosen: { scenarioId: 'first-outage', powerSystemId: 'station-1000' },
  }
}
