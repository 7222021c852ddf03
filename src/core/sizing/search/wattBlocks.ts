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
}

const made = new WeakMap<RealisedDemand, WattBlocks>()

/** The blocks of a demand, made on first asking. */
export function wattBlocks(demand: RealisedDemand): WattBlocks {
  let found = made.get(demand)
  if (!found) made.set(demand, (found = blocksOf(demand)))
  return found
}

function blocksOf({ runs, horizonMin, mainsW, peakW }: RealisedDemand): WattBlocks {
  const blocks = Math.floor(horizonMin / BLOCK_MIN)
  const sums = new Float32Array(Math.ceil(peakW / TABLE_W) + 2)
  const starts = new Int32Array(runs * blocks + 1)
  const entries: number[] = []
  const weights: number[] = []
  for (let run = 0; run < runs; run++)
    for (let block = 0; block < blocks; block++) {
      const from = run * horizonMin + block * BLOCK_MIN
      sums.fill(0)
      for (let minute = from; minute < from + BLOCK_MIN; minute++) {
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
  return { blocks, starts, entry: Uint16Array.from(entries), weight: Float32Array.from(weights) }
}
