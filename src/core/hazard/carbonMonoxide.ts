import { NO_CHARGING } from '../plan/noRefill'
import { MOST_STARTER_WH } from '../sizing/sourceWarnings'
import { finding } from './finding'
import type { Hazard, HazardInput } from './hazardInput'
import { commonMinutes } from './hours'

/** A generator or a running car is planned; worse near the house, and while people sleep. */
export const carbonMonoxide: Hazard = (input) => [...generator(input), ...car(input)]

function generator({ plan, asleep }: HazardInput) {
  if (!plan.refill.generator?.on) return []
  const house = plan.wiring?.house
  const where = house?.generatorPlace ?? ('not said' as const)
  const awayM = house?.generatorAwayM ?? null
  const whileAsleep = commonMinutes((plan.scenario.charging ?? NO_CHARGING).generator, asleep) > 0
  const alarms = house?.monoxideAlarms ?? null
  return [
    finding('carbon-monoxide', 'generator', { page: 'recharge', part: 'generator', id: null }, 'you', {
      from: 'generator',
      where,
      awayM,
      whileAsleep,
      alarms,
    }),
  ]
}

function car({ plan, sources, asleep }: HazardInput) {
  const { car: planned } = plan.refill
  const charges = planned !== null && planned.on && planned.way !== 'electric'
  const feeds = sources.some(
    ({ kind, capacityWh }) => kind === 'vehicle' && capacityWh.value <= MOST_STARTER_WH,
  )
  if (!charges && !feeds) return []
  const house = plan.wiring?.house
  const where = house?.carPlace ?? ('not said' as const)
  const whileAsleep = commonMinutes((plan.scenario.charging ?? NO_CHARGING).car, asleep) > 0
  return [
    finding('carbon-monoxide', 'car', { page: 'recharge', part: 'car', id: null }, 'you', {
      from: 'car',
      where,
      awayM: null,
      whileAsleep,
      alarms: house?.monoxideAlarms ?? null,
    }),
  ]
}
