'use client'
import { Chart, LinearScale, PointElement, ScatterController } from 'chart.js'
import { useColorScheme } from '@mui/material/styles'
import { useEffect, useRef } from 'react'
import { formatNumber } from '@/core/quantity/format'
import type { Judged } from '@/core/sizing/search/search'
import { inkOf } from '@/ui/chart/chartInk'
import { STILL, axisOf } from '@/ui/chart/lineChart'
import styles from './search.module.css'

Chart.register(ScatterController, PointElement, LinearScale)

interface Point {
  x: number
  y: number
  judged: Judged
}

const pointOf = (judged: Judged): Point => ({
  x: judged.candidate.price!,
  y: judged.runtimeMin / 60,
  judged,
})

/** Price against hours: what nothing beats joined by a line, the rest as small rings; a click picks. */
export default function FrontChart(props: {
  judged: readonly Judged[]
  front: readonly Judged[]
  picked: Judged | null
  neededH: number
  currency: string
  pick: (judged: Judged) => void
}) {
  const { judged, front, picked, neededH, currency, pick } = props
  const canvas = useRef<HTMLCanvasElement>(null)
  const { mode, systemMode } = useColorScheme()
  const scheme = mode === 'system' ? systemMode : mode
  const chosen = useRef(pick)
  useEffect(() => {
    chosen.current = pick
  }, [pick])

  useEffect(() => {
    const element = canvas.current
    if (!element) return
    const ink = inkOf(element)
    const shown = judged.filter(({ candidate, runtimeMin }) => candidate.price !== null && runtimeMin > 0)
    const chart = new Chart<'scatter', Point[]>(element, {
      type: 'scatter',
      data: {
        datasets: [
          {
            data: front.map(pointOf),
            showLine: true,
            stepped: 'before',
            borderColor: ink.store,
            borderWidth: 1.6,
            backgroundColor: front.map((one) => (one === picked ? ink.demand : ink.store)),
            pointRadius: front.map((one) => (one === picked ? 7 : 4.5)),
            pointHitRadius: 10,
          },
          {
            data: shown.filter((one) => !front.includes(one)).map(pointOf),
            borderColor: ink.soft,
            backgroundColor: 'transparent',
            pointRadius: shown.filter((one) => !front.includes(one)).map((one) => (one === picked ? 6 : 2.5)),
            pointHitRadius: 5,
          },
        ],
      },
      options: {
        ...(STILL as object),
        events: ['click'],
        elements: {},
        onClick: (_, elements, chart) => {
          const [hit] = elements
          if (!hit) return
          const point = chart.data.datasets[hit.datasetIndex].data[hit.index] as unknown as Point
          chosen.current(point.judged)
        },
        scales: {
          x: axisOf(element, ink, {
            ticks: { maxTicksLimit: 8, callback: (value) => `${formatNumber(Number(value), 0)} ${currency}` },
          }),
          y: axisOf(element, ink, {
            ticks: { maxTicksLimit: 6, callback: (value) => `${formatNumber(Number(value), 0)} h` },
          }),
        },
      },
      plugins: [
        {
          id: 'needed',
          beforeDatasetsDraw: ({ ctx, chartArea, scales }) => {
            const y = scales.y.getPixelForValue(neededH)
            if (y < chartArea.top) return
            ctx.save()
            ctx.strokeStyle = ink.demand
            ctx.setLineDash([5, 4])
            ctx.beginPath()
            ctx.moveTo(chartArea.left, y)
            ctx.lineTo(chartArea.right, y)
            ctx.stroke()
            ctx.fillStyle = ink.demand
            ctx.font = `12px ${getComputedStyle(ctx.canvas).fontFamily}`
            ctx.fillText(`${formatNumber(neededH, 0)} h needed`, chartArea.left + 6, y - 5)
            ctx.restore()
          },
        },
      ],
    })
    return () => chart.destroy()
  }, [judged, front, picked, neededH, currency, scheme])

  return (
    <div className={styles.chart}>
      <canvas
        ref={canvas}
        role="img"
        aria-label="Price against hours of every candidate; the table below has the same in figures"
        data-testid="front-chart"
      />
    </div>
  )
}
