import type { Plan } from '../plan/document'
import type { Units } from '../quantity/units'
import { carGivesW } from '../refill/carReach'
import { refilledSource } from '../simulation/compile'
import { bankVolts, chargerAmps } from '../storage/bank'
import { leastCable, fuseFor } from './batteryCable'
import { leastCord } from './cord'
import { voltsLost } from './voltageDrop'
import { type Wire, type WiringTables, wireAtMost } from './wire'

/** A wire that brings energy: from the generator, the car, panels, the wall. */
export interface Feed {
  kind: 'wall' | 'generator' | 'car' | 'panels'
  /** of the array; the kind itself else */
  id: string
  name: string
  isOn: boolean
  volts: number
  amps: number
  /** null where the household did not say */
  lengthM: number | null
  wire: Wire | null
  /** of the volts, running; null without wire and length */
  drop: number | null
  /** the thinnest that will do; null where none will, or where it is the maker's own lead */
  least: Wire | null
  fuseA: number | null
  isDc: boolean
}

/** From the generator outdoors to the inlet or the station where nobody said: 50 ft. */
export const GENERATOR_CORD_M = 15
/** Its twist plug carries more than a household one. From memory. */
const GENERATOR_PLUG_A = 30
/** Jumper cables, one way. */
export const CAR_CABLE_M = 3
/** A car's system with its engine running, and what an inverter or charger on it makes of its amps. */
const CAR_V = 13
const CAR_EFFICIENCY = 0.88

/** What brings energy into a plan's source, as wires. */
export function feedsOf(plan: Plan, tables: WiringTables): Feed[] {
  const { refill, household } = plan
  const house = plan.wiring?.house
  const source = refilledSource(plan.powerSystem.sources)
  const system: Units['wire'] = household.units.wire
  const mainsV = household.mains === '230 V' ? 230 : 120
  const feeds: Feed[] = []
  const acInW = source.outfit?.input.acW ?? 0
  const chargerW = source.bank ? chargerAmps(source.bank) * bankVolts(source.bank) : acInW
  const common = { wire: null, drop: null, least: null, lengthM: null, fuseA: null }
  if (chargerW > 0)
    feeds.push({
      ...common,
      kind: 'wall',
      id: 'wall',
      name: 'wall',
      isOn: true,
      volts: mainsV,
      amps: chargerW / mainsV,
      isDc: false,
    })
  if (refill.generator) {
    const amps = Math.min(refill.generator.ratedW, chargerW || refill.generator.ratedW) / mainsV
    const said = house?.generatorCord
    const lengthM = said?.lengthM ?? GENERATOR_CORD_M
    const wire = said?.areaMm2 == null ? null : wireAtMost(tables.wires, said.areaMm2)
    const draw = {
      volts: mainsV,
      runningW: amps * mainsV,
      runningA: amps,
      startA: amps,
      runningPowerFactor: 1,
      startPowerFactor: 1,
    }
    feeds.push({
      kind: 'generator',
      id: 'generator',
      name: refill.generator.name,
      isOn: refill.generator.on,
      volts: mainsV,
      amps,
      lengthM: said?.lengthM ?? null,
      wire,
      drop: wire && said ? voltsLost(wire, lengthM, amps) / mainsV : null,
      least: leastCord(tables, system, draw, lengthM, GENERATOR_PLUG_A),
      fuseA: null,
      isDc: false,
    })
  }
  if (refill.car) {
    const { way, name, on } = refill.car
    const watts = carGivesW(refill.car)
    const isCabled = way === 'alternator' || way === 'inverter'
    const volts = way === 'electric' ? mainsV : CAR_V
    const amps = way === 'electric' ? watts / mainsV : watts / (CAR_V * (isCabled ? CAR_EFFICIENCY : 1))
    const said = isCabled ? house?.carCable : undefined
    const lengthM = said?.lengthM ?? CAR_CABLE_M
    const wire = said?.areaMm2 == null ? null : wireAtMost(tables.wires, said.areaMm2)
    feeds.push({
      kind: 'car',
      id: 'car',
      name,
      isOn: on,
      volts,
      amps,
      lengthM: said?.lengthM ?? null,
      wire,
      drop: wire && said ? voltsLost(wire, lengthM, amps) / volts : null,
      least: isCabled ? leastCable(tables, system, { amps, volts, lengthM }) : null,
      fuseA: isCabled ? fuseFor(tables, amps) : null,
      isDc: way !== 'electric',
    })
  }
  for (const array of refill.panels)
    feeds.push({
      ...common,
      kind: 'panels',
      id: array.id,
      name: array.name,
      isOn: array.on,
      volts: array.panel.vmpV * array.series,
      amps: array.panel.impA * array.parallel,
      isDc: true,
    })
  return feeds
}
