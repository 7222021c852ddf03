import { isBelow } from '../../conversion/loss'
import type { RealisedDemand } from './realisedDemand'

/** Watts between two entries of a table of drains, which is read by linear interpolation. */
export const TABLE_W = 5
/** Minutes summed up together: long blocks as long as nothing can happen in them, then short ones. */
const BLOCKS_MIN = [480, 120] as const

/**
 * How much of each block of minutes every entry of a table of drains counts, so that a block's loss is a sum
 * over the few entries its watts touch, and exactly what walking its minutes would add up to.
 */
export interface WattBlocks {
  blockMin: number
  blocks: number
  /** entries of block b of run r: from starts[r · blocks + b] to the next */
  starts: Int32Array
  entry: Uint16Array
  weight: Float32Array
}

/** A demand by blocks of each length, and which entries each of its runs touches at all. */
export interface BlockedDemand {
  byLength: WattBlocks[]
  /** entries of run r: from usedStarts[r] to the next */
  used: Uint16Array
  usedStarts: Int32Array
  /** the entry that counts minutes below the threshold, in which an inverter searches */
  calm: number
}

const made = new WeakMap<RealisedDemand, Map<number, BlockedDemand>>()

/** Entries a table of drains has for a demand, the one of calm minutes last. */
export const entriesOf = ({ peakW }: RealisedDemand) => Math.ceil(peakW / TABLE_W) + 3

/**
 * The blocks of a demand, made on first asking.
 *
 * @param belowW minutes that ask less count as calm; 0 for none
 */
export function wattBlocks(demand: RealisedDemand, belowW: number): BlockedDemand {
  let byThreshold = made.get(demand)
  if (!byThreshold) made.set(demand, (byThreshold = new Map()))
  let found = byThreshold.get(belowW)
  if (!found) {
    found = { byLength: BLOCKS_MIN.map((min) => blocksOf(demand, belowW, min)), ...usedIn(demand, belowW) }
    byThreshold.set(belowW, found)
  }
  return found
}

/** Adds what some minutes count of every entry to `sums`. */
function addMinutes(
  { mainsW }: RealisedDemand,
  belowW: number,
  from: number,
  until: number,
  sums: Float32Array,
): void {
  const calm = sums.length - 1
  for (let minute = from; minute < until; minute++) {
    if (belowW > 0 && isBelow(mainsW[minute], belowW)) {
      sums[calm]++
      continue
    }
    const at = mainsW[minute] > 0 ? mainsW[minute] / TABLE_W : 0
    const k = at | 0
    sums[k] += 1 - (at - k)
    sums[k + 1] += at - k
  }
}

function blocksOf(demand: RealisedDemand, belowW: number, blockMin: number): WattBlocks {
  const { runs, horizonMin } = demand
  const blocks = Math.floor(horizonMin / blockMin)
  const sums = new Float32Array(entriesOf(demand))
  const starts = new Int32Array(runs * blocks + 1)
  let entry = new Uint16Array(runs * blocks * USUAL_ENTRIES + sums.length)
  let weight = new Float32Array(entry.length)
  let count = 0
  for (let run = 0; run < runs; run++)
    for (let block = 0; block < blocks; block++) {
      const from = run * horizonMin + block * blockMin
      addMinutes(demand, belowW, from, from + blockMin, sums)
      if (count + sums.length > entry.length) {
        entry = grown(entry, new Uint16Array(2 * entry.length))
        weight = grown(weight, new Float32Array(2 * weight.length))
      }
      for (let k = 0; k < sums.length; k++)
        if (sums[k] > 0) {
          entry[count] = k
          weight[count++] = sums[k]
          sums[k] = 0
        }
      starts[run * blocks + block + 1] = count
    }
  return { blockMin, blocks, starts, entry, weight }
}

/** Entries a block usually has; where it has more, room is made. */
const USUAL_ENTRIES = 40

function grown<T extends Uint16Array | Float32Array>(from: T, into: T): T {
  into.set(from)
  return into
}

function usedIn(demand: RealisedDemand, belowW: number): Omit<BlockedDemand, 'byLength'> {
  const { runs, horizonMin } = demand
  const sums = new Float32Array(entriesOf(demand))
  const used: number[] = []
  const usedStarts = new Int32Array(runs + 1)
  for (let run = 0; run < runs; run++) {
    addMinutes(demand, belowW, run * horizonMin, (run + 1) * horizonMin, sums)
    for (let k = 0; k < sums.length; k++) if (sums[k] > 0) used.push(k)
    sums.fill(0)
    usedStarts[run + 1] = used.length
  }
  return { used: Uint16Array.from(used), usedStarts, calm: sums.length - 1 }
}
