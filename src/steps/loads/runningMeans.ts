import type { Behaviour, Cycling } from '@/core/plan/schema'

/** What other running watts of a thermostat's load mean for its average. */
export type RunningMeans = 'average stays' | 'average follows'

/** The most it draws: its defrost heater where that is more than its compressor. */
export const highestW = ({ runningW, defrost }: Cycling) =>
  Math.max(runningW.value, defrost?.watts.value ?? 0)

/** The likelier meaning: an average that is known stays, a typical one was guessed along with the watts. */
export function likelierMeaning(behaviour: Behaviour, watts: number): RunningMeans {
  if (behaviour.kind !== 'cycling') return 'average stays'
  const { averageW } = behaviour
  if (averageW.value > highestW({ ...behaviour, runningW: { ...behaviour.runningW, value: watts } }))
    return 'average follows'
  return averageW.evidence === 'typical' ? 'average follows' : 'average stays'
}

/** Share of its time something that cycles runs where nothing is known of it. Common practice, no source. */
const USUAL_DUTY = 1 / 3

/** The behaviour with other running watts, and the average as is meant. */
export function withRunningW(behaviour: Behaviour, watts: number, means: RunningMeans): Behaviour {
  const runningW = { ...behaviour.runningW, value: watts }
  if (behaviour.kind !== 'cycling') return { ...behaviour, runningW }
  if (behaviour.runningW.value === 0 && behaviour.averageW.value === 0)
    return {
      ...behaviour,
      runningW,
      averageW: { ...behaviour.averageW, value: Math.round(watts * USUAL_DUTY) },
    }
  if (means === 'average stays') return { ...behaviour, runningW }
  const factor = behaviour.runningW.value > 0 ? watts / behaviour.runningW.value : 1
  const scaled = <Q extends { value: number }>(q: Q): Q => ({
    ...q,
    value: Math.round(q.value * factor * 10) / 10,
  })
  const { drive, blower } = behaviour
  return {
    ...behaviour,
    runningW,
    averageW: scaled(behaviour.averageW),
    ...(drive?.kind === 'inverter' ? { drive: { ...drive, floorW: scaled(drive.floorW) } } : {}),
    ...(drive?.kind === 'two-stage' ? { drive: { ...drive, lowW: scaled(drive.lowW) } } : {}),
    ...(blower ? { blower: { ...blower, watts: scaled(blower.watts) } } : {}),
  }
}
