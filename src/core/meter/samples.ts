import type { Told } from '../quantity/told'

/** A meter's record: readings in order, as minutes since the first and mean watts until the next. */
export interface MeterSamples {
  /** minutes since the first reading */
  atMin: Float64Array
  /** watts from each reading to the next */
  watts: Float64Array
  /** stretches with no readings, minutes since the first */
  gaps: [from: number, to: number][]
  /** how often a total began again */
  resets: number
  /** clock of the first reading as it stood in the record, "YYYY-MM-DDTHH:MM" or "HH:MM"; null when it had none */
  startsAt: string | null
}

/** A line that could not be used, and why. */
export interface RefusedLine {
  line: number
  text: string
  message: Told
}

/** A reading between readings this many times further apart than usual is a gap. */
const GAP_TIMES = 8
const SHORTEST_GAP_MIN = 5

/** Finds where readings are missing. @param atMin ascending */
export function gapsOf(atMin: Float64Array): [number, number][] {
  if (atMin.length < 3) return []
  const steps = Float64Array.from({ length: atMin.length - 1 }, (_, i) => atMin[i + 1] - atMin[i]).sort()
  const usual = steps[steps.length >> 1]
  const longest = Math.max(SHORTEST_GAP_MIN, usual * GAP_TIMES)
  const gaps: [number, number][] = []
  for (let i = 1; i < atMin.length; i++)
    if (atMin[i] - atMin[i - 1] > longest) gaps.push([atMin[i - 1], atMin[i]])
  return gaps
}
