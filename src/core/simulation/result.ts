import type { LeftOut } from './compile'
import type { Humps } from './humps'
import type { RefillCurves, RefillLedger } from './refillLedger'
import type { EndCause } from './sweepDetailed'
import type { LoadUnfed } from './unfedRuns'

/** The 10, 50 and 90 % percentiles over the runs (type 7). Infinity: longer than the horizon looked at. */
export interface Percentiles {
  p10: number
  p50: number
  p90: number
}

/** State of charge (0…1) at every `stepMin` minutes from the start of the outage. */
export interface Band {
  stepMin: number
  p10: Float32Array
  p50: Float32Array
  p90: Float32Array
}

/** Mean energies of a chain of sources over the outage or until it is empty, Wh. taken = outlet + noLoad + conversion. */
export interface EnergyBalance {
  takenWh: number
  outletWh: number
  noLoadWh: number
  conversionWh: number
}

/** How often, when (median minute of the runs in which it happens) and by which load a limit is passed. */
export interface OverloadResult {
  limit: 'continuous' | 'surge'
  loadId: string
  fraction: number
  medianMin: number
}

export interface SourceResult {
  sourceId: string
  emptyMin: Percentiles
  /** what ended most of the runs that it ended in; null where it ended in none */
  cause: EndCause | null
  band: Band
}

export interface ChainResult {
  sources: SourceResult[]
  runtimeMin: Percentiles
  /** mean minutes supplied within the outage */
  suppliedMin: number
  /** share of runs in which all its loads are fed to the end of the planned outage */
  reachesFraction: number
  /** share of runs in which this chain is the first to end */
  endsFirstFraction: number
  energy: EnergyBalance
  overloads: OverloadResult[]
  /** what refills it; null for nothing */
  refill: RefillResult | null
}

/** What came in over the outage: means of the runs, and day by day against what is needed. */
export interface RefillResult {
  mean: RefillLedger
  /** means of the runs, every quarter hour */
  curves: RefillCurves
  /** Wh a day that come in, or could: by run, ascending share of what is needed */
  coverage: Float64Array
  broughtPerDayWh: Percentiles
  neededPerDayWh: number
  /** W the panels could give while their volts are below the input's window, every quarter hour, in the sky as planned */
  belowWindowW: Float64Array
  /** when the generator's fuel in hand is burnt; Infinity where it is not within the horizon */
  fuelEndMin: Percentiles
  unfedMin: Percentiles
}

export interface LoadResult {
  loadId: string
  /** mean over the whole outage, were it supplied throughout */
  askedWh: number
  /** mean of what reaches it, over the outage or until its source is empty */
  suppliedWh: number
  /** mean minutes of the outage in which rules by charge or supply keep it off */
  shedMin: number
}

/** Something that happens at an hour of the clock, with the spread of that hour over the runs. */
export interface PlanEvent {
  kind: 'empty' | 'takes-over' | 'overload' | 'defrost' | 'ends-in-defrost'
  sourceId: string
  loadId: string | null
  limit: 'continuous' | 'surge' | null
  /** empty: what ended most of those runs */
  cause?: EndCause
  /** share of runs in which it happens within the horizon */
  fraction: number
  atMin: Percentiles
}

export interface SimulationResult {
  runs: number
  seed: number
  horizonMin: number
  outageMin: number
  /** first moment at which any carried load loses its supply */
  runtimeMin: Percentiles
  /** of every run, ascending: minutes of the outage in which something carried has no supply */
  shortMin: Float64Array
  /** share of runs that last the planned outage */
  reachesFraction: number
  /** share of runs that do, and in which no limit of a source is passed before its end */
  undisturbedFraction: number
  /** runtimes in two groups far apart; null where one range says it */
  humps: Humps | null
  /** runtime of every run, ascending */
  runtimesMin: Float64Array
  chains: ChainResult[]
  loads: LoadResult[]
  leftOut: { loadId: string; why: LeftOut }[]
  events: PlanEvent[]
  /** of every load that takes part, when it gets nothing; null where runtimes alone were asked for, or once it is judged */
  unfed: LoadUnfed[] | null
}
