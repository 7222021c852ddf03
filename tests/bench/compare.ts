export const HORIZON_MIN = 72 * 60

/** One multiply-add for every minute of every run: what nothing can be faster than. */
export function bareSweep(runs: number, minutes: number, demand: Float64Array): number {
  let sum = 0
  for (let run = 0; run < runs; run++) {
    let energy = 2000 + run
    for (let m = 0; m < minutes; m++) energy = energy - demand[m] * 0.0182
    sum += energy
  }
  return sum
}

function milliseconds(work: () => void): number {
  const from = performance.now()
  work()
  return performance.now() - from
}

const median = (values: number[]) => [...values].sort((a, b) => a - b)[values.length >> 1]

/** Medians of each piece of work, ms, the pieces taken in turn so that a slow spell hits them alike. */
export function compare(works: (() => void)[], times: number): number[] {
  const found = works.map((): number[] => [])
  for (let i = 0; i < times; i++) works.forEach((work, w) => found[w].push(milliseconds(work)))
  return found.map(median)
}

export const round = (value: number) => Math.round(value * 100) / 100
