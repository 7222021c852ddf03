import 'server-only'
import { createHash } from 'node:crypto'
import { availableParallelism } from 'node:os'
import { join } from 'node:path'
import { LRUCache } from 'lru-cache'
import Piscina from 'piscina'
import type { Household } from '@/core/plan/household'
import { planOf } from '@/core/plan/planOf'
import { tooBusy } from '@/core/simulation/switchingBudget'
import { SharedWork } from './sharedWork'

/** Longest a page waits for its first answer; past it the browser works it out. */
const DEADLINE_MS = 2000
/** Answers kept; about 15 KB each. */
const MOST_KEPT = 200
const MOST_WAITING = 32

class FirstAnswers {
  /** of households as they were read; one that was saved since is another object */
  private readonly keys = new WeakMap<Household, string>()
  private readonly known = new LRUCache<string, string>({ max: MOST_KEPT })
  private readonly work = new SharedWork<string>(DEADLINE_MS)
  private readonly pool = new Piscina({
    filename: join(process.cwd(), '.next/threads/firstAnswer.mjs'),
    minThreads: 1,
    maxThreads: Math.max(1, availableParallelism() - 1),
    maxQueue: MOST_WAITING,
    idleTimeout: 60_000,
    resourceLimits: { maxOldGenerationSizeMb: 192, maxYoungGenerationSizeMb: 32 },
  })

  /** The answer, or null where it is not there in time: too much to do, too many before it, a thread that failed. */
  async of(household: Household, left: AbortSignal | null): Promise<string | null> {
    const key = this.keyOf(household)
    const known = this.known.get(key)
    if (known) return known
    const plan = planOf(household)
    if (tooBusy(plan)) return null
    try {
      // the pool ends the thread of what is given up
      const text = await this.work.wait(key, left, (signal) => this.pool.run(plan, { signal }))
      this.known.set(key, text)
      return text
    } catch {
      return null
    }
  }

  /** A fingerprint of what the answer depends on. */
  private keyOf(household: Household): string {
    let key = this.keys.get(household)
    if (key === undefined) {
      key = createHash('sha256')
        .update(JSON.stringify(planOf(household)))
        .digest('base64')
      this.keys.set(household, key)
    }
    return key
  }
}

const held = globalThis as { yotropeFirstAnswers?: FirstAnswers }

/**
 * The first answer of a page as a text (`evaluationText`), worked out in worker threads and never in the thread that answers requests. The same plan is
 * worked out once, whoever asks, and given up when all who asked have left.
 */
export function firstAnswer(household: Household, left: AbortSignal | null): Promise<string | null> {
  return (held.yotropeFirstAnswers ??= new FirstAnswers()).of(household, left)
}
