import type { Plan } from '../plan/document'
import type { Source } from '../plan/power'
import type { Units } from '../quantity/units'
import type { SourceWiring } from '../plan/wiring'
import { bankOhm, bankVolts } from '../storage/bank'
import {
  type BatteryCable,
  CABLE_DROP,
  FUSE_FACTOR,
  USUAL_INTERRUPTING_A,
  fuseFor,
  ampsOf,
  inverterAmps,
  leastBatteryCable,
  mostFuseOf,
  shortCircuitAmps,
} from './batteryCable'
import { voltsLost } from './voltageDrop'
import { type Wire, type WiringTables, wireAtMost } from './wire'

/** One way between battery and inverter where nobody said: an arm's length. */
export const GUESSED_CABLE_M = 1
/** A fuse stands this near the battery's terminal where possible: 7 in. Common practice, no source. */
const FUSE_WITHIN_M = 0.18

/** Cable, fuse and disconnect of a bank of parts. */
export interface BatteryCircuit {
  source: Source
  wiring: SourceWiring | null
  volts: number
  lowestV: number
  /** at full load and the lowest volts */
  amps: number
  lengthM: number
  isLengthSaid: boolean
  /** the thinnest that will do, and how it has to lie; null where even two beside each other will not */
  least: Wire | null
  leastLies: Pick<BatteryCable, 'isInFreeAir' | 'isDouble'>
  /** the smallest fuse that will do; null where none is large enough */
  leastFuseA: number | null
  /** what was said to be there */
  cable: { wire: Wire; drop: number } | null
  /** A that flow when it is shorted right behind the cable */
  shortCircuitA: number
  cableTrouble: 'not said' | 'too thin' | 'over its fuse' | 'drop' | null
  fuseTrouble: 'not said' | 'none' | 'too small' | 'too large' | 'interrupts too little' | 'far away' | null
}

/** How a source stands in its household's wiring. */
export const sourceWiringOf = (plan: Plan, sourceId: string): SourceWiring | null =>
  plan.wiring?.sources?.find(
    (one) => one.sourceId === sourceId && one.powerSystemId === plan.powerSystem.id,
  ) ?? null

/** The circuits of a plan's banks of parts; ready-made stations have theirs inside. */
export const batteryCircuits = (plan: Plan, tables: WiringTables): BatteryCircuit[] =>
  plan.powerSystem.sources
    .filter(({ bank, isAway }) => bank && !isAway)
    .map((source) => circuitOf(source, sourceWiringOf(plan, source.id), tables, plan.household.units.wire))

/**
 * The circuit of a source that is a bank of parts.
 *
 * @param wiring what is there; null: nothing yet
 * @param system the sizes it is bought in
 */
export function circuitOf(
  source: Source,
  wiring: SourceWiring | null,
  tables: WiringTables,
  system: Units['wire'],
): BatteryCircuit {
  const bank = source.bank!
  const volts = bankVolts(bank)
  const lowestV = bank.inverter?.cutOffV || volts * LOWEST_SHARE
  const amps = inverterAmps(source.continuousW.value, source.efficiencyFraction.value, lowestV)
  const lengthM = wiring?.cable?.lengthM ?? GUESSED_CABLE_M
  const duty = { amps, volts, lengthM }
  const leastCable = leastBatteryCable(tables, system, duty)
  const least = leastCable?.wire ?? null
  const isInFreeAir = leastCable?.isInFreeAir ?? true
  const leastFuseA = fuseFor(tables, amps)
  const areaMm2 = wiring?.cable?.areaMm2 ?? null
  const wire = areaMm2 === null ? null : wireAtMost(tables.wires, areaMm2)
  const isDouble = wiring?.cable?.isDouble ?? false
  const said: BatteryCable | null = wire && { wire, isInFreeAir, isDouble }
  const cable = wire && { wire, drop: voltsLost(wire, lengthM, amps / (isDouble ? 2 : 1)) / volts }
  const across = wire ?? least ?? wireAtMost(tables.wires, 120)
  const shortCircuitA = shortCircuitAmps(volts, bankOhm(bank), across, lengthM)
  const fuse = wiring?.fuse
  const fuseTrouble = (): BatteryCircuit['fuseTrouble'] => {
    if (fuse === undefined) return 'not said'
    if (fuse === null) return 'none'
    if (fuse.ratedA < amps * FUSE_FACTOR) return 'too small'
    if (said && fuse.ratedA > mostFuseOf(said)) return 'too large'
    if ((fuse.interruptingA ?? USUAL_INTERRUPTING_A) < shortCircuitA) return 'interrupts too little'
    return (fuse.awayM ?? 0) > FUSE_WITHIN_M ? 'far away' : null
  }
  const cableTrouble = (): BatteryCircuit['cableTrouble'] => {
    if (!cable || !said) return 'not said'
    if (ampsOf(said) < amps) return 'too thin'
    if (fuse && fuse.ratedA > mostFuseOf(said)) return 'over its fuse'
    return cable.drop > 2 * CABLE_DROP ? 'drop' : null
  }
  return {
    source,
    wiring,
    volts,
    lowestV,
    amps,
    lengthM,
    isLengthSaid: wiring?.cable !== undefined,
    least,
    leastLies: { isInFreeAir: leastCable?.isInFreeAir ?? false, isDouble: leastCable?.isDouble ?? false },
    leastFuseA,
    cable,
    shortCircuitA,
    cableTrouble: cableTrouble(),
    fuseTrouble: fuseTrouble(),
  }
}

/** Where no inverter says when it gives up: lowest volts as a share of nominal. Common practice, no source. */
const LOWEST_SHARE = 0.85
