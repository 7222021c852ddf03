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

  of(householdId: string, head: RunHead, entries: Entry[], seed: number): Promise<StationTape> {
    // entries only ever come after: the run's begin stays as it was
    const key = `${householdId} ${head.id} ${seed}`
    const known = this.known.get(key)
    if (known) return known
    const made = this.pool.run({ head, entries, seed }, { signal: AbortSignal.timeout(DEADLINE_MS) })
    this.known.set(key, made)
    made.catch(() => this.known.delete(key))
    return made
  }
}

const held = globalThis as { yotropeStationTapes?: StationTapes }

/** What the simulated station of a run goes through, worked out once in a worker thread. */
export function stationTapeOf(
  householdId: string,
  head: RunHead,
  entries: Entry[],
  seed: number,
): Promise<StationTape> {
  return (held.yotropeStationTapes ??= new StationTapes()).of(householdId, head, entries, seed)
}
