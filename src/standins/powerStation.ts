import { uniformAt } from '@/core/quantity/random'
import type { StationTape } from './stationTape'

/** What a power station tells of itself, on its display and to whoever asks; docs/power-station.md. */
export interface StationState {
  /** UTC, by the device's clock */
  at: string
  /** minutes since it was switched on */
  minute: number
  /** as its gauge has it, whole percent */
  chargePercent: number
  outputW: number
  wattHoursOut: number
  output: 'on' | 'asleep' | 'off'
}

export interface StationOptions {
  /** UTC: when it was switched on */
  startedAt: string
  /** its gauge shows so much too much, share of full; below 0 too little */
  gaugeOff: number
  seed: number
}

/** A gauge wavers so much, share of full, and its watts by so much of themselves. */
const CHARGE_WAVER = 0.004
const WATT_WAVER = 0.015

/** What the station shows at a minute of its tape. */
export function stationState(tape: StationTape, minute: number, options: StationOptions): StationState {
  const { startedAt, gaugeOff, seed } = options
  const last = tape.chargeFraction.length - 1
  const at = Math.min(last, Math.max(0, Math.floor(minute)))
  const isOver = tape.endMin !== null && minute >= tape.endMin
  const charge = tape.chargeFraction[at]
  const waver = (index: number) => 2 * uniformAt(seed, 2 * at + index) - 1
  // a full battery is shown as full, and an empty one as empty
  const off =
    gaugeOff * Math.min(1, 4 * (1 - charge), 8 * charge) + (charge < 1 ? CHARGE_WAVER * waver(0) : 0)
  return {
    at: new Date(Date.parse(startedAt) + Math.round(minute * 60_000)).toISOString(),
    minute: Math.round(minute * 100) / 100,
    chargePercent: Math.round(Math.min(1, Math.max(0, charge + off)) * 100),
    outputW: isOver ? 0 : Math.round(tape.outputW[at] * (1 + WATT_WAVER * waver(1))),
    wattHoursOut: Math.round(tape.outWh[at]),
    output: isOver ? (tape.isAsleep ? 'asleep' : 'off') : 'on',
  }
}

const TICK_MS = 500

/**
 * The station as it speaks by itself: one state each half second as text/event-stream, and `event: end` when its outlets are off or its tape is over.
 *
 * @param minuteNow minutes on its own clock
 * @param signal ends it when the listener goes away
 */
export function stationStream(
  tape: StationTape,
  minuteNow: () => number,
  options: StationOptions,
  signal: AbortSignal,
): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder()
  let timer: ReturnType<typeof setInterval> | undefined
  return new ReadableStream({
    start(controller) {
      const end = () => clearInterval(timer)
      const tell = () => {
        if (signal.aborted) return end()
        const minute = Math.min(minuteNow(), tape.endMin ?? Infinity, tape.chargeFraction.length)
        const state = stationState(tape, minute, options)
        const isOver = state.output !== 'on' || minute >= tape.chargeFraction.length
        const text = `data: ${JSON.stringify(state)}\n\n${isOver ? 'event: end\ndata: {}\n\n' : ''}`
        controller.enqueue(encoder.encode(text))
        if (!isOver) return
        end()
        controller.close()
      }
      timer = setInterval(tell, TICK_MS)
      signal.addEventListener('abort', end)
      tell()
    },
    cancel: () => clearInterval(timer),
  })
}
