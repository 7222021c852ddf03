import type { ChargingTimes, Refill } from './refill'

/** Where nothing refills; apart from the schema, so that pages need not load its checker. */
export const NO_REFILL: Refill = { recordLowC: null, panels: [], generator: null, car: null }
export const NO_CHARGING: ChargingTimes = { generator: [], car: [], grid: [] }
