import { isBelow } from '../../conversion/loss'
import type { RealisedDemand } from './realisedDemand'

/** Watts between two entries of a table of drains, which is read by linear interpolation. */
export const TABLE_W = 5
/** Minutes summed up together. */
export const BLOCK_MIN = 480

/**
 * How much of each block of minutes every entry of a table of drains counts, so that a block's loss is a sum
 * over the few entries its watts touch, and exactly what walking its minutes would add up to.
 */
export interface WattBlocks {
  blocks: number
  /** entries of block b of run r: from starts[r · blocks + b] to the next */
  starts: Int32Array
  entry: Uint16Array
  weight: Float32Array
  /** the entry that counts minutes below the threshold, in which an inverter searches */
  calm: number
}

const made = new WeakMap<RealisedDemand, Map<number, WattBlocks>>()

/** Entries a table of drains has for a demand, the one of calm minutes last. */
export const entriesOf = ({ peakW }: RealisedDemand) => Math.ceil(peakW / TABLE_W) + 3

/**
 * The blocks of a demand, made on first asking.
 *
 * @param belowW minutes that ask less count as calm; 0 for none
 */
export function wattBlocks(demand: RealisedDemand, belowW: number): WattBlocks {
  let byThreshold = made.get(demand)
  if (!byThreshold) made.set(demand, (byThreshold = new Map()))
  let found = byThreshold.get(belowW)
  if (!found) byThreshold.set(belowW, (found = blocksOf(demand, belowW)))
  return found
}

function blocksOf(demand: RealisedDemand, belowW: number): WattBlocks {
  const { runs, horizonMin, mainsW } = demand
  const calm = entriesOf(demand) - 1
  const blocks = Math.floor(horizonMin / BLOCK_MIN)
  const sums = new Float32Array(calm + 1)
  const starts = new Int32Array(runs * blocks + 1)
  const entries: number[] = []
  const weights: number[] = []
  for (let run = 0; run < runs; run++)
    for (let block = 0; block < blocks; block++) {
      const from = run * horizonMin + block * BLOCK_MIN
      sums.fill(0)
      for (let minute = from; minute < from + BLOCK_MIN; minute++) {
        if (belowW > 0 && isBelow(mainsW[minute], belowW)) {
          sums[calm]++
          continue
        }
        const at = mainsW[minute] > 0 ? mainsW[minute] / TABLE_W : 0
        const k = at | 0
        sums[k] += 1 - (at - k)
        sums[k + 1] += at - k
      }
      for (let k = 0; k < sums.length; k++)
        if (sums[k] > 0) {
          entries.push(k)
          weights.push(sums[k])
        }
      starts[run * blocks + block + 1] = entries.length
    }
  return { blocks, starts, entry: Uint16Array.from(entries), weight: Float32Array.from(weights), calm }
}
