'use client'
import type { Chart, Plugin } from 'chart.js'
import { useColorScheme } from '@mui/material/styles'
import { useEffect, useRef } from 'react'
import { clockTicks, decorations } from './chartDecorations'
import { type ChargeCurve, curvePoints } from './chargeCurve'
import { inkOf } from './chartInk'
import { type LineData, axisOf, lineChart } from './lineChart'

/** State of charge over the clock as a band: the middle run, and eight runs of ten around it. */
export default function ChargeChart(props: {
  curve: ChargeCurve
  label: string
  /** pixels left of the first minute and right of the last, so that what stands below can share the time axis */
  gutter?: number
  gutterRight?: number
}) {
  const { curve, label, gutter, gutterRight = 4 } = props
  const canvas = useRef<HTMLCanvasElement>(null)
  const chart = useRef<Chart<'line'> | null>(null)
  const decoration = useRef<Plugin<'line'> | null>(null)
  const { mode, systemMode } = useColorScheme()
  const scheme = mode === 'system' ? systemMode : mode

  useEffect(() => {
    const element = canvas.current
    if (!element) return
    const ink = inkOf(element)
    const { p10, p50, p90 } = curvePoints(curve)
    const datasets: LineData = [
      { data: p90, borderWidth: 0, fill: '+1', backgroundColor: ink.storeWash },
      { data: p10, borderWidth: 0, fill: false },
      { data: p50, borderColor: ink.store, borderWidth: 2.4, fill: false },
    ]
    const scales = {
      x: axisOf(element, ink, {
        max: curve.shownMin,
        afterBuildTicks: (axis) => {
          axis.ticks = clockTicks(curve, axis.width)
        },
        ticks: { autoSkip: false, padding: 6, callback: (_, i, ticks) => ticks[i]?.label as string },
      }),
      y: axisOf(element, ink, {
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
    }
    const layout = { padding: { top: 16, right: gutterRight } }
    decoration.current = decorations(curve, ink)
    const made = chart.current
    if (made) {
      made.data.datasets = datasets
      made.options.scales = scales
      made.options.layout = layout
      made.update('none')
    } else
      chart.current = lineChart(element, datasets, { layout, scales }, [
        {
          id: 'outage',
          beforeDatasetsDraw: (...args) => decoration.current?.beforeDatasetsDraw?.(...args),
          afterDatasetsDraw: (...args) => decoration.current?.afterDatasetsDraw?.(...args),
        },
      ])
  }, [curve, scheme, gutter, gutterRight])

  useEffect(
    () => () => {
      chart.current?.destroy()
      chart.current = null
    },
    [],
  )

  return <canvas ref={canvas} role="img" aria-label={label} />
}
