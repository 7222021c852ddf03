import { NO_CHARGING } from '../plan/noRefill'
import { finding } from './finding'
import { MOST_FUEL_L } from './limits'
import type { Hazard } from './hazardInput'

/** Petrol keeps so long without a stabiliser. Common practice, no source. */
const FUEL_KEEPS_MONTHS = 6

/** More fuel than is usually allowed, fuel kept indoors or old, refuelling while it is hot. */
export const fuel: Hazard = ({ plan }) => {
  const { generator } = plan.refill
  if (!generator?.on) return []
  const house = plan.wiring?.house
  const longestH =
    Math.max(
      0,
      ...(plan.scenario.charging ?? NO_CHARGING).generator.map(({ fromMin, toMin }) => toMin - fromMin),
    ) / 60
  // half load burns about the mean of idle and full
  const refills = Math.floor((longestH * (generator.idleLPerH + generator.fullLPerH)) / 2 / generator.tankL)
  const isIndoors = house?.keepsFuelIndoors ?? false
  const ageMonths = house?.fuelAgeMonths ?? null
  const isOld = (ageMonths ?? 0) > FUEL_KEEPS_MONTHS
  if (generator.onHandL <= MOST_FUEL_L && !isIndoors && !isOld && refills === 0) return []
  return [
    finding('fuel', 'generator', { page: 'recharge', part: 'generator', id: null }, 'you', {
      litres: generator.onHandL,
      isIndoors,
      ageMonths,
      refills,
    }),
  ]
}
