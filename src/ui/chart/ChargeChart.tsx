'use client'
import { useCallback } from 'react'
import { decorations } from './chartDecorations'
import { type ChargeCurve, curvePoints } from './chargeCurve'
import { chargeAxis, clockAxis } from './axes'
import type { Ink } from './chartInk'
import { plannedEnd } from './guideLine'
import { LineChart, type LineDrawing } from './LineChart'

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
          x: clockAxis(ink, curve),
          y: chargeAxis(ink, {
            afterFit: (axis) => {
              if (gutter) axis.width = gutter
            },
          }),
        },
        decoration: decorations(curve, ink),
        annotations: curve.outageMin < curve.shownMin ? [plannedEnd(curve.outageMin, ink, ink.ink)] : [],
      }
    },
    [curve, gutter, gutterRight],
  )
  return <LineChart label={label} draw={draw} />
}
