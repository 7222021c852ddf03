/** Energies of a run within the outage, Wh, and what was burnt: direct + sun + dc + ac = fed + lost + stored. */
export interface RefillLedger {
  /** AC that fed the loads past the battery */
  directWh: number
  /** what was taken on the battery's side, by where it came from */
  sunWh: number
  dcWh: number
  acWh: number
  /** of sun and 12 V offered and not taken: full, too cold, or more than all inputs take together */
  unusedWh: number
  chargeLossWh: number
  /** what the loads took of the battery's side, no-load draw and conversion counted */
  drainWh: number
  noLoadWh: number
  /** of all stores, end less beginning */
  storedWh: number
  /** AC given by each, at its outlet: charged and straight to the loads */
  gridWh: number
  generatorWh: number
  carAcWh: number
  generatorH: number
  fuelL: number
  carFuelL: number
  /** of an electric car's battery */
  carWh: number
}

export const emptyLedger = (): RefillLedger => ({
  directWh: 0,
  sunWh: 0,
  dcWh: 0,
  acWh: 0,
  unusedWh: 0,
  chargeLossWh: 0,
  drainWh: 0,
  noLoadWh: 0,
  storedWh: 0,
  gridWh: 0,
  generatorWh: 0,
  carAcWh: 0,
  generatorH: 0,
  fuelL: 0,
  carFuelL: 0,
  carWh: 0,
})

/** By quarter hour, W: what is asked, what the sun offers, what of it is beyond the input, and what comes in of everything; and the share of it in which the loads are fed. */
export interface RefillCurves {
  askedW: Float64Array
  sunW: Float64Array
  clippedW: Float64Array
  inW: Float64Array
  fedShare: Float64Array
}

export const emptyCurves = (quarters: number): RefillCurves => ({
  askedW: new Float64Array(quarters),
  sunW: new Float64Array(quarters),
  clippedW: new Float64Array(quarters),
  inW: new Float64Array(quarters),
  fedShare: new Float64Array(quarters),
})

/** Adds one ledger to another. */
export function addLedger(sum: RefillLedger, one: RefillLedger): void {
  for (const key of Object.keys(sum) as (keyof RefillLedger)[]) sum[key] += one[key]
}
