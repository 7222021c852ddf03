'use client'
import type { Chart, Plugin } from 'chart.js'
import { useColorScheme } from '@mui/material/styles'
import { useEffect, useRef } from 'react'
import type { RefillCurves } from '@/core/simulation/refillLedger'
import { formatNumber } from '@/core/quantity/format'
import { clockTicks } from '@/ui/chart/chartDecorations'
import { inkOf } from '@/ui/chart/chartInk'
import { type LineData, axisOf, lineChart } from '@/ui/chart/lineChart'
import type { Gutters } from '@/ui/timeline/useGutters'

const STEP_MIN = 15

export interface Days {
  curves: RefillCurves
  startsAt: string
  shownMin: number
  outageMin: number
}

/** The outage's hours: what the sun offers, what of it is clipped, what comes in of everything, and what is asked. */
export default function DaysChart({ days, gutters, label }: { days: Days; gutters: Gutters; label: string }) {
  const canvas = useRef<HTMLCanvasElement>(null)
  const chart = useRef<Chart<'line'> | null>(null)
  const { mode, systemMode } = useColorScheme()
  const scheme = mode === 'system' ? systemMode : mode
  const end = useRef<{ at: number; color: string }>({ at: Infinity, color: '' })

  useEffect(() => {
    const element = canvas.current
    if (!element) return
    const mark: Plugin<'line'> = {
      id: 'end',
      afterDatasetsDraw: ({ ctx, chartArea, scales }) => {
        if (end.current.at === Infinity) return
        const x = scales.x.getPixelForValue(end.current.at)
        if (!(x < chartArea.right)) return
        ctx.save()
        ctx.strokeStyle = ctx.fillStyle = end.current.color
        ctx.setLineDash([5, 4])
        ctx.beginPath()
        ctx.moveTo(x, chartArea.top)
        ctx.lineTo(x, chartArea.bottom)
        ctx.stroke()
        ctx.font = `12px ${getComputedStyle(ctx.canvas).fontFamily}`
        ctx.textAlign = 'right'
        ctx.fillText('planned end', x - 6, chartArea.top + 12)
        ctx.restore()
      },
    }
    const made = lineChart(element, [], {}, [mark])
    chart.current = made
    return () => {
      made.destroy()
      chart.current = null
    }
  }, [])

  useEffect(() => {
    const made = chart.current
    if (!made) return
    const ink = inkOf(made.canvas)
    const { curves, shownMin } = days
    const points = (values: Float64Array, base?: Float64Array) =>
      Array.from(values.subarray(0, Math.ceil(shownMin / STEP_MIN)), (y, i) => ({
        x: (i + 0.5) * STEP_MIN,
        y: y + (base ? base[i] : 0),
      }))
    end.current = { at: days.outageMin, color: ink.soft }
    made.data.datasets = [
      { data: points(curves.sunW), borderWidth: 0, fill: 'origin', backgroundColor: ink.refillWash },
      {
        data: points(curves.clippedW, curves.sunW),
        borderColor: ink.refill,
        borderWidth: 1,
        borderDash: [2, 3],
        fill: false,
      },
      { data: points(curves.inW), borderColor: ink.refill, borderWidth: 2.4, fill: false },
      {
        data: points(curves.askedW),
        borderColor: ink.demand,
        borderWidth: 1.4,
        borderDash: [6, 3],
        fill: false,
      },
    ] as LineData
    made.options.layout = { padding: { top: 8, right: gutters.right } }
    made.options.scales = {
      x: axisOf(made.canvas, ink, {
        max: shownMin,
        afterBuildTicks: (axis) => {
          axis.ticks = clockTicks(days, axis.width)
        },
        ticks: { autoSkip: false, padding: 6, callback: (_, i, ticks) => ticks[i]?.label as string },
      }),
      y: axisOf(made.canvas, ink, {
        suggestedMax: 100,
        afterFit: (axis) => {
          axis.width = gutters.left
        },
        ticks: {
          maxTicksLimit: 5,
          padding: 8,
          // a phone has no room for thousands
          callback: (value) =>
            gutters.left < 100 && Number(value) >= 1000
              ? `${formatNumber(Number(value) / 1000, 1)}k`
              : `${formatNumber(Number(value))} W`,
        },
      }),
    }
    made.update('none')
  }, [days, gutters, scheme])

  return <canvas ref={canvas} role="img" aria-label={label} data-testid="days-chart" />
}
