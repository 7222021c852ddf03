import { catchUpMin } from '../load/thermostat'
import { uniformAt } from '../quantity/random'
import { CYCLE_JITTER } from './compile'
import { FIRST_DEFROST_PLACE, type LoadValues, demandAt } from './loadValues'

const JITTER_UNIT = CYCLE_JITTER / 32768

/** What is left of a rest that is over: it ends at once, unless nothing is needed at all. */
export const REST_IS_OVER = 1e-6

/** Even jitter around 1 of a cycle's on time, from the upper half of its bits; of its off time from the lower. */
export const onJitter = (bits: number) => 1 + ((bits >>> 16) - 32767.5) * JITTER_UNIT
export const offJitter = (bits: number) => 1 + ((bits & 0xffff) - 32767.5) * JITTER_UNIT

/** Minutes of full output after a pause, until what was put off has been made up for. */
export function recoveryMin(values: LoadValues, hour: number, offMin: number): number {
  if (values.recovers === 'nothing') return 0
  const demand = demandAt(values, hour)
  if (values.recovers === 'box') return catchUpMin(demand, values.tauMin, offMin)
  return demand >= 1 ? Infinity : (offMin * demand) / (1 - demand)
}

/** Compressor minutes from one defrost to the next: a timer's are fixed, an adaptive one's anywhere from half to one and a half. */
export function nextDefrostMin(values: LoadValues, count: number): number {
  return values.isAdaptive
    ? values.defrostEveryMin * (0.5 + uniformAt(values.stream, FIRST_DEFROST_PLACE + count))
    : values.defrostEveryMin
}
