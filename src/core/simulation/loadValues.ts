import { PLACES } from './places'

/**
 * What is drawn once per run, from the spread of each quantity. Both programs draw from here, so that
 * they differ only in how they carry a run out.
 *
 * Places in a load's stream: 0–19 its quantities, 24 the phase, 25 the phase of its defrost, 26 and 27 its storm, 28 to 31 free, 32 and on one for each
 * cycle or session, 2³⁰ and on one for each adaptive defrost.
 */
export const PLACE = { phase: 24, defrostPhase: 25, pours: 26, tail: 27 }
export const FIRST_EVENT_PLACE = 32
export const FIRST_DEFROST_PLACE = 2 ** 30
/** Three for each window or use: how early or late it begins and ends, whether it is left out. */
export const FIRST_HABIT_PLACE = 2 ** 29

/** The unknown values of a load in one run. The arrays are by the hour and outlast the run. */
export interface LoadValues {
  stream: number
  /** every quantity's value in this run, by its place */
  settled: Float64Array
  runningW: number
  /** people switch it, and in this run they are early or late or leave it out */
  isLoose: boolean
  /** session, charging: minutes each time */
  sessionMin: number
  /** charging and cycling: W between charges or cycles */
  idleW: number
  /** cycling and pump, by the hour: watts while on, and the share of the time on */
  wattsH: Float64Array
  dutyH: Float64Array
  periodHalfMin: number
  /** share of the first cycle already over when the outage begins */
  phase: number
  /** minutes it runs at full output at the start, catching up */
  pullDownMin: number
  /** minutes nothing is needed at the start, after a set-back */
  coastMin: number
  /** what happens after a pause: a box drifts back with tauMin, a pit has filled, nothing */
  recovers: 'box' | 'backlog' | 'nothing'
  tauMin: number
  defrostW: number
  defrostMin: number
  /** compressor minutes between defrosts; 0 for none */
  defrostEveryMin: number
  isAdaptive: boolean
  /** compressor minutes until the first defrost; negative while one is under way: minutes of it left */
  firstDefrostMin: number
  blowerW: number
  lagMin: number
}

export function emptyLoadValues(hours: number): LoadValues {
  return {
    stream: 0,
    settled: new Float64Array(PLACES),
    runningW: 0,
    isLoose: false,
    sessionMin: 0,
    idleW: 0,
    wattsH: new Float64Array(hours),
    dutyH: new Float64Array(hours),
    periodHalfMin: 1,
    phase: 0,
    pullDownMin: 0,
    coastMin: 0,
    recovers: 'nothing',
    tauMin: 1,
    defrostW: 0,
    defrostMin: 0,
    defrostEveryMin: 0,
    isAdaptive: false,
    firstDefrostMin: Infinity,
    blowerW: 0,
    lagMin: 0,
  }
}

/** Share of full output needed in an hour, from what is delivered. */
export const demandAt = ({ wattsH, dutyH, runningW }: LoadValues, hour: number) =>
  runningW > 0 ? Math.min(1, (wattsH[hour] * dutyH[hour]) / runningW) : 0
