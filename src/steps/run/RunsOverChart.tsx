'use client'
import { useCallback } from 'react'
import { type Entry, type RunHead, minuteOf, standingEntries } from '@/core/run/runDocument'
import { chargeAxis } from '@/ui/chart/axes'
import type { Ink } from '@/ui/chart/chartInk'
import { LineChart, type LineDrawing, axisOf } from '@/ui/chart/LineChart'

interface Laid {
  head: RunHead
  entries: readonly Entry[]
}

/** Charges of two runs over the hours since each began: the first with a full line, the second dashed. */
export default function RunsOverChart({ laid, label }: { laid: readonly [Laid, Laid]; label: string }) {
  const draw = useCallback(
    (ink: Ink): LineDrawing => {
      const lines = laid.map(({ head, entries }) => chargesOf(head, entries))
      const hours = Math.max(1, ...lines.flat().map(({ x }) => x))
      return {
        datasets: lines.map((data, i) => ({
          data,
          borderColor: i === 0 ? ink.store : ink.demand,
          borderWidth: 2,
          ...(i === 1 && { borderDash: [6, 4] }),
          pointRadius: 3,
          pointStyle: i === 0 ? 'circle' : 'rectRot',
          pointBackgroundColor: i === 0 ? ink.store : ink.demand,
          fill: false,
        })),
        layout: { padding: { top: 10, right: 12 } },
        scales: {
          x: axisOf(ink, {
            max: Math.ceil(hours * 1.02),
            ticks: { padding: 6, callback: (value) => `${value} h` },
          }),
          y: chargeAxis(ink),
        },
      }
    },
    [laid],
  )
  return <LineChart label={label} draw={draw} />
}

/** Charges that were read, by the hour since the run began. */
const chargesOf = (head: RunHead, entries: readonly Entry[]) =>
  standingEntries(entries).flatMap((entry) =>
    entry.kind === 'reading' && entry.chargeFraction !== undefined
      ? [{ x: minuteOf(head, entry.at) / 60, y: entry.chargeFraction }]
      : [],
  )
