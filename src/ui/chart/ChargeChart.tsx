'use client'
import { useCallback } from 'react'
import { clockTicks, decorations } from './chartDecorations'
import { type ChargeCurve, curvePoints } from './chargeCurve'
import type { Ink } from './chartInk'
import { LineChart, type LineDrawing, axisOf } from './LineChart'

/** State of charge over the clock as a band: the middle run, and eight runs of ten around it. */
export default function ChargeChart(props: {
  curve: ChargeCurve
  label: string
  /** pixels left of the first minute and right of the last, so that what stands below can share the time axis */
  gutter?: number
  gutterRight?: number
}) {
  const { curve, label, gutter, gutterRight = 4 } = props
  const draw = useCallback(
    (ink: Ink): LineDrawing => {
      const { p10, p50, p90 } = curvePoints(curve)
      return {
        datasets: [
          { data: p90, borderWidth: 0, fill: '+1', backgroundColor: ink.storeWash },
          { data: p10, borderWidth: 0, fill: false },
          { data: p50, borderColor: ink.store, borderWidth: 2.4, fill: false },
        ],
        layout: { padding: { top: 16, right: gutterRight } },
        scales: {
          x: axisOf(ink, {
            max: curve.shownMin,
            afterBuildTicks: (axis) => {
              axis.ticks = clockTicks(curve, axis.width)
            },
            ticks: { autoSkip: false, padding: 6, callback: (_, i, ticks) => ticks[i]?.label as string },
          }),
          y: axisOf(ink, {
            afterFit: (axis) => {
              if (gutter) axis.width = gutter
            },
            max: 1,
            ticks: {
              stepSize: 0.25,
              padding: 8,
              callback: (value) => (value === 1 ? '100 %' : String(Number(value) * 100)),
            },
          }),
        },
        decoration: decorations(curve, ink),
      }
    },
    [curve, gutter, gutterRight],
  )
  return <LineChart label={label} draw={draw} />
}
