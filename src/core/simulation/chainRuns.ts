import type { Overload } from './coincidence'
import type { CompiledChain } from './compile'
import type { DemandCurve } from './demandCurve'
import type { DefrostRun } from './defrosts'
import type { RefillRuns } from './runRefilled'
import type { EndCause } from './sweepDetailed'
import type { UnfedRecorder } from './unfedRuns'

/** What the runs of one chain leave behind. */
export interface ChainRuns {
  chain: CompiledChain
  /** by source: state of charge, point p of run r at p · runs + r */
  fractions: Float32Array[]
  /** by source: the minute it is empty, of every run */
  emptyMin: Float64Array[]
  /** of every run, the minute at which the first load loses its supply: empty, or handed over to a source of other volts */
  endMin: Float64Array
  /** by source: how many runs ended for which cause */
  causes: Record<EndCause, number>[]
  askedWh: Float64Array
  suppliedWh: Float64Array
  /** by load: minutes of all runs' outages in which a rule kept it off */
  shedMin: Float64Array
  energy: { takenWh: number; noLoadWh: number }
  overloads: (Overload | null)[]
  /** what came in; null without refill */
  refill: RefillRuns | null
  /** by load that defrosts, by run */
  defrosts: { slot: number; runs: DefrostRun[] }[]
  /** what its loads take, direct current as the battery gives it; null where nobody asked */
  demand: DemandCurve | null
  /** when each load gets nothing; null where runtimes alone were asked for */
  unfed: UnfedRecorder | null
}
