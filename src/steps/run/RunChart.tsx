'use client'
import { useCallback } from 'react'
import type { RunPrediction } from '@/core/run/predictRun'
import { type RunHead, minuteOf } from '@/core/run/runDocument'
import { chargeAxis, clockAxis } from '@/ui/chart/axes'
import type { Ink } from '@/ui/chart/chartInk'
import { LineChart, type LineDrawing } from '@/ui/chart/LineChart'

/** So many readings are drawn small. */
const MANY = 24

/** The readings over the band as planned and as learned. */
export default function RunChart({
  head,
  found,
  label,
}: {
  head: RunHead
  found: RunPrediction
  label: string
}) {
  const draw = useCallback(
    (ink: Ink): LineDrawing => {
      const { band, plannedBand, segment } = found
      const last = [found.endMin.p90, found.plannedEndMin.p90, found.nowMin + 120]
        .map((minute) => Math.min(minute, found.horizonMin))
        .reduce((a, b) => Math.max(a, b))
      const shownMin = Math.min(found.horizonMin, Math.ceil((last * 1.05) / 60) * 60)
      const points = ({ fromMin, stepMin }: typeof band, values: Float64Array) =>
        Array.from(values, (y, i) => ({ x: fromMin + i * stepMin, y })).filter(
          ({ x }) => x <= shownMin + stepMin,
        )
      const readings = segment.readings.flatMap(({ at, chargeFraction }) =>
        chargeFraction === undefined ? [] : [{ x: minuteOf(head, at), y: chargeFraction }],
      )
      return {
        datasets: [
          { data: points(band, band.p90), borderWidth: 0, fill: '+1', backgroundColor: ink.storeWash },
          { data: points(band, band.p10), borderWidth: 0, fill: false },
          { data: points(band, band.p50), borderColor: ink.store, borderWidth: 2.4, fill: false },
          {
            data: points(plannedBand, plannedBand.p50),
            borderColor: ink.soft,
            borderWidth: 1.4,
            borderDash: [5, 4],
            fill: false,
          },
          {
            data: readings,
            showLine: false,
            pointRadius: readings.length > MANY ? 2 : 4,
            pointBackgroundColor: ink.ink,
            borderColor: ink.ink,
            borderWidth: 0,
          },
        ],
        layout: { padding: { top: 10, right: 8 } },
        scales: {
          x: clockAxis(ink, { startsAt: head.startsLocal, shownMin, clock: head.plan.household.units.clock }),
          y: chargeAxis(ink),
        },
      }
    },
    [head, found],
  )
  return <LineChart label={label} draw={draw} />
}
