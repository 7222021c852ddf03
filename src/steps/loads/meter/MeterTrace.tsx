'use client'
import type { Plugin } from 'chart.js'
import { useEffect, useRef } from 'react'
import type { MeterFindings } from '@/core/meter/analyse'
import { decimate } from '@/core/meter/decimate'
import type { MeterSamples } from '@/core/meter/samples'
import { formatNumber } from '@/core/quantity/format'
import { inkOf } from '@/ui/chart/chartInk'
import { axisOf, lineChart } from '@/ui/chart/lineChart'
import styles from './MeterLog.module.css'

const STRETCHES = 700

/** A meter's record with what was found in it: when it ran along the foot, defrosts hatched. */
export default function MeterTrace({
  samples,
  findings,
}: {
  samples: MeterSamples
  findings: MeterFindings | null
}) {
  const canvas = useRef<HTMLCanvasElement>(null)
  useEffect(() => {
    if (!canvas.current) return
    const ink = inkOf(canvas.current)
    const hours = samples.atMin[samples.atMin.length - 1] / 60
    const marks: Plugin<'line'> = {
      id: 'marks',
      beforeDatasetsDraw: ({ ctx, chartArea, scales }) => {
        ctx.save()
        for (const { fromMin, toMin, kind } of findings?.on ?? []) {
          const x = scales.x.getPixelForValue(fromMin / 60)
          const width = Math.max(1, scales.x.getPixelForValue(toMin / 60) - x)
          ctx.fillStyle = kind === 'defrost' ? ink.demandWash : ink.storeWash
          if (kind === 'defrost') {
            ctx.fillRect(x, chartArea.top, width, chartArea.bottom - chartArea.top)
            ctx.fillStyle = ink.demand
            ctx.font = `12px ${getComputedStyle(ctx.canvas).fontFamily}`
            ctx.fillText('defrost', x + 3, chartArea.top + 11)
          } else ctx.fillRect(x, chartArea.bottom - 6, width, 6)
        }
        ctx.restore()
      },
    }
    const chart = lineChart(
      canvas.current,
      [
        {
          data: decimate(samples, STRETCHES).map(({ x, y }) => ({ x: x / 60, y })),
          borderColor: ink.demand,
          borderWidth: 1.2,
          stepped: 'before',
          spanGaps: false,
        },
      ],
      {
        scales: {
          x: axisOf(canvas.current, ink, {
            max: hours,
            ticks: {
              maxTicksLimit: 9,
              includeBounds: false,
              callback: (value) => `${formatNumber(Number(value), 1)} h`,
            },
          }),
          y: axisOf(canvas.current, ink, { ticks: { maxTicksLimit: 5, callback: (value) => `${value} W` } }),
        },
      },
      [marks],
    )
    return () => chart.destroy()
  }, [samples, findings])
  return (
    <div className={styles.trace}>
      <canvas ref={canvas} role="img" aria-label="Watts over the record" data-testid="meter-trace" />
    </div>
  )
}
