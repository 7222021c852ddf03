import type { Drive } from '../plan/schema'

/** What a drive draws for an hour's demand: so many watts for a share of the time. */
export interface Output {
  watts: number
  /** share of the time on at those watts */
  duty: number
}

/** A drive with its unknowns settled. `fullW` is its full output; `floorW` the least it modulates or stages down to. */
export interface DriveValues {
  kind: Drive['kind']
  fullW: number
  floorW: number
  /** two-stage: share of full output that the low stage gives */
  lowOutputFraction: number
}

/**
 * How a drive meets a demand.
 *
 * On-off runs at full output for that share of the time. An inverter drive modulates between its floor and
 * its ceiling without ever stopping, and cycles at the floor below it. Two stages run the low one for the share it
 * suffices, above that both, taken as one draw between them. Part-load efficiency is left as it is: the
 * known average has it in it.
 * Source: common practice, no source.
 *
 * @param demand share of full output needed, 0…1
 * @example outputOf({ kind: 'inverter', fullW: 120, floorW: 45, lowOutputFraction: 0 }, 0.5) // { watts: 60, duty: 1 }
 */
export function outputOf(drive: DriveValues, demand: number): Output {
  const { kind, fullW, floorW } = drive
  if (kind === 'inverter') {
    const wanted = demand * fullW
    if (wanted >= floorW) return { watts: wanted, duty: 1 }
    return { watts: floorW, duty: floorW > 0 ? wanted / floorW : 0 }
  }
  if (kind === 'two-stage') {
    const low = drive.lowOutputFraction
    if (demand <= low) return { watts: floorW, duty: demand / low }
    return { watts: floorW + ((demand - low) / (1 - low)) * (fullW - floorW), duty: 1 }
  }
  return { watts: fullW, duty: demand }
}
