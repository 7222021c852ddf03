'use client'
import {
  Chart as ChartJs,
  type ChartDataset,
  type ChartOptions,
  Filler,
  LineController,
  LineElement,
  LinearScale,
  type Plugin,
  PointElement,
  type ScaleOptionsByType,
} from 'chart.js'
import Annotation, { type AnnotationOptions } from 'chartjs-plugin-annotation'
import { useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react'
import { Chart } from 'react-chartjs-2'
import type { Ink } from './chartInk'
import { useInk } from './useInk'

ChartJs.register(LineController, LineElement, PointElement, LinearScale, Filler, Annotation)

export type LineData = ChartDataset<'line', { x: number; y: number }[]>[]
/** What is drawn by hand below and above the lines. */
export type Decoration = Pick<Plugin<'line'>, 'beforeDatasetsDraw' | 'afterDatasetsDraw'>

export interface LineDrawing {
  datasets: LineData
  scales: ChartOptions<'line'>['scales']
  layout?: ChartOptions<'line'>['layout']
  decoration?: Decoration
  /** lines and words across it */
  annotations?: AnnotationOptions<'line'>[]
}

/** What every chart here shares: still, without points, as wide as its place. */
export const STILL: ChartOptions<'line'> = {
  animation: false,
  responsive: true,
  maintainAspectRatio: false,
  events: [],
  parsing: false,
  normalized: true,
  elements: { point: { radius: 0 } },
}

export type Axis = Omit<Partial<ScaleOptionsByType<'linear'>>, 'ticks'> & {
  ticks?: Partial<ScaleOptionsByType<'linear'>['ticks']>
}

/** A linear axis from 0 in the theme's ink: hairlines across, no border. */
export function axisOf(ink: Ink, axis: Axis): Axis & { type: 'linear' } {
  return {
    min: 0,
    ...axis,
    type: 'linear',
    border: { display: false } as Axis['border'],
    grid: { color: ink.hairline, drawTicks: false } as Axis['grid'],
    ticks: {
      color: ink.soft,
      font: { family: ink.font, size: 12 },
      maxRotation: 0,
      ...axis.ticks,
    },
  } as Axis & { type: 'linear' }
}

interface LineChartProps {
  /** what it says, for who cannot see it */
  label: string
  /** kept by the caller as long as nothing it draws changes */
  draw: (ink: Ink) => LineDrawing
  testId?: string
}

/** What a chart shows at first, in this order: what it is drawn with is compiled at its first use, so each has a task of its own. */
const enum Shown {
  Axes,
  Lines,
  All,
}

function useShown(): Shown {
  const [shown, setShown] = useState(Shown.Axes)
  useEffect(() => {
    if (shown === Shown.All) return
    const next = setTimeout(() => setShown(shown + 1))
    return () => clearTimeout(next)
  }, [shown])
  return shown
}

/** A line chart in the theme's ink, drawn anew when what it shows or the theme changes. */
export function LineChart({ label, draw, testId }: LineChartProps) {
  const ink = useInk()
  const shown = useShown()
  const whole = useMemo(() => ink && draw(ink), [ink, draw])
  const drawing = useMemo(() => whole && partOf(whole, shown), [whole, shown])
  const decoration = useRef<Decoration | undefined>(undefined)
  // before the chart draws what changed
  useLayoutEffect(() => {
    decoration.current = drawing?.decoration
  }, [drawing])
  // a chart keeps the plugins it was made with
  const [plugins] = useState((): Plugin<'line'>[] => [
    {
      id: 'decoration',
      beforeDatasetsDraw: (...args) => decoration.current?.beforeDatasetsDraw?.(...args),
      afterDatasetsDraw: (...args) => decoration.current?.afterDatasetsDraw?.(...args),
    },
  ])
  const options = useMemo(
    () =>
      drawing && {
        ...STILL,
        scales: drawing.scales,
        layout: drawing.layout,
        plugins: { annotation: { annotations: drawing.annotations ?? [] } },
      },
    [drawing],
  )
  return (
    drawing &&
    options && (
      <Chart
        type="line"
        data={{ datasets: drawing.datasets }}
        options={options}
        plugins={plugins}
        updateMode="none"
        role="img"
        aria-label={label}
        data-testid={testId}
      />
    )
  )
}

const partOf = (drawing: LineDrawing, shown: Shown): LineDrawing =>
  shown === Shown.All
    ? drawing
    : {
        ...drawing,
        datasets: shown === Shown.Axes ? [] : drawing.datasets,
        decoration: undefined,
        annotations: undefined,
      }
