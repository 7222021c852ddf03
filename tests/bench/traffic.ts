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

interface State {
  version: number
  household: {
    loads: (Record<string, unknown> & {
      id: string
      name: string
      behaviour: { kind: string; periodMin?: object }
    })[]
  }
}

/**
 * How long health takes to answer while a visitor opens the heaviest household that is allowed and still comes with its page, changed
 * each time so that nothing is known of it.
 *
 * @returns the slowest answers, ms, and how often the household was opened
 */
async function measureHealth(origin: string) {
  const { cookie, id } = await visit(origin)
  const headers = { cookie, origin, 'content-type': 'application/json' }
  const url = `${origin}/api/households/${id}`
  const state: State = await (await fetch(url, { headers })).json()
  const save = async (household: State['household']) => {
    const body = JSON.stringify({ baseVersion: state.version, household })
    const response = await fetch(url, { method: 'PUT', headers, body })
    const words = await response.text()
    if (response.ok) state.version++
    else if (response.status !== 422 || !/are the most that is computed/.test(words)) throw new Error(words)
    return response.ok
  }
  const cycling = state.household.loads.find(({ behaviour }) => behaviour.kind === 'cycling')!
  const heavy = (periodMin: number, turn: number) => ({
    ...state.household,
    loads: [
      ...state.household.loads,
      ...Array.from({ length: 24 }, (_, i) => ({
        ...cycling,
        id: `more-${i}`,
        name: `More ${i} ${turn}`,
        behaviour: { ...cycling.behaviour, periodMin: { ...cycling.behaviour.periodMin, value: periodMin } },
      })),
    ],
  })
  let periodMin = 64
  while (periodMin > 0.1 && (await save(heavy(periodMin, 0)))) periodMin /= 1.1
  periodMin *= 1.1
  const tookMs: number[] = []
  let isOver = false
  const asking = (async () => {
    while (!isOver) {
      const from = performance.now()
      await (await fetch(`${origin}/api/health`)).text()
      tookMs.push(performance.now() - from)
      await new Promise((resolve) => setTimeout(resolve, 20))
    }
  })()
  let opened = 0
  let withoutMs = 0
  for (const from = performance.now(); performance.now() - from < LASTS_MS; opened++) {
    if (!(await save(heavy(periodMin, opened)))) throw new Error('the heavy household was not saved')
    const began = performance.now()
    await (await fetch(`${origin}/h/${id}/runtime`, { headers: { cookie } })).text()
    withoutMs = Math.max(withoutMs, performance.now() - began)
  }
  isOver = true
  await asking
  tookMs.sort((a, b) => a - b)
  return {
    opened,
    periodMin,
    pageMs: withoutMs,
    p99Ms: tookMs[Math.floor(tookMs.length * 0.99)],
    slowestMs: tookMs[tookMs.length - 1],
  }
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
if (origin && process.argv[3] === 'health') console.log(JSON.stringify(await measureHealth(origin)))
else if (origin) console.log(JSON.stringify(await measureTraffic(origin)))
