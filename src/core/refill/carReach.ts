import type { Source } from '../plan/power'
import type { Car } from '../plan/refill'
import { type Told, told } from '../quantity/told'
import { bankVolts, chargerAmps } from '../storage/bank'
import { CHARGER_EFFICIENCY } from '../storage/wallHours'

/** A bank of at most so many nominal volts is charged by a car's 12 V system as it is. */
const MOST_DIRECT_V = 15

/** What of a car's watts a source takes, and why it is less. */
export interface CarReach {
  /** W on the battery's side */
  watts: number
  /** what limits it, or why nothing comes in; null where the car itself is the limit */
  why: Told | null
}

/** Whether a car gives 12 V direct current rather than household current. */
export const givesTwelveVolts = ({ way }: Pick<Car, 'way'>) => way === '12 V socket' || way === 'alternator'

/** W of direct current at 12 V a source takes from a running engine: none above 12 V without a step-up converter. */
export function twelveVoltInputW({ bank, outfit }: Source, car: Pick<Car, 'stepUpW'> | null): number {
  if (!bank) return outfit?.input.dcW ?? 0
  return bankVolts(bank) <= MOST_DIRECT_V ? Infinity : (car?.stepUpW ?? 0)
}

/** What an inverter on a car's 12 V makes of its watts. From memory. */
const CAR_INVERTER = 0.88

/** W a car gives with its engine running or plugged in: no more than its 12 V system bears for hours, where that was said. */
export function carGivesW(car: Car): number {
  const { way, watts, systemW } = car
  if (systemW === undefined || way === 'electric') return watts
  return Math.min(watts, way === 'inverter' ? systemW * CAR_INVERTER : systemW)
}

/** What reaches a source's battery of what a car gives, engine running or plugged in. */
export function carReach(car: Car, source: Source): CarReach {
  const { bank, outfit, name } = source
  const givesW = carGivesW(car)
  const systemWhy = givesW < car.watts ? told('car.systemGives', { systemW: car.systemW! }) : null
  if (givesTwelveVolts(car)) {
    const limitW = twelveVoltInputW(source, car)
    if (limitW === 0)
      return {
        watts: 0,
        why: bank
          ? told('car.needsStepUp', { source: name, bankVolts: bankVolts(bank) })
          : told('car.noInput', { source: name }),
      }
    if (givesW <= limitW) return { watts: givesW, why: systemWhy }
    return {
      watts: limitW,
      why: bank ? told('car.stepUpPasses', { limitW }) : told('car.inputTakes', { source: name, limitW }),
    }
  }
  const acW = bank ? (chargerAmps(bank) * bankVolts(bank)) / CHARGER_EFFICIENCY : (outfit?.input.acW ?? 0)
  if (acW === 0 && (bank || outfit)) return { watts: 0, why: told('noCharger', { source: name }) }
  const limitW = acW === 0 ? Infinity : acW
  const given = Math.min(givesW, limitW) * CHARGER_EFFICIENCY
  return { watts: given, why: limitW < givesW ? told('chargesWith', { source: name, limitW }) : systemWhy }
}

/** Wh an electric car gives at its outlet from its present charge down to its floor. */
export const carGivesWh = ({ batteryWh, floorFraction, chargedFraction = 1 }: Car) =>
  batteryWh * Math.max(0, chargedFraction - floorFraction) * CAR_EFFICIENCY

/** An electric car's own losses on the way to its outlet. From memory. */
export const CAR_EFFICIENCY = 0.9
