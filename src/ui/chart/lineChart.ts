import {
  Chart,
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
import type { Ink } from './chartInk'

Chart.register(LineController, LineElement, PointElement, LinearScale, Filler)

export type LineData = ChartDataset<'line', { x: number; y: number }[]>[]

/** What every line chart here shares: still, without points, as wide as its place. */
export const STILL: ChartOptions<'line'> = {
  animation: false,
  responsive: true,
  maintainAspectRatio: false,
  events: [],
  parsing: false,
  normalized: true,
  elements: { point: { radius: 0 } },
}

type Axis = Omit<Partial<ScaleOptionsByType<'linear'>>, 'ticks'> & {
  ticks?: Partial<ScaleOptionsByType<'linear'>['ticks']>
}

/** A linear axis from 0 in the theme's ink: hairlines across, no border. */
export function axisOf(canvas: HTMLCanvasElement, ink: Ink, axis: Axis): Axis & { type: 'linear' } {
  return {
    min: 0,
    ...axis,
    type: 'linear',
    border: { display: false } as Axis['border'],
    grid: { color: ink.hairline, drawTicks: false } as Axis['grid'],
    ticks: {
      color: ink.soft,
      font: { family: getComputedStyle(canvas).fontFamily, size: 12 },
      maxRotation: 0,
      ...axis.ticks,
    },
  } as Axis & { type: 'linear' }
}

/** Draws a line chart; the caller destroys it. */
export function lineChart(
  canvas: HTMLCanvasElement,
  datasets: LineData,
  options: ChartOptions<'line'>,
  plugins: Plugin<'line'>[] = [],
): Chart<'line'> {
  return new Chart(canvas, {
    type: 'line',
    data: { datasets: datasets as ChartDataset<'line'>[] },
    options: { ...STILL, ...options },
    plugins,
  })
}
