import { dcEfficiency } from '../conversion/dc'
import { type StorePath, drainW as drainOf, middlePath } from '../conversion/loss'
import type { Plan } from '../plan/document'
import type { Source } from '../plan/power'
import { coldShareOf, meanAroundC } from '../simulation/coldShare'
import { hoursOf, weatherOf } from '../simulation/compile'
import { cutOffFraction } from '../simulation/cutOffFraction'
import { DetailTables } from '../simulation/detailTables'

/** What a source gives to steady watts, each thing that makes it more or less by itself: the sum the runs make with spread. */
export interface SteadyRuntime {
  capacityWh: number
  /** share of its capacity at the mean temperature where it stands, and that temperature */
  coldShare: number
  aroundC: number
  chargedFraction: number
  /** charge at which it ends: its reserve, or where the volts fall to the cut-off under these watts */
  floorFraction: number
  floorBy: 'reserve' | 'cut-off'
  /** capacity · cold · (charge − floor) */
  availableWh: number
  idleW: number
  efficiencyFraction: number
  /** W lost by the square of the watts */
  squareLossW: number
  /** direct current as watts at the inverter's outlet would be */
  outletW: number
  /** how much faster than its amps it empties; 1 for lithium */
  peukertFactor: number
  /** battery W: (idle + outlet ÷ efficiency + square loss) · Peukert */
  drainW: number
  /** available ÷ drain; Infinity where nothing is drawn */
  hours: number
  /** Wh that reach the outlets from the battery alone, nothing coming in */
  usableWh: number
}

/**
 * Hours of a source at steady household current and direct current, at the most likely values.
 *
 * @param rule how losses are counted; as the source says unless given
 */
export function steadyRuntime(
  plan: Plan,
  source: Source,
  acW: number,
  dcW: number,
  rule = source.lossRule,
): SteadyRuntime {
  const { scenario } = plan
  const weather = weatherOf(scenario, hoursOf(scenario.durationH * 60))
  const coldShare = coldShareOf(source, weather, scenario.durationH)
  const middle = middlePath(source, rule)
  const path: StorePath = {
    ...middle,
    capacityWh: middle.capacityWh * coldShare,
    floorWh: middle.floorWh * coldShare,
    // with nothing else on it the inverter is off
    noLoadW: acW === 0 && dcW > 0 ? 0 : middle.noLoadW,
  }
  const { detail } = path
  const outletW = acW + dcW / (dcEfficiency(source) * path.batteryWPerOutletW)
  const reserve = path.floorWh / path.capacityWh
  const cutOff =
    detail?.voltage && outletW > 0 ? cutOffFraction(outletW, path, detail, new DetailTables(detail)) : 0
  const floorFraction = Math.max(reserve, cutOff)
  const availableWh = path.capacityWh * Math.max(0, source.chargedFraction - floorFraction)
  const squareLossW = (detail?.lossPerW2 ?? 0) * outletW * outletW
  const plainW = path.noLoadW + outletW * path.batteryWPerOutletW + squareLossW
  const drainW = drainOf(path, outletW)
  const hours = drainW === 0 ? Infinity : availableWh / drainW
  return {
    capacityWh: middle.capacityWh,
    coldShare,
    aroundC: meanAroundC(source, weather, scenario.durationH),
    chargedFraction: source.chargedFraction,
    floorFraction,
    floorBy: cutOff > reserve ? 'cut-off' : 'reserve',
    availableWh,
    idleW: path.noLoadW,
    efficiencyFraction: 1 / path.batteryWPerOutletW,
    squareLossW,
    outletW,
    peukertFactor: plainW > 0 && detail && detail.searchBelowW <= outletW ? drainW / plainW : 1,
    drainW,
    hours,
    usableWh: hours === Infinity ? 0 : hours * (acW + dcW),
  }
}

/** What is asked of a plan's chains of sources, as far as it is looked at here. */
interface Asked {
  chains: readonly Chain[]
  loads: readonly { loadId: string; askedWh: number }[]
}
interface Chain {
  sources: readonly { sourceId: string }[]
}

/** Mean watts the loads of a chain ask over the outage, household current and direct current. */
export function meanWattsOf(plan: Plan, { loads }: Asked, { sources }: Chain): { acW: number; dcW: number } {
  const mean = { acW: 0, dcW: 0 }
  for (const { loadId, askedWh } of loads) {
    const load = plan.loads.find(({ id }) => id === loadId)
    if (!load || !sources.some(({ sourceId }) => sourceId === load.sourceId)) continue
    mean[load.volts === 12 ? 'dcW' : 'acW'] += askedWh / plan.scenario.durationH
  }
  return mean
}

/**
 * Wh that reach the outlets from the batteries alone, at the mean watts of what hangs on them in this outage.
 *
 * @param of the sources that are counted; all of them unless given
 */
export function usableAtOutletsWh(
  plan: Plan,
  asked: Asked,
  of: readonly Source[] = plan.powerSystem.sources,
): number {
  let usableWh = 0
  for (const chain of asked.chains) {
    const { acW, dcW } = meanWattsOf(plan, asked, chain)
    for (const { sourceId } of chain.sources) {
      const source = of.find(({ id }) => id === sourceId)
      if (source) usableWh += steadyRuntime(plan, source, acW, dcW).usableWh
    }
  }
  return usableWh
}
