import { clockTicks } from './chartDecorations'
import type { Ink } from './chartInk'
import { type Axis, axisOf } from './LineChart'

/** The outage's clock along the foot of a chart. */
export const clockAxis = (ink: Ink, span: Parameters<typeof clockTicks>[0]) =>
  axisOf(ink, {
    max: span.shownMin,
    afterBuildTicks: (axis) => {
      axis.ticks = clockTicks(span, axis.width)
    },
    ticks: { autoSkip: false, padding: 6, callback: (_, i, ticks) => ticks[i]?.label as string },
  })

/** Share of full up the side of a chart, a tick each quarter. */
export const chargeAxis = (ink: Ink, more: Axis = {}) =>
  axisOf(ink, {
    max: 1,
    ticks: {
      stepSize: 0.25,
      padding: 8,
      callback: (value) => (value === 1 ? '100 %' : String(Number(value) * 100)),
    },
    ...more,
  })
