import 'server-only'
import { join } from 'node:path'
import { LRUCache } from 'lru-cache'
import Piscina from 'piscina'
import type { Entry, RunHead } from '@/core/run/runDocument'
import type { StationTape } from '@/standins/stationTape'

/** Longest a tape is waited for. */
const DEADLINE_MS = 20_000
/** Tapes kept; about 50 KB each. */
const MOST_KEPT = 40

class StationTapes {
  private readonly known = new LRUCache<string, Promise<StationTape>>({ max: MOST_KEPT })
  private readonly pool = new Piscina({
    filename: join(process.cwd(), '.next/threads/powerStation.mjs'),
    minThreads: 0,
    maxThreads: 1,
    maxQueue: 8,
    idleTimeout: 30_000,
    resourceLimits: { maxOldGenerationSizeMb: 192, maxYoungGenerationSizeMb: 32 },
  })

  has(householdId: string, { id }: RunHead, seed: number): boolean {
    return this.known.has(keyOf(householdId, id, seed))
  }

  of(
    householdId: string,
    head: RunHead,
    seed: number,
    entriesOf: () => Promise<Entry[]>,
  ): Promise<StationTape> {
    const key = keyOf(householdId, head.id, seed)
    const known = this.known.get(key)
    if (known) return known
    const made = entriesOf().then((entries): Promise<StationTape> =>
      this.pool.run({ head, entries, seed }, { signal: AbortSignal.timeout(DEADLINE_MS) }),
    )
    this.known.set(key, made)
    made.catch(() => this.known.delete(key))
    return made
  }
}

/** Entries only ever come after: a run's begin, with which its tape begins, stays as it was. */
const keyOf = (householdId: string, runId: string, seed: number) => `${householdId} ${runId} ${seed}`

const held = globalThis as { yotropeStationTapes?: StationTapes }

/** What the simulated stations of runs go through, each worked out once in a worker thread. */
export const stationTapes = (): StationTapes => (held.yotropeStationTapes ??= new StationTapes())
