'use client'
import { useCallback } from 'react'
import type { RefillCurves } from '@/core/simulation/refillLedger'
import { formatNumber } from '@/words/format'
import { clockAxis } from '@/ui/chart/axes'
import type { Ink } from '@/ui/chart/chartInk'
import { plannedEnd } from '@/ui/chart/guideLine'
import { LineChart, type LineDrawing, axisOf } from '@/ui/chart/LineChart'
import type { Gutters } from '@/ui/timeline/Guttered'

const STEP_MIN = 15

export interface Days {
  curves: RefillCurves
  startsAt: string
  shownMin: number
  outageMin: number
}

/** The outage's hours: what the sun offers, what of it is clipped, what comes in of everything, and what is asked. */
export default function DaysChart({ days, gutters, label }: { days: Days; gutters: Gutters; label: string }) {
  const draw = useCallback(
    (ink: Ink): LineDrawing => {
      const { curves, shownMin } = days
      const points = (values: Float64Array, base?: Float64Array) =>
        Array.from(values.subarray(0, Math.ceil(shownMin / STEP_MIN)), (y, i) => ({
          x: (i + 0.5) * STEP_MIN,
          y: y + (base ? base[i] : 0),
        }))
      return {
        datasets: [
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
        ],
        layout: { padding: { top: 8, right: gutters.right } },
        scales: {
          x: clockAxis(ink, days),
          y: axisOf(ink, {
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
        },
        annotations: days.outageMin < shownMin ? [plannedEnd(days.outageMin, ink, ink.soft)] : [],
      }
    },
    [days, gutters],
  )
  return <LineChart label={label} draw={draw} testId="days-chart" />
}
