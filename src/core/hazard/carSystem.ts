import { carGivesW } from '../refill/carReach'
import { finding } from './finding'
import type { Hazard } from './hazardInput'

/** W from a car's 12 V system that are asked without anybody saying what it gives: above what a small alternator bears idling. */
const UNASKED_W = 350

/** More is taken from a car's 12 V system than its alternator or its converter gives: its own battery empties, engine running. */
export const carSystem: Hazard = ({ plan }) => {
  const { car } = plan.refill
  if (!car?.on || car.way === 'electric' || car.way === '12 V socket') return []
  const { watts, systemW } = car
  const givesW = carGivesW(car)
  const isOver = systemW !== undefined && givesW < watts
  const isUnsaid = systemW === undefined && car.way === 'inverter' && watts > UNASKED_W
  if (!isOver && !isUnsaid) return []
  return [
    finding(
      'car-system',
      'car',
      isOver ? 'serious' : 'note',
      { page: 'recharge', part: 'car', id: null },
      'you',
      { askedW: watts, systemW: systemW ?? null, givesW: isOver ? givesW : null },
    ),
  ]
}
