import type { Wire, WiringTables } from '@/core/wiring/wire'

/**
 * Copper wire. By gauge: ohms per 1,000 ft at 75 °C from NEC Chapter 9 Table 8 (stranded), amps as a cord from Table
 * 400.5(A)(1), columns A (three current-carrying conductors) and B (two), as a cable from Table 310.16 (75 °C), fuse by
 * 240.4(D). By mm²: ohms per km at 20 °C from IEC 60228 class 5, amps as a cable from IEC 60364-5-52 method C, as a cord
 * from EN 50565-1. All from memory.
 */

const FEET_1000_M = 304.8
/** Copper's resistance at 70 °C beside that at 20 °C: 1 + 0.00393 · 50. */
const WARM = 1.1965

type Gauge = [
  gauge: string,
  areaMm2: number,
  ohmKft: number,
  cordThreeA: number,
  cordTwoA: number,
  cableA: number,
  fuseA?: number,
]
const GAUGES: readonly Gauge[] = [
  ['18', 0.823, 7.95, 7, 10, 14, 7],
  ['16', 1.31, 4.99, 10, 13, 18, 10],
  ['14', 2.08, 3.14, 15, 18, 20, 15],
  ['12', 3.31, 1.98, 20, 25, 25, 20],
  ['10', 5.26, 1.24, 25, 30, 35, 30],
  ['8', 8.37, 0.778, 35, 40, 50],
  ['6', 13.3, 0.491, 45, 55, 65],
  ['4', 21.15, 0.308, 60, 70, 85],
  ['2', 33.6, 0.194, 80, 95, 115],
  ['1', 42.4, 0.154, 0, 0, 130],
  ['1/0', 53.5, 0.122, 0, 0, 150],
  ['2/0', 67.4, 0.0967, 0, 0, 175],
  ['3/0', 85, 0.0766, 0, 0, 200],
  ['4/0', 107.2, 0.0608, 0, 0, 230],
]

type Metric = [areaMm2: number, ohmKm: number, cordA: number, cableA: number]
const METRIC: readonly Metric[] = [
  [0.75, 26, 6, 11],
  [1, 19.5, 10, 15],
  [1.5, 13.3, 16, 19.5],
  [2.5, 7.98, 25, 27],
  [4, 4.95, 32, 36],
  [6, 3.3, 40, 46],
  [10, 1.91, 63, 63],
  [16, 1.21, 0, 85],
  [25, 0.78, 0, 112],
  [35, 0.554, 0, 138],
  [50, 0.386, 0, 168],
  [70, 0.272, 0, 213],
  [95, 0.206, 0, 258],
  [120, 0.161, 0, 299],
]

/**
 * Amps of a single cable in free air, as between a battery and its inverter: by gauge NEC Table 310.17 (75 °C copper, 30 °C), by mm²
 * IEC 60364-5-52 method F (PVC, two loaded cables touching); from memory. Thinner ones are counted as in a wall.
 */
const FREE_AIR_A = new Map<string | number, number>([
  ['14', 30],
  ['12', 35],
  ['10', 50],
  ['8', 70],
  ['6', 95],
  ['4', 125],
  ['2', 170],
  ['1', 195],
  ['1/0', 230],
  ['2/0', 265],
  ['3/0', 310],
  ['4/0', 360],
  [25, 131],
  [35, 162],
  [50, 196],
  [70, 251],
  [95, 304],
  [120, 352],
])

const WIRES: readonly Wire[] = [
  ...GAUGES.map(([gauge, areaMm2, ohmKft, three, two, cableA, fuseA = cableA]): Wire => ({
    name: `${gauge} AWG`,
    system: 'AWG',
    areaMm2,
    ohmPerM: ohmKft / FEET_1000_M,
    cordA: two > 0 ? { two, three } : null,
    cableA,
    freeAirA: FREE_AIR_A.get(gauge) ?? cableA,
    mostFuseA: fuseA,
  })),
  ...METRIC.map(([areaMm2, ohmKm, cordA, cableA]): Wire => ({
    name: `${areaMm2} mm²`,
    system: 'mm²',
    areaMm2,
    ohmPerM: (ohmKm * WARM) / 1000,
    cordA: cordA > 0 ? { two: cordA, three: cordA } : null,
    cableA,
    freeAirA: FREE_AIR_A.get(areaMm2) ?? cableA,
    mostFuseA: cableA,
  })),
]

/** Sizes battery fuses are usually sold in, A. From memory. */
const FUSES = [
  15, 20, 25, 30, 35, 40, 50, 60, 70, 80, 100, 125, 150, 175, 200, 225, 250, 300, 350, 400, 450, 500, 600,
]

export const WIRING_TABLES: WiringTables = { wires: WIRES, fuses: FUSES }
