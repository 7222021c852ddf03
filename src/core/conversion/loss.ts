import type { Source } from '../plan/schema'

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
export function storePath(rule: Source['lossRule'], values: StoreValues): StorePath {
  const { capacityWh, reserveFraction } = values
  if (rule === 'flat') {
    const { usableFraction } = values
    const floor = Math.max(0, Math.min(reserveFraction, 1 - usableFraction))
    return {
      capacityWh,
      floorWh: capacityWh * floor,
      noLoadW: 0,
      batteryWPerOutletW: (1 - floor) / usableFraction,
    }
  }
  const floorWh = capacityWh * reserveFraction
  return { capacityWh, floorWh, noLoadW: values.noLoadW, batteryWPerOutletW: 1 / values.efficiencyFraction }
}

/** The path with every unknown at its middle value. */
export function middlePath(source: Source, rule = source.lossRule): StorePath {
  return storePath(rule, {
    capacityWh: source.capacityWh.value,
    reserveFraction: source.reserveFraction.value,
    efficiencyFraction: source.efficiencyFraction.value,
    noLoadW: source.noLoadW.value,
    usableFraction: source.usableFraction.value,
  })
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
  const batteryW = path.noLoadW + outletW * path.batteryWPerOutletW
  const availableWh = Math.max(0, path.capacityWh * chargedFraction - path.floorWh)
  return batteryW === 0 ? Infinity : availableWh / batteryW
}

/** Wh that reach the outlets while a steady load empties the store. */
export function deliverableWh(path: StorePath, outletW: number, chargedFraction = 1): number {
  return outletW === 0 ? 0 : steadyHours(path, outletW, chargedFraction) * outletW
}
