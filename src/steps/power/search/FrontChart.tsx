'use client'
import { Chart as ChartJs, type ChartOptions, LinearScale, PointElement, ScatterController } from 'chart.js'
import Annotation from 'chartjs-plugin-annotation'
import { useMemo, useRef } from 'react'
import { Chart } from 'react-chartjs-2'
import { formatNumber } from '@/words/format'
import type { Judged } from '@/core/sizing/search/search'
import type { Ink } from '@/ui/chart/chartInk'
import { guideLine } from '@/ui/chart/guideLine'
import { STILL, axisOf } from '@/ui/chart/LineChart'
import { useInk } from '@/ui/chart/useInk'
import { frontChart } from '@/words/en/pages/search'
import { wordsOf } from '@/words/translate'
import styles from './search.module.css'

const say = wordsOf(frontChart)

ChartJs.register(ScatterController, PointElement, LinearScale, Annotation)

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

interface FrontChartProps {
  judged: readonly Judged[]
  front: readonly Judged[]
  picked: Judged | null
  neededH: number
  currency: string
  pick: (judged: Judged) => void
}

/** Price against hours: what nothing beats joined by a line, the rest as small rings; a click picks. */
export default function FrontChart({ judged, front, picked, neededH, currency, pick }: FrontChartProps) {
  const ink = useInk()
  const data = useMemo(
    () => ink && { datasets: datasetsOf(ink, judged, front, picked) },
    [ink, judged, front, picked],
  )
  const options = useMemo(() => ink && optionsOf(ink, neededH, currency), [ink, neededH, currency])
  const chart = useRef<ChartJs<'scatter', Point[]>>(null)
  return (
    <div className={styles.chart}>
      {data && options && (
        <Chart
          type="scatter"
          data={data}
          options={options}
          updateMode="none"
          ref={chart}
          onClick={(event) => {
            const [hit] = chart.current!.getElementsAtEventForMode(
              event.nativeEvent,
              'nearest',
              { intersect: true },
              false,
            )
            if (hit) pick(data.datasets[hit.datasetIndex].data[hit.index].judged)
          }}
          role="img"
          aria-label={say('priceAgainstHoursOfEveryOption')}
          data-testid="front-chart"
        />
      )}
    </div>
  )
}

function datasetsOf(ink: Ink, judged: readonly Judged[], front: readonly Judged[], picked: Judged | null) {
  const onFront = new Set(front)
  const rest = judged.filter((one) => one.carries && one.candidate.price !== null && !onFront.has(one))
  // the picked one is a set of its own: sizes point by point would have every point's options worked out alone
  return [
    {
      data: picked?.candidate.price == null || picked.runtimeMin === 0 ? [] : [pointOf(picked)],
      backgroundColor: ink.demand,
      pointRadius: 7,
      pointHitRadius: 10,
    },
    {
      data: front.map(pointOf),
      showLine: true,
      stepped: 'before' as const,
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
}

function optionsOf(ink: Ink, neededH: number, currency: string): ChartOptions<'scatter'> {
  return {
    ...(STILL as object),
    elements: {},
    plugins: {
      annotation: {
        annotations: [
          guideLine(ink, {
            axis: 'y',
            at: neededH,
            words: say('hNeeded', { number: formatNumber(neededH, 0) }),
            color: ink.demand,
            wordsAt: 'start',
          }),
        ],
      },
    },
    scales: {
      x: axisOf(ink, {
        ticks: { maxTicksLimit: 8, callback: (value) => `${formatNumber(Number(value), 0)} ${currency}` },
      }),
      y: axisOf(ink, {
        ticks: { maxTicksLimit: 6, callback: (value) => `${formatNumber(Number(value), 0)} h` },
      }),
    },
  }
}
