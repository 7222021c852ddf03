import type { Appliance } from './appliance'
import { EVERYDAY_APPLIANCES } from './everyday'
import { HOUSE_APPLIANCES } from './house'
import { LIVING_APPLIANCES } from './living'

/** Everything in the catalogue of loads. */
export const APPLIANCES: readonly Appliance[] = [
  ...HOUSE_APPLIANCES,
  ...LIVING_APPLIANCES,
  ...EVERYDAY_APPLIANCES,
]

export * from './appliance'
