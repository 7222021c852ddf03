// The production build on a database of the browser tests' own, fresh every time.
import { rmSync } from 'node:fs'
import { ensurePortFree, runInstance } from './instance.mjs'
import { placeOf } from './paths.mjs'

const place = placeOf(process.env.YOTROPE_TEST_PLACE ?? 'test-browser')
rmSync(place.home, { recursive: true, force: true })
const port = Number(process.env.PORT)
await ensurePortFree(port)
// many visitors of one address: that limit has a test of its own
const instance = await runInstance(place, port, {
  env: { YOTROPE_VISITORS_PER_TEN_MINUTES: '100000' },
})
for (const signal of ['SIGINT', 'SIGTERM'])
  process.once(signal, async () => {
    await instance.stop()
    process.exit(0)
  })
