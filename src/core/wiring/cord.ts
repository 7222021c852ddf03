import type { Cord } from '../plan/wiring'
import type { Units } from '../quantity/units'
import type { Draw } from './draw'
import { voltsLost } from './voltageDrop'
import { type Wire, type WiringTables, sizesOf } from './wire'

/** A branch circuit's cord and the wires before it together should lose no more while running: NEC 210.19, informational note. */
export const MOST_RUNNING_DROP = 0.05
/** More lost at the start and a motor may stall: motors are made for ±10 % of their volts (NEMA MG 1, from memory). */
const MOST_START_DROP = 0.1
/** A cord in its coil cannot shed its heat: about a third, as reels are labelled. Common practice, no source. */
export const COILED_SHARE = 1 / 3
/** What a power strip carries. Common practice, no source. */
export const STRIP_A = { us: 15, other: 10 }

/** One cord, or several plugged into each other, with what runs through it. */
export interface CordVerdict {
  /** amps it carries as it lies */
  ratedA: number
  /** what limits it */
  limitedBy: 'wire' | 'coil' | 'strip'
  runningDrop: number
  startDrop: number
  isOverloaded: boolean
  dropsTooMuch: boolean
  /** the start loses more of what it may than running does */
  atStart: boolean
}

/** The pieces a load's current runs through, from the source on: those whose size is known. */
export type CordPiece = Pick<Cord, 'lengthM' | 'isCoiled' | 'isStrip'> & { wire: Wire; draw: Draw }

const ampsOf = (wire: Wire, conductors: 'two' | 'three') => wire.cordA?.[conductors] ?? 0

/**
 * What a cord does under its load.
 *
 * @param pieces from the source to the loads: each with all that runs through it
 * @param volts nominal, of the source
 * @param stripA what a power strip carries
 */
export function judgeCord(pieces: readonly CordPiece[], volts: number, stripA: number): CordVerdict {
  let weakest: { ratedA: number; limitedBy: CordVerdict['limitedBy']; room: number } | null = null
  let running = 0
  let start = 0
  for (const { wire, lengthM, isCoiled, isStrip, draw } of pieces) {
    const limits: Pick<CordVerdict, 'ratedA' | 'limitedBy'>[] = [
      { ratedA: ampsOf(wire, 'two') * (isCoiled ? COILED_SHARE : 1), limitedBy: isCoiled ? 'coil' : 'wire' },
    ]
    if (isStrip) limits.push({ ratedA: stripA, limitedBy: 'strip' })
    for (const limit of limits) {
      const room = limit.ratedA - draw.runningA
      if (!weakest || room < weakest.room) weakest = { ...limit, room }
    }
    running += voltsLost(wire, lengthM, draw.runningA, draw.runningPowerFactor)
    start += voltsLost(wire, lengthM, draw.startA, draw.startPowerFactor)
  }
  const runningDrop = running / volts
  const startDrop = start / volts
  const over = { running: runningDrop > MOST_RUNNING_DROP, start: startDrop > MOST_START_DROP }
  return {
    ratedA: weakest?.ratedA ?? Infinity,
    limitedBy: weakest?.limitedBy ?? 'wire',
    runningDrop,
    startDrop,
    isOverloaded: (weakest?.room ?? 0) < 0,
    dropsTooMuch: over.running || over.start,
    atStart: over.start && startDrop / MOST_START_DROP > runningDrop / MOST_RUNNING_DROP,
  }
}

/** Thinner cords for mains are sold for lamps alone: 16 AWG, 1.5 mm². Common practice, no source. */
const LEAST_SOLD_MM2 = 1.3

/** What a household plug carries. Common practice, no source. */
const PLUG_A = 20

/**
 * The thinnest cord for appliances that carries a draw over a length, in one system of sizes.
 *
 * @param plugA what the plugs at its ends carry
 * @returns null where no cord will do
 */
export function leastCord(
  { wires }: Pick<WiringTables, 'wires'>,
  system: Units['wire'],
  draw: Draw,
  lengthM: number,
  plugA = PLUG_A,
): Wire | null {
  if (draw.runningA > plugA) return null
  return (
    sizesOf(wires, system).find(
      (wire) =>
        wire.areaMm2 >= LEAST_SOLD_MM2 &&
        ampsOf(wire, 'two') >= draw.runningA &&
        voltsLost(wire, lengthM, draw.runningA, draw.runningPowerFactor) <= MOST_RUNNING_DROP * draw.volts &&
        voltsLost(wire, lengthM, draw.startA, draw.startPowerFactor) <= MOST_START_DROP * draw.volts,
    ) ?? null
  )
}
