import type { Entry, RunHead } from '@/core/run/runDocument'
import { planOfSegment, segmentsOf } from '@/core/run/segments'
import { ensureComputable } from '@/words/reading/computable'
import { stationTape } from '@/standins/stationTape'

/** What a worker thread of the server does for the simulated power station. Bundled by the build. */
export default ({ head, entries, seed }: { head: RunHead; entries: Entry[]; seed: number }) => {
  ensureComputable(head.plan)
  return stationTape(planOfSegment(head, segmentsOf(head, entries)[0]), head.sourceId, seed)
}
