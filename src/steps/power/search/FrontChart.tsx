'use client'
import { Chart, LinearScale, PointElement, ScatterController } from 'chart.js'
import { type RefObject, useEffect, useRef } from 'react'
import { formatNumber } from '@/core/quantity/format'
import type { Judged } from '@/core/sizing/search/search'
import type { Ink } from '@/ui/chart/chartInk'
import { useInk } from '@/ui/chart/useInk'
import { STILL, axisOf } from '@/ui/chart/LineChart'
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
  const ink = useInk()
  const chosen = useRef(pick)
  useEffect(() => {
    chosen.current = pick
  }, [pick])

  const chart = useRef<Chart<'scatter', Point[]> | null>(null)
  const marks = useRef({ neededH, currency, demand: '' })

  useEffect(
    () => () => {
      chart.current?.destroy()
      chart.current = null
    },
    [],
  )

  // made and filled in tasks of their own, after the figures: the page is never held for both at once
  useEffect(() => {
    const fill = () => {
      const made = chart.current
      if (!made || !ink) return
      marks.current = { neededH, currency, demand: ink.demand }
      show(made, ink, { judged, front, picked, currency })
    }
    let timer = setTimeout(() => {
      if (chart.current || !canvas.current) return fill()
      chart.current = makeChart(canvas.current, marks, chosen)
      timer = setTimeout(fill)
    })
    return () => clearTimeout(timer)
  }, [judged, front, picked, neededH, currency, ink])

  return (
    <div className={styles.chart}>
      <canvas
        ref={canvas}
        role="img"
        aria-label="Price against hours of every option; the table below has the same in figures"
        data-testid="front-chart"
      />
    </div>
  )
}

function makeChart(
  canvas: HTMLCanvasElement,
  marks: RefObject<{ neededH: number; currency: string; demand: string }>,
  chosen: RefObject<(judged: Judged) => void>,
): Chart<'scatter', Point[]> {
  return new Chart<'scatter', Point[]>(canvas, {
    type: 'scatter',
    data: { datasets: [] },
    options: {
      ...(STILL as object),
      events: ['click'],
      elements: {},
      onClick: (_, elements, { data }) => {
        const [hit] = elements
        if (!hit) return
        const point = data.datasets[hit.datasetIndex].data[hit.index] as unknown as Point
        chosen.current(point.judged)
      },
    },
    plugins: [
      {
        id: 'needed',
        beforeDatasetsDraw: ({ ctx, chartArea, scales }) => {
          const y = scales.y?.getPixelForValue(marks.current.neededH)
          if (!y || y < chartArea.top) return
          ctx.save()
          ctx.strokeStyle = ctx.fillStyle = marks.current.demand
          ctx.setLineDash([5, 4])
          ctx.beginPath()
          ctx.moveTo(chartArea.left, y)
          ctx.lineTo(chartArea.right, y)
          ctx.stroke()
          ctx.font = `12px ${getComputedStyle(ctx.canvas).fontFamily}`
          ctx.fillText(`${formatNumber(marks.current.neededH, 0)} h needed`, chartArea.left + 6, y - 5)
          ctx.restore()
        },
      },
    ],
  })
}

interface Shown {
  judged: readonly Judged[]
  front: readonly Judged[]
  picked: Judged | null
  currency: string
}

function show(made: Chart<'scatter', Point[]>, ink: Ink, { judged, front, picked, currency }: Shown): void {
  const onFront = new Set(front)
  const rest = judged.filter((one) => one.carries && one.candidate.price !== null && !onFront.has(one))
  // the picked one is a set of its own: sizes point by point would have every point's options worked out alone
  made.data.datasets = [
    {
      data: picked?.candidate.price == null || picked.runtimeMin === 0 ? [] : [pointOf(picked)],
      backgroundColor: ink.demand,
      pointRadius: 7,
      pointHitRadius: 10,
    },
    {
      data: front.map(pointOf),
      showLine: true,
      stepped: 'before',
      borderColor: ink.store,
      borderWidth: 1.6,
      backgroundColor: ink.store,
      pointRadius: 4.5,
      pointHitRadius: 10,
    },
    {
      data: rest.map(pointOf),
      borderColor: ink.soft,
      backgroundColor: 'transparent',
      pointRadius: 2.5,
      pointHitRadius: 5,
    },
  ]
  made.options.scales = {
    x: axisOf(ink, {
      ticks: { maxTicksLimit: 8, callback: (value) => `${formatNumber(Number(value), 0)} ${currency}` },
    }),
    y: axisOf(ink, {
      ticks: { maxTicksLimit: 6, callback: (value) => `${formatNumber(Number(value), 0)} h` },
    }),
  }
  made.update('none')
}
