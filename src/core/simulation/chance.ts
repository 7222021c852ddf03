import type { PathDetail, StoreValues } from '../conversion/loss'
import type { Source } from '../plan/schema'
import { normalQuantile } from '../quantity/normal'
import { type Quantity, drawn } from '../quantity/quantity'
import { streamOf, uniformAt } from '../quantity/random'
import { isByHand } from '../load/habits'
import { chargeMin } from '../load/charging'
import type { CompiledLoad } from './compile'
import { settleCycling, settlePump } from './cycleValues'
import type { LoadValues } from './loadValues'
import { AT } from './places'

const draw = (quantity: Quantity, stream: number, place: number) =>
  isExact(quantity) ? quantity.value : drawn(quantity, normalQuantile(uniformAt(stream, place)))

const isExact = ({ spread }: Quantity) => ('times' in spread ? spread.times === 1 : spread.plusMinus === 0)

/** Draws a load's unknown values for one run into `out`, which is returned. */
export function drawLoad(load: CompiledLoad, seed: number, run: number, out: LoadValues): LoadValues {
  const stream = streamOf(seed, load.key, run)
  const { places, middles, logPerZ, perZ, floors } = load.chances
  for (let i = 0; i < places.length; i++) {
    const place = places[i]
    let value = middles[i]
    if (logPerZ[i] !== 0) value *= Math.exp(logPerZ[i] * normalQuantile(uniformAt(stream, place)))
    else if (perZ[i] !== 0) {
      value += perZ[i] * normalQuantile(uniformAt(stream, place))
      if (value < floors[i]) value = floors[i]
    }
    out.settled[place] = value
  }
  return settle(load, stream, true, out)
}

/** A load's middle values: nothing drawn, nothing wandering; only the phases are those of a run. */
export function middleLoad(load: CompiledLoad, seed: number, out: LoadValues): LoadValues {
  const { places, middles } = load.chances
  for (let i = 0; i < places.length; i++) out.settled[places[i]] = middles[i]
  return settle(load, streamOf(seed, load.key, 0), false, out)
}

function settle(load: CompiledLoad, stream: number, wanders: boolean, out: LoadValues): LoadValues {
  const { behaviour } = load.load
  const { settled } = out
  out.stream = stream
  out.runningW = settled[AT.running]
  out.isLoose = wanders && isByHand(behaviour)
  switch (behaviour.kind) {
    case 'session':
      out.sessionMin = settled[AT.minutes]
      break
    case 'charging':
      out.idleW = settled[AT.idle]
      out.sessionMin = chargeMin(
        settled[AT.energy],
        Math.min(1, Math.max(0.2, settled[AT.efficiency])),
        out.runningW,
      )
      break
    case 'cycling':
      settleCycling(load, behaviour, wanders, out)
      break
    case 'pump':
      settlePump(load, behaviour, wanders, out)
      break
  }
  return out
}

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

/** Exponents of Peukert that are drawn: few, since a table is kept of each. */
const PEUKERT_LEVELS = 16

/** A source's detail with its Peukert exponent and its inner resistance as they are in one run; itself where both are exact. */
export function drawDetail(
  detail: PathDetail,
  { bank }: Source,
  key: number,
  seed: number,
  run: number,
): PathDetail {
  if (!bank) return detail
  const { peukert, internalOhm } = bank.battery
  const stream = streamOf(seed, key, run)
  const hasPeukert = detail.peukert !== 1 && !isExact(peukert)
  const hasOhm = detail.voltage !== null && !isExact(internalOhm)
  if (!hasPeukert && !hasOhm) return detail
  const level = (Math.floor(uniformAt(stream, 5) * PEUKERT_LEVELS) + 0.5) / PEUKERT_LEVELS
  const ohmTimes = hasOhm ? draw(internalOhm, stream, 6) / Math.max(1e-9, internalOhm.value) : 1
  return {
    ...detail,
    peukert: hasPeukert ? Math.max(1.001, drawn(peukert, normalQuantile(level))) : detail.peukert,
    voltage: detail.voltage && { ...detail.voltage, ohm: detail.voltage.ohm * ohmTimes },
  }
}

const within = (value: number, middle: number) => Math.min(Math.max(0.99, middle), Math.max(0.05, value))
