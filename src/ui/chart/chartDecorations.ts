import type { Chart, Plugin, Tick } from 'chart.js'
import { type ClockStyle, DAY_MIN, clockOf, epochMinute } from '@/core/plan/clock'
import { formatClock, weekdayShort } from '@/words/clock'
import { chartDecorations } from '@/words/en/ui/chart'
import { wordsOf } from '@/words/translate'
import type { ChargeCurve } from './chargeCurve'
import type { Ink } from './chartInk'

const say = wordsOf(chartDecorations)

const PIXELS_A_TICK = 76

/** Ticks at whole hours of the clock, as many as fit; midnight carries the day's name. */
export function clockTicks(
  { startsAt, shownMin, clock = '24 h' }: Pick<ChargeCurve, 'startsAt' | 'shownMin'> & { clock?: ClockStyle },
  width: number,
): Tick[] {
  const fit = Math.max(2, width / PIXELS_A_TICK)
  const stepH = [1, 2, 3, 6, 12, 24].find((hours) => shownMin / (hours * 60) <= fit) ?? 48
  const start = epochMinute(startsAt)
  const ticks: Tick[] = []
  const step = stepH * 60
  for (let at = Math.ceil(start / step) * step; at <= start + shownMin; at += step) {
    const value = at - start
    const isFirst = ticks.length === 0
    const isMidnight = at % DAY_MIN === 0
    const day = isFirst || isMidnight ? ` ${weekdayShort(at)}` : ''
    ticks.push({ value, label: `${tickClock(at, clock)}${day}` })
  }
  return ticks
}

/** A full hour of the clock, short. @example tickClock(1080, '12 h') // "6 pm" */
const tickClock = (minute: number, clock: ClockStyle) =>
  formatClock(clockOf(minute % DAY_MIN), clock).replace(/:00 (?=[ap]m)/, ' ')

/** What stands behind and over the curves: hours asleep and away, the reserve, what is lost, the hour it is empty. */
export function decorations(curve: ChargeCurve, ink: Ink): Plugin<'line'> {
  return {
    id: 'outage',
    beforeDatasetsDraw: (chart) => {
      const { ctx } = chart
      ctx.save()
      drawStretches(chart, curve.asleep, 'asleep', ink, () => ink.night)
      drawStretches(chart, curve.away, say('nobodyHome'), ink, () => dots(ctx, ink.soft))
      drawReserve(chart, curve, ink)
      ctx.restore()
    },
    afterDatasetsDraw: (chart) => {
      chart.ctx.save()
      drawLosses(chart, curve, ink)
      drawEnds(chart, curve, ink)
      chart.ctx.restore()
    },
  }
}

type LineChart = Chart<'line'>

function drawStretches(
  chart: LineChart,
  stretches: [number, number][],
  words: string,
  ink: Ink,
  fill: () => string | CanvasPattern,
) {
  const { ctx, chartArea, scales } = chart
  for (const [from, to] of stretches) {
    const left = scales.x.getPixelForValue(from)
    const width = scales.x.getPixelForValue(to) - left
    ctx.fillStyle = fill()
    ctx.fillRect(left, chartArea.top, width, chartArea.height)
    ctx.fillStyle = ink.soft
    ctx.font = `12px ${fontOf(chart)}`
    ctx.textAlign = 'left'
    if (ctx.measureText(words).width < width - 8) ctx.fillText(words, left + 6, chartArea.top - 5)
  }
}

function drawReserve(chart: LineChart, { reserveFraction }: ChargeCurve, ink: Ink) {
  if (reserveFraction <= 0) return
  const { ctx, chartArea, scales } = chart
  const top = scales.y.getPixelForValue(reserveFraction)
  ctx.fillStyle = hatch(ctx, ink.soft)
  ctx.fillRect(chartArea.left, top, chartArea.width, chartArea.bottom - top)
}

const MARK = 9

/** Numbered marks on the clock, as the list beside the chart has them. */
function drawLosses(chart: LineChart, { losses }: ChargeCurve, ink: Ink) {
  const { ctx, chartArea, scales } = chart
  ctx.font = `700 11px ${fontOf(chart)}`
  ctx.textAlign = 'center'
  let last = -Infinity
  losses.forEach((minute, i) => {
    // marks of one hour stand beside each other
    const x = Math.max(scales.x.getPixelForValue(minute), last + 2 * MARK + 1)
    last = x
    ctx.fillStyle = ink.demand
    ctx.beginPath()
    ctx.arc(x, chartArea.bottom - MARK, MARK, 0, 2 * Math.PI)
    ctx.fill()
    ctx.fillStyle = ink.paper
    ctx.fillText(String(i + 1), x, chartArea.bottom - MARK + 4)
  })
}

function drawEnds(chart: LineChart, { ends, emptyMin, reserveFraction, shownMin }: ChargeCurve, ink: Ink) {
  if (!ends) return
  const { ctx, chartArea, scales } = chart
  const x = (minute: number) => scales.x.getPixelForValue(Math.min(minute, shownMin))
  const floor = scales.y.getPixelForValue(reserveFraction)
  const at = x(emptyMin.p50)
  const top = Math.max(chartArea.top + 40, floor - 92)
  ctx.strokeStyle = ink.ink
  ctx.lineWidth = 4
  line(ctx, x(emptyMin.p10), floor, x(emptyMin.p90), floor)
  ctx.lineWidth = 1.4
  line(ctx, at, top - 12, at, floor)
  ctx.font = `700 14px ${fontOf(chart)}`
  const titleWidth = ctx.measureText(ends.title).width
  ctx.font = `12px ${fontOf(chart)}`
  const widest = Math.max(titleWidth, ctx.measureText(ends.detail).width)
  const toLeft = at + 8 + widest > chartArea.right && at - 8 - widest > chartArea.left
  ctx.textAlign = toLeft ? 'right' : 'left'
  // where it fits on neither side it ends at the chart's edge
  const textX = toLeft ? at - 8 : Math.max(2, Math.min(at + 8, chart.width - widest - 2))
  ctx.lineWidth = 4
  ctx.strokeStyle = ink.paper
  ctx.lineJoin = 'round'
  for (const [words, font, y, color] of [
    [ends.title, `700 14px ${fontOf(chart)}`, top, ink.ink],
    [ends.detail, `12px ${fontOf(chart)}`, top + 17, ink.soft],
  ] as const) {
    ctx.font = font
    ctx.strokeText(words, textX, y)
    ctx.fillStyle = color
    ctx.fillText(words, textX, y)
  }
}

const fontOf = (chart: LineChart) => getComputedStyle(chart.canvas).fontFamily

function line(ctx: CanvasRenderingContext2D, x1: number, y1: number, x2: number, y2: number) {
  ctx.beginPath()
  ctx.moveTo(x1, y1)
  ctx.lineTo(x2, y2)
  ctx.stroke()
}

function tile(
  ctx: CanvasRenderingContext2D,
  draw: (tile: CanvasRenderingContext2D) => void,
): CanvasPattern | string {
  const canvas = document.createElement('canvas')
  canvas.width = canvas.height = 8
  const inner = canvas.getContext('2d')
  if (!inner) return 'transparent'
  draw(inner)
  return ctx.createPattern(canvas, 'repeat') ?? 'transparent'
}

const dots = (ctx: CanvasRenderingContext2D, color: string) =>
  tile(ctx, (inner) => {
    inner.fillStyle = color
    inner.globalAlpha = 0.5
    inner.fillRect(2, 2, 1.3, 1.3)
  })

const hatch = (ctx: CanvasRenderingContext2D, color: string) =>
  tile(ctx, (inner) => {
    inner.strokeStyle = color
    inner.globalAlpha = 0.55
    inner.lineWidth = 1
    for (const shift of [-8, 0, 8]) line(inner, shift, 8, shift + 8, 0)
  })
