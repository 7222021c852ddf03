import type { MeterSamples } from './samples'

/**
 * A record thinned for drawing: in each of so many equal stretches the lowest and the highest reading, in the order they came,
 * so that no spike is lost. Gaps break the line with NaN.
 *
 * @returns x in minutes and y in watts, at most two points a stretch and one a gap
 */
export function decimate(
  { atMin, watts, gaps }: MeterSamples,
  stretches: number,
): { x: number; y: number }[] {
  const points: { x: number; y: number }[] = []
  const last = atMin[atMin.length - 1]
  const width = last / stretches || 1
  let gap = 0
  for (let i = 0; i < atMin.length;) {
    const bucket = Math.min(stretches - 1, Math.floor(atMin[i] / width))
    let low = i
    let high = i
    let next = i
    const gapFrom = gap < gaps.length ? gaps[gap][0] : Infinity
    while (next < atMin.length && Math.min(stretches - 1, Math.floor(atMin[next] / width)) === bucket) {
      if (watts[next] < watts[low]) low = next
      if (watts[next] > watts[high]) high = next
      next++
      if (atMin[next - 1] >= gapFrom) break
    }
    const [a, b] = low < high ? [low, high] : [high, low]
    points.push({ x: atMin[a], y: watts[a] })
    if (a !== b) points.push({ x: atMin[b], y: watts[b] })
    if (atMin[next - 1] >= gapFrom) {
      points.push({ x: atMin[next - 1], y: NaN })
      gap++
    }
    i = next
  }
  return points
}
