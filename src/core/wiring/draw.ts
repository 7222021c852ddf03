import { peakRunningW } from '../load/peak'
import { startingW } from '../load/start'
import type { Load } from '../plan/schema'

/** What a load draws through its wires. */
export interface Draw {
  volts: number
  runningW: number
  runningA: number
  /** while it starts; the same as running where nothing starts */
  startA: number
  runningPowerFactor: number
  startPowerFactor: number
}

/** Motors draw more volt-amps than watts. Common practice, no source. */
const MOTOR_RUNNING = 0.75
/** Of a small motor with its rotor still. From memory: 0.6 to 0.8. */
const MOTOR_START = 0.75

const isMotor = ({ start }: Pick<Load, 'start'>) => start !== null

/** Amps of a load while it runs and while it starts, at its nominal volts. Starting watts are volt-amps, see load/start. */
export function drawOf(load: Load): Draw {
  const runningW = peakRunningW(load.behaviour)
  const motor = isMotor(load)
  const runningPowerFactor = motor ? MOTOR_RUNNING : 1
  const runningA = runningW / (load.volts * runningPowerFactor)
  return {
    volts: load.volts,
    runningW,
    runningA,
    startA: motor ? Math.max(runningA, startingW(load) / load.volts) : runningA,
    runningPowerFactor,
    startPowerFactor: motor ? MOTOR_START : 1,
  }
}

/** Several loads on one wire: all running, and the largest start while the others run. */
export function drawTogether(draws: readonly Draw[]): Draw | null {
  if (draws.length === 0) return null
  const runningA = draws.reduce((sum, draw) => sum + draw.runningA, 0)
  const starter = draws.reduce((most, draw) =>
    draw.startA - draw.runningA > most.startA - most.runningA ? draw : most,
  )
  const runningW = draws.reduce((sum, draw) => sum + draw.runningW, 0)
  const volts = Math.min(...draws.map((draw) => draw.volts))
  return {
    volts,
    runningW,
    runningA,
    startA: runningA - starter.runningA + starter.startA,
    runningPowerFactor: Math.min(1, runningW / (runningA * volts)),
    startPowerFactor: starter.startPowerFactor,
  }
}
