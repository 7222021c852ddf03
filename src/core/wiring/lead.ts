import { converterOf } from '../load/dcFeed'
import type { Load } from '../plan/schema'
import type { LoadWiring } from '../plan/wiring'
import { drawOf } from './draw'
import { voltsLost } from './voltageDrop'
import { type Wire, wireAtMost } from './wire'

/** Device leads on 12 V lose no more, or what hangs on them restarts. Common practice, no source. */
export const MOST_LEAD_DROP = 0.05

/** A lead of direct current and what is lost on the way to its device. */
export interface Lead {
  wire: Wire
  lengthM: number
  amps: number
  dropFraction: number
  /** volts that arrive at its end */
  arrivesV: number
  /** lost as heat: it grows with the square of the current */
  lossW: number
  /** lost in the converter at its end; 0 without one */
  converterW: number
}

/** The lead of a load on direct current; null where it is not said. Source: P = I² · R. */
export function leadOf(load: Load, wiring: LoadWiring | null, wires: readonly Wire[]): Lead | null {
  if (load.volts !== 12 || !wiring?.lead || wiring.lead.areaMm2 === null) return null
  const { areaMm2, lengthM } = wiring.lead
  const wire = wireAtMost(wires, areaMm2)
  const { runningW, runningA } = drawOf(load)
  const passed = converterOf(wiring)
  const amps = runningA / passed
  const lost = voltsLost(wire, lengthM, amps)
  return {
    wire,
    lengthM,
    amps,
    dropFraction: lost / load.volts,
    arrivesV: load.volts - lost,
    lossW: lost * amps,
    converterW: runningW / passed - runningW,
  }
}
