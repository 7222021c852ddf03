import type { BatteryCircuit } from './batteryCircuit'

/** What a bank needs between its batteries and its inverter. */
export interface CircuitPart {
  kind: 'battery-cable' | 'lugs' | 'battery-fuse' | 'disconnect' | 'busbars'
  size: string | null
  /** copper of a cable or lug, mm² */
  areaMm2: number | null
  /** of one piece */
  lengthM: number | null
  amps: number | null
  count: number
}

/** At the inverter and the disconnect, both ways. */
const LUGS = 4
/** Strings from which rails share the current better than terminals. Common practice, no source. */
const BUSBARS_FROM = 3

/** The parts of a battery circuit that are not there, or are not right. */
export function circuitParts(circuit: BatteryCircuit): CircuitPart[] {
  const { source, least, leastLies, leastFuseA, lengthM, cableTrouble, fuseTrouble, wiring } = circuit
  const { parallel } = source.bank!
  // there and back, twice that where two lie beside each other
  const ways = leastLies.isDouble ? 4 : 2
  const none = { size: null, areaMm2: null, lengthM: null, amps: null }
  const size = { size: least?.name ?? null, areaMm2: least?.areaMm2 ?? null }
  const parts: CircuitPart[] = []
  if (cableTrouble !== null) {
    if (least) parts.push({ ...none, ...size, kind: 'battery-cable', lengthM, count: ways })
    parts.push({ ...none, ...size, kind: 'lugs', count: (LUGS * ways) / 2 + 2 * parallel })
  }
  if (fuseTrouble !== null && leastFuseA !== null)
    parts.push({ ...none, kind: 'battery-fuse', amps: leastFuseA, count: 1 })
  if (!wiring?.hasDisconnect) parts.push({ ...none, kind: 'disconnect', count: 1 })
  if (parallel >= BUSBARS_FROM) parts.push({ ...none, kind: 'busbars', count: 2 })
  return parts
}
