'use client'
import { useCallback } from 'react'
import type { MeterFindings } from '@/core/meter/analyse'
import { decimate } from '@/core/meter/decimate'
import type { MeterSamples } from '@/core/meter/samples'
import { formatNumber } from '@/words/format'
import type { Ink } from '@/ui/chart/chartInk'
import { type Decoration, LineChart, type LineDrawing, axisOf } from '@/ui/chart/LineChart'
import { meterTrace } from '@/words/en/pages/meter'
import { wordsOf } from '@/words/translate'
import styles from './MeterLog.module.css'

const say = wordsOf(meterTrace)

const STRETCHES = 700

/** A meter's record with what was found in it: when it ran along the foot, defrosts hatched. */
export default function MeterTrace({
  samples,
  findings,
}: {
  samples: MeterSamples
  findings: MeterFindings | null
}) {
  const draw = useCallback(
    (ink: Ink): LineDrawing => ({
      datasets: [
        {
          data: decimate(samples, STRETCHES).map(({ x, y }) => ({ x: x / 60, y })),
          borderColor: ink.demand,
          borderWidth: 1.2,
          stepped: 'before',
          spanGaps: false,
        },
      ],
      scales: {
        x: axisOf(ink, {
          max: samples.atMin[samples.atMin.length - 1] / 60,
          ticks: {
            maxTicksLimit: 9,
            includeBounds: false,
            callback: (value) => `${formatNumber(Number(value), 1)} h`,
          },
        }),
        y: axisOf(ink, { ticks: { maxTicksLimit: 5, callback: (value) => `${value} W` } }),
      },
      decoration: marksOf(findings, ink),
    }),
    [samples, findings],
  )
  return (
    <div className={styles.trace}>
      <LineChart label={say('wattsOverTheRecord')} draw={draw} testId="meter-trace" />
    </div>
  )
}

/** When it ran along the foot, defrosts over the whole height. */
const marksOf = (findings: MeterFindings | null, ink: Ink): Decoration => ({
  beforeDatasetsDraw: ({ ctx, chartArea, scales }) => {
    ctx.save()
    for (const { fromMin, toMin, kind } of findings?.on ?? []) {
      const x = scales.x.getPixelForValue(fromMin / 60)
      const width = Math.max(1, scales.x.getPixelForValue(toMin / 60) - x)
      ctx.fillStyle = kind === 'defrost' ? ink.demandWash : ink.storeWash
      if (kind === 'defrost') {
        ctx.fillRect(x, chartArea.top, width, chartArea.bottom - chartArea.top)
        ctx.fillStyle = ink.demand
        ctx.font = `12px ${ink.font}`
        ctx.fillText('defrost', x + 3, chartArea.top + 11)
      } else ctx.fillRect(x, chartArea.bottom - 6, width, 6)
    }
    ctx.restore()
  },
})
