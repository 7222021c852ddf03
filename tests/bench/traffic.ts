import { type Visitor, visit } from '../support/visit'

const VISITORS = 32
const WARMS_MS = 5000
const LASTS_MS = 10_000

/** Page views and saves of many visitors at once on a running instance. @returns how many a second, and how long most took */
export async function measureTraffic(origin: string) {
  const visitors: Visitor[] = []
  for (let n = 0; n < VISITORS; n++) visitors.push(await visit(origin))
  const view = async ({ cookie, id }: Visitor) => {
    const response = await fetch(`${origin}/h/${id}/runtime`, { headers: { cookie } })
    await response.text()
    return response.status === 200
  }
  // what runs for the first time is slow
  await many(visitors, view, WARMS_MS)
  const views = await many(visitors, view)
  const states = new Map<Visitor, { version: number; household: { loads: { note: string }[] } }>()
  for (const visitor of visitors)
    states.set(
      visitor,
      await (
        await fetch(`${origin}/api/households/${visitor.id}`, { headers: { cookie: visitor.cookie } })
      ).json(),
    )
  let saves = 0
  const saved = await many(visitors, async (visitor) => {
    const state = states.get(visitor)!
    state.household.loads[0].note = `saved ${saves++}`
    const response = await fetch(`${origin}/api/households/${visitor.id}`, {
      method: 'PUT',
      headers: { cookie: visitor.cookie, origin, 'content-type': 'application/json' },
      body: JSON.stringify({ baseVersion: state.version, household: state.household }),
    })
    await response.text()
    if (response.status !== 200) return false
    state.version++
    return true
  })
  return { views, saves: saved }
}

/** Lets every visitor ask again and again for a while. */
async function many(
  visitors: readonly Visitor[],
  ask: (visitor: Visitor) => Promise<boolean>,
  lastsMs = LASTS_MS,
) {
  const tookMs: number[] = []
  let failed = 0
  const from = performance.now()
  await Promise.all(
    visitors.map(async (visitor) => {
      while (performance.now() - from < lastsMs) {
        const began = performance.now()
        if (await ask(visitor)) tookMs.push(performance.now() - began)
        else failed++
      }
    }),
  )
  const seconds = (performance.now() - from) / 1000
  tookMs.sort((a, b) => a - b)
  return {
    perSecond: tookMs.length / seconds,
    p95Ms: tookMs[Math.floor(tookMs.length * 0.95)] ?? Infinity,
    failed,
  }
}

const origin = process.argv[2]
if (origin) console.log(JSON.stringify(await measureTraffic(origin)))
