import type { Units } from '../quantity/units'

/** One size of copper wire as it is sold. */
export interface Wire {
  /** "12 AWG" or "2.5 mm²" */
  name: string
  system: Units['wire']
  areaMm2: number
  /** of one conductor, warm (75 °C by gauge, 70 °C by mm²) */
  ohmPerM: number
  /** amps as a flexible cord at 30 °C, with two or three current-carrying conductors; null where no such cord is made */
  cordA: { two: number; three: number } | null
  /** amps as a single cable at 30 °C, in a wall or a pipe; and in free air */
  cableA: number
  freeAirA: number
  /** the largest fuse or breaker allowed before it */
  mostFuseA: number
}

/** What the computations take from reference data. */
export interface WiringTables {
  wires: readonly Wire[]
  /** sizes fuses for batteries are sold in, A, ascending */
  fuses: readonly number[]
}

/** Sold sizes differ by a quarter; a figure this near is that size. */
const SAME_SIZE = 0.01

/** The sold size of an area; null where none is that. */
export const wireOf = (wires: readonly Wire[], areaMm2: number): Wire | null =>
  wires.find((wire) => Math.abs(wire.areaMm2 / areaMm2 - 1) <= SAME_SIZE) ?? null

/** A wire of that area, or the next thinner one that is sold; the thinnest for less than that. */
export function wireAtMost(wires: readonly Wire[], areaMm2: number): Wire {
  const exact = wireOf(wires, areaMm2)
  if (exact) return exact
  const thinner = wires.filter((wire) => wire.areaMm2 <= areaMm2)
  const pool = thinner.length ? thinner : wires
  return pool.reduce((best, wire) =>
    thinner.length ? (wire.areaMm2 > best.areaMm2 ? wire : best) : wire.areaMm2 < best.areaMm2 ? wire : best,
  )
}

/** The sizes of one system, thinnest first. */
export const sizesOf = (wires: readonly Wire[], system: Units['wire']): Wire[] =>
  wires.filter((wire) => wire.system === system).sort((a, b) => a.areaMm2 - b.areaMm2)
