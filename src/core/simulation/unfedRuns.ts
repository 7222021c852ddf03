import type { Intervals } from '../plan/clock'
import type { CompiledChain } from './compile'
import type { LoadRules } from './loadRules'

/**
 * Stretches of every run, packed: those of run r are `edges[2·begins[r]]` and on, from and to in turn, minutes since the
 * outage began. A stretch that reaches the horizon is open: it ends at Infinity.
 */
export interface RunStretches {
  begins: Int32Array
  edges: Float64Array
}

/** When a load gets nothing, run by run. */
export interface LoadUnfed {
  loadId: string
  /** its source gives nothing: ended, too cold, handed over to one of other volts, until something brings it back */
  supply: RunStretches
  /** its rules keep it off, by the charge or by what comes in; null without any */
  shed: RunStretches | null
}

/** Collects stretches run by run. */
class Recorder {
  private readonly begins: number[] = [0]
  private readonly edges: number[] = []

  /** Appends a stretch of the run at hand, in order; one that touches the last is joined to it. */
  add(from: number, to: number): void {
    const { edges, begins } = this
    if (!(to > from)) return
    if (edges.length > 2 * begins[begins.length - 1] && from - edges[edges.length - 1] < TOUCHING_MIN)
      edges[edges.length - 1] = to
    else edges.push(from, to)
  }

  endRun(): void {
    this.begins.push(this.edges.length / 2)
  }

  packed(): RunStretches {
    return { begins: Int32Array.from(this.begins), edges: Float64Array.from(this.edges) }
  }
}

/** Shorter gaps are rounding. */
const TOUCHING_MIN = 1e-6

/** Keeps of every run of a chain when each of its loads gets nothing. Loads fed by the same of its sources share theirs. */
export class UnfedRecorder {
  private readonly groups: { feeds: boolean[]; recorder: Recorder }[] = []
  private readonly groupOf: number[]
  private readonly shed: (Recorder | null)[]

  constructor(
    private readonly chain: CompiledChain,
    private readonly horizonMin: number,
  ) {
    const { loads, feeds } = chain
    this.groupOf = loads.map((_, slot) => {
      const column = feeds.map((row) => row[slot])
      const known = this.groups.findIndex((one) => one.feeds.every((is, s) => is === column[s]))
      return known >= 0 ? known : this.groups.push({ feeds: column, recorder: new Recorder() }) - 1
    })
    this.shed = loads.map(({ load }) => (load.steering?.rules?.length ? new Recorder() : null))
  }

  /**
   * To be called once for every run.
   *
   * @param fedBy by source the stretches in which it feeds, as far as the horizon; sources are used in turn
   */
  add(fedBy: readonly Intervals[], rules?: LoadRules): void {
    for (const { feeds, recorder } of this.groups) {
      let unfedFrom = 0
      for (let s = 0; s < fedBy.length; s++) {
        if (!feeds[s]) continue
        for (const [from, to] of fedBy[s]) {
          recorder.add(unfedFrom, from)
          unfedFrom = to
        }
      }
      if (unfedFrom < this.horizonMin - TOUCHING_MIN) recorder.add(unfedFrom, Infinity)
      recorder.endRun()
    }
    for (let slot = 0; slot < this.shed.length; slot++) {
      const recorder = this.shed[slot]
      if (!recorder) continue
      for (const [from, to] of rules?.offOf(slot) ?? [])
        recorder.add(from, to >= this.horizonMin ? Infinity : to)
      recorder.endRun()
    }
  }

  /** What was kept of the runs added so far. */
  result(): LoadUnfed[] {
    const supply = this.groups.map(({ recorder }) => recorder.packed())
    return this.chain.loads.map(({ load }, slot) => ({
      loadId: load.id,
      supply: supply[this.groupOf[slot]],
      shed: this.shed[slot]?.packed() ?? null,
    }))
  }
}
