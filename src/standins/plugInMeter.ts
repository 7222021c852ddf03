import { compileLoad } from '@/core/simulation/compile'
import { traceOf } from '@/core/simulation/trace'
import type { Load, Scenario } from '@/core/plan/schema'
import { epochMinute, localOf } from '@/core/plan/clock'
import { uniformAt } from '@/core/quantity/random'

/** One reading, as a plug-in meter sends it. */
export interface MeterReading {
  /** local clock, "YYYY-MM-DDTHH:MM:SS" */
  at: string
  watts: number
  kWhTotal: number
  /** highest watts since the reading before */
  peakW: number
}

export interface MeterOptions {
  /** seconds between readings */
  stepS: number
  hours: number
  seed: number
}

/** A meter's own noise on each reading. */
const NOISE = 0.015

/**
 * A simulated plug-in meter with an appliance in it: the appliance runs as one run of the model does, the
 * meter adds its noise, shows the start of a motor as a peak and adds the energy up.
 *
 * @returns readings in order, as fast as they are asked for
 */
export function* meterReadings(
  load: Load,
  scenario: Scenario,
  options: MeterOptions,
): Generator<MeterReading> {
  const { stepS, hours, seed } = options
  const lengthMin = Math.ceil(hours * 60)
  const [{ stretches }] = traceOf([compileLoad(load, 0, scenario, lengthMin)], lengthMin, seed, 0)
  const stepMin = stepS / 60
  const startW = load.start?.watts.value ?? 0
  const begin = epochMinute(scenario.startsAt)
  let kWhTotal = 0
  let first = 0
  for (let i = 0; i * stepMin < lengthMin; i++) {
    const from = i * stepMin
    const to = from + stepMin
    while (first < stretches.length && stretches[first].toMin <= from) first++
    let wattMinutes = 0
    let peak = 0
    for (let k = first; k < stretches.length && stretches[k].fromMin < to; k++) {
      const stretch = stretches[k]
      wattMinutes += stretch.watts * (Math.min(to, stretch.toMin) - Math.max(from, stretch.fromMin))
      const starts = stretch.fromMin >= from && !stretch.isDefrost
      peak = Math.max(peak, stretch.watts, starts ? startW : 0)
    }
    const noise = 1 + NOISE * (2 * uniformAt(seed, i) - 1)
    const watts = (wattMinutes / stepMin) * noise
    kWhTotal += (watts * stepMin) / 60_000
    const second = Math.round(from * 60)
    yield {
      at: `${localOf(begin + Math.floor(second / 60))}:${String(second % 60).padStart(2, '0')}`,
      watts: Math.round(watts * 10) / 10,
      kWhTotal: Math.round(kWhTotal * 1e6) / 1e6,
      peakW: Math.round(peak * noise),
    }
  }
}

/**
 * The meter as a device sends it: one event a reading, as text/event-stream, in its own time or `speed` times as fast.
 *
 * @param signal ends it when the listener goes away
 */
export function meterStream(
  load: Load,
  scenario: Scenario,
  options: MeterOptions & { speed: number },
  signal: AbortSignal,
): ReadableStream<Uint8Array> {
  const readings = meterReadings(load, scenario, options)
  const encoder = new TextEncoder()
  const perTick = Math.max(1, Math.round((options.speed * TICK_MS) / 1000 / options.stepS))
  const pauseMs = Math.max(TICK_MS, (options.stepS * 1000) / options.speed)
  let timer: ReturnType<typeof setTimeout> | undefined
  return new ReadableStream({
    start(controller) {
      const tick = () => {
        if (signal.aborted) return
        let text = ''
        for (let i = 0; i < perTick; i++) {
          const { value, done } = readings.next()
          if (done) {
            controller.enqueue(encoder.encode(`${text}event: end\ndata: {}\n\n`))
            controller.close()
            return
          }
          text += `data: ${JSON.stringify(value)}\n\n`
        }
        controller.enqueue(encoder.encode(text))
        timer = setTimeout(tick, pauseMs)
      }
      signal.addEventListener('abort', () => clearTimeout(timer))
      tick()
    },
    cancel: () => clearTimeout(timer),
  })
}

const TICK_MS = 50
