import { setTimeout as pause } from 'node:timers/promises'

const SHORTEST_MS = 200
const LONGEST_MS = 10_000
const STEADY_MS = 60_000

/** How long to wait before the n-th start within a minute. */
export const backOffMs = (deaths) => Math.min(LONGEST_MS, SHORTEST_MS * 2 ** Math.max(0, deaths - 1))

/**
 * Keeps a server running: one that ends is begun again, later each time it ends soon.
 *
 * @param begin starts it, and settles when it answers; what it returns has pid, ended (a promise) and stop
 * @param signal aborted when nothing is to be begun any more
 * @param report told when it ended, when it could not be begun, and when it is there again
 * @returns the first of them once it answers, whose later ones take its place in `now()`
 * @throws what `begin` throws the first time
 */
export async function supervise(begin, signal, report) {
  let now = await begin()
  let restarts = 0
  const watch = async () => {
    let deaths = []
    while (!signal.aborted) {
      await now.ended
      if (signal.aborted) return
      restarts++
      report('ended')
      for (;;) {
        deaths = [...deaths.filter((at) => Date.now() - at < STEADY_MS), Date.now()]
        await pause(backOffMs(deaths.length), null, { signal }).catch(() => {})
        if (signal.aborted) return
        try {
          now = await begin()
          break
        } catch (error) {
          report('failed', error)
        }
      }
      if (signal.aborted) return void (await now.stop())
      report('again')
    }
  }
  const watching = watch()
  return {
    now: () => now,
    restarts: () => restarts,
    stop: async () => {
      await now.stop()
      await watching
    },
  }
}
