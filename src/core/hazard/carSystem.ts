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
    finding('car-system', 'car', { page: 'recharge', part: 'car', id: null }, 'you', {
      askedW: watts,
      systemW: systemW ?? null,
      givesW: isOver ? givesW : null,
    }),
  ]
}

/** A car's 12 V socket and the fuse behind it, where nobody said what they bear. Common practice, no source. */
const SOCKET_W = 120
const SOCKET_A = 10
const CAR_V = 12

/** More is asked of a car's 12 V socket than it and its fuse bear: a charger, or an inverter small enough to be plugged in there. */
export const carSocket: Hazard = ({ plan }) => {
  const { car } = plan.refill
  if (!car?.on || (car.way !== '12 V socket' && car.way !== 'inverter')) return []
  const isPluggedIn = car.way === '12 V socket' || (car.watts < UNASKED_W && car.systemW === undefined)
  const socketW = car.systemW ?? SOCKET_W
  if (!isPluggedIn || car.watts <= socketW) return []
  return [
    finding('car-socket', 'car', { page: 'recharge', part: 'car', id: null }, 'you', {
      askedW: car.watts,
      askedA: car.watts / CAR_V,
      socketW,
      socketA: car.systemW === undefined ? SOCKET_A : car.systemW / CAR_V,
      way: car.way === 'inverter' ? 'inverter' : 'socket',
    }),
  ]
}
