import type { StoreValues } from '../conversion/loss'
import type { Source } from '../plan/schema'
import { normalQuantile } from '../quantity/normal'
import { type Quantity, drawn } from '../quantity/quantity'
import { streamOf, uniformAt } from '../quantity/random'
import { type CompiledLoad, SHORTEST_PERIOD_SHARE } from './compile'

/**
 * What is drawn once per run, from the spread of each quantity. Both programs draw from here, so that
 * they differ only in how they carry a run out.
 *
 * Places in a load's stream: 0 running watts, 1 average watts, 2 period, 3 minutes of a session,
 * 4 phase, 8 and on one for each cycle or session.
 */
const PLACE = { running: 0, average: 1, period: 2, minutes: 3, phase: 4, first: 8 }
export const FIRST_EVENT_PLACE = PLACE.first

/** The unknown values of a load in one run. */
export interface LoadValues {
  stream: number
  runningW: number
  dutyFraction: number
  periodMin: number
  sessionMin: number
  /** share of the first cycle already over when the outage begins */
  phase: number
}

const draw = (quantity: Quantity, stream: number, place: number) =>
  drawn(quantity, normalQuantile(uniformAt(stream, place)))

/** Draws a load's unknown values into `out`, which is returned. */
export function drawLoad(load: CompiledLoad, seed: number, run: number, out: LoadValues): LoadValues {
  const stream = streamOf(seed, load.key, run)
  out.stream = stream
  out.runningW = draw(load.runningW, stream, PLACE.running)
  if (load.averageW && load.periodMin) {
    const averageW = draw(load.averageW, stream, PLACE.average)
    out.dutyFraction = out.runningW > 0 ? Math.min(1, averageW / out.runningW) : 0
    out.periodMin = Math.max(
      load.periodMin.value * SHORTEST_PERIOD_SHARE,
      draw(load.periodMin, stream, PLACE.period),
    )
    out.phase = uniformAt(stream, PLACE.phase)
  }
  if (load.minutesEach) out.sessionMin = draw(load.minutesEach, stream, PLACE.minutes)
  return out
}

export const emptyLoadValues = (): LoadValues => ({
  stream: 0,
  runningW: 0,
  dutyFraction: 0,
  periodMin: 1,
  sessionMin: 0,
  phase: 0,
})

/** Draws a source's unknown values. Fractions stay physical: an efficiency never passes 0.99. */
export function drawSource(source: Source, key: number, seed: number, run: number): StoreValues {
  const stream = streamOf(seed, key, run)
  return {
    capacityWh: Math.max(1e-6, draw(source.capacityWh, stream, 0)),
    reserveFraction: Math.min(0.95, draw(source.reserveFraction, stream, 1)),
    efficiencyFraction: within(draw(source.efficiencyFraction, stream, 2), source.efficiencyFraction.value),
    noLoadW: draw(source.noLoadW, stream, 3),
    usableFraction: within(draw(source.usableFraction, stream, 4), source.usableFraction.value),
  }
}

const within = (value: number, middle: number) => Math.min(Math.max(0.99, middle), Math.max(0.05, value))
