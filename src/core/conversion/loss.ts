import type { Source } from '../plan/schema'
import { bankAh, bankVoltage, bankVolts } from '../storage/bank'
import type { BankVoltage } from '../storage/loadedVoltage'
import { peukertFactor } from '../storage/peukert'

/** What a store gives and what it costs to take a watt from it, with the source's unknowns settled. */
export interface StorePath {
  /** Wh in the battery when full */
  capacityWh: number
  /** Wh that stay in the battery: the run ends here */
  floorWh: number
  /** W the battery loses while the outlets are on, whatever is drawn */
  noLoadW: number
  /** battery watts for one watt at the outlet */
  batteryWPerOutletW: number
  /** what a plain multiplication does not say; null where there is nothing more */
  detail: PathDetail | null
}

/** What a bank or an outlet that sleeps does beyond a fixed loss. */
export interface PathDetail {
  /** battery W lost for one outlet W squared */
  lossPerW2: number
  /** Peukert's exponent; 1 for none */
  peukert: number
  /** the bank's nominal volts, and the current its capacity is stated at */
  nominalV: number
  ratedA: number
  /** volts under load at which the inverter or the battery itself stops, and what they depend on; 0 for none */
  cutOffV: number
  voltage: BankVoltage | null
  /** under these watts it draws less and feeds nothing; 0 for none */
  searchBelowW: number
  searchDrawsW: number
  /** its outlets go off for good when less is drawn for so long; 0 for never */
  sleepBelowW: number
  sleepAfterMin: number
  /** 1 for every hour of the outage too cold or too hot for it; null for none */
  outOfRange: Uint8Array | null
}

/**
 * The detail of a source, or null where its path is a plain multiplication.
 * @param outOfRange hours too cold or too hot for it
 */
export function pathDetail(source: Source, outOfRange: Uint8Array | null = null): PathDetail | null {
  const { bank, outfit } = source
  if (!bank && !outfit?.sleep && !outOfRange) return null
  const inverter = bank?.inverter
  // whichever acts first: the inverter's, or the batteries' own electronics
  const cutOffV = Math.max(inverter?.cutOffV ?? 0, (bank?.battery.ownCutOffV ?? 0) * (bank?.series ?? 1))
  const detail: PathDetail = {
    lossPerW2: inverter ? inverter.squareLossFraction / Math.max(1, inverter.continuousW.value) : 0,
    peukert: bank && bank.battery.chemistry !== 'lifepo4' ? bank.battery.peukert.value : 1,
    nominalV: bank ? bankVolts(bank) : 12,
    ratedA: bank ? bankAh(bank) / bank.battery.rateH : 1,
    cutOffV,
    voltage: bank && cutOffV > 0 ? bankVoltage(bank) : null,
    searchBelowW: inverter?.search?.belowW ?? 0,
    searchDrawsW: inverter?.search?.drawsW ?? 0,
    sleepBelowW: outfit?.sleep?.belowW ?? 0,
    sleepAfterMin: outfit?.sleep?.afterMin ?? 0,
    outOfRange,
  }
  const isPlain =
    detail.lossPerW2 === 0 &&
    detail.peukert === 1 &&
    !detail.voltage &&
    detail.searchBelowW === 0 &&
    detail.sleepBelowW === 0 &&
    !outOfRange
  return isPlain ? null : detail
}

/** Watts are added and taken away again all through a run; what that leaves over decides nothing. */
const ROUNDING_W = 1e-6

/** Whether watts lie below a threshold at which something sleeps. */
export const isBelow = (watts: number, thresholdW: number) => watts < thresholdW - ROUNDING_W

/** Battery W for outlet W, no-load draw counted: P₀ + P ÷ η + k · P² ÷ P_rated, times Peukert's factor. */
export function drainW(path: StorePath, outletW: number): number {
  const { detail } = path
  if (!detail) return path.noLoadW + outletW * path.batteryWPerOutletW
  if (isBelow(outletW, detail.searchBelowW)) return detail.searchDrawsW
  const watts = path.noLoadW + outletW * (path.batteryWPerOutletW + outletW * detail.lossPerW2)
  return detail.peukert === 1
    ? watts
    : watts * peukertFactor(watts / detail.nominalV, detail.ratedA, detail.peukert)
}

/** The unknown values of a source in one run. */
export interface StoreValues {
  capacityWh: number
  reserveFraction: number
  efficiencyFraction: number
  noLoadW: number
  usableFraction: number
}

/**
 * The path from battery to outlet under the source's loss rule.
 *
 * Efficiency and no-load draw: P_battery = P₀ + P_outlet ÷ η, down to the reserve.
 * Flat: a fixed share of the rated capacity reaches the outlets, the reserve and all losses counted in it,
 * so P_battery = P_outlet · (1 − reserve) ÷ usable and the state of charge still ends at the reserve. A
 * usable share that leaves less than the reserve wins over it: nobody gets 80 % out of a half.
 * Source: common practice, no source; docs/model.md says where the two schools part.
 */
export function storePath(
  rule: Source['lossRule'],
  values: StoreValues,
  detail: PathDetail | null = null,
): StorePath {
  const { capacityWh, reserveFraction } = values
  if (rule === 'flat') {
    const { usableFraction } = values
    const floor = Math.max(0, Math.min(reserveFraction, 1 - usableFraction))
    return {
      capacityWh,
      floorWh: capacityWh * floor,
      noLoadW: 0,
      batteryWPerOutletW: (1 - floor) / usableFraction,
      // the flat share has every loss in it already; what switches the outlets off stays
      detail: detail && { ...detail, lossPerW2: 0, peukert: 1, searchBelowW: 0 },
    }
  }
  const floorWh = capacityWh * reserveFraction
  return {
    capacityWh,
    floorWh,
    noLoadW: values.noLoadW,
    batteryWPerOutletW: 1 / values.efficiencyFraction,
    detail,
  }
}

/** The path with every unknown at its middle value. */
export function middlePath(source: Source, rule = source.lossRule): StorePath {
  return storePath(
    rule,
    {
      capacityWh: source.capacityWh.value,
      reserveFraction: source.reserveFraction.value,
      efficiencyFraction: source.efficiencyFraction.value,
      noLoadW: source.noLoadW.value,
      usableFraction: source.usableFraction.value,
    },
    pathDetail(source),
  )
}

/**
 * Hours a steady load lasts on a path.
 *
 * @param outletW steady watts at the outlet
 * @param chargedFraction state of charge at the start, 0…1
 * @returns hours; Infinity when nothing is drawn
 * @example a 1,260 Wh station of which 80 % reaches the outlet carries 84 W for 12.0 h
 */
export function steadyHours(path: StorePath, outletW: number, chargedFraction = 1): number {
  const batteryW = drainW(path, outletW)
  const availableWh = Math.max(0, path.capacityWh * chargedFraction - path.floorWh)
  return batteryW === 0 ? Infinity : availableWh / batteryW
}

/** Wh that reach the outlets while a steady load empties the store. */
export function deliverableWh(path: StorePath, outletW: number, chargedFraction = 1): number {
  return outletW === 0 ? 0 : steadyHours(path, outletW, chargedFraction) * outletW
}
