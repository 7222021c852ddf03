// `npm run bench`: ratios measured in one run; nothing here passes or fails.
import { spawnSync } from 'node:child_process'
import { rmSync } from 'node:fs'
import { join } from 'node:path'
import { buildSync } from 'esbuild'
import { ensureBuild, ensureModules } from './build.mjs'
import { freePort } from './database.mjs'
import { runInstance } from './instance.mjs'
import { CHROMIUM, MARIADB, ensureProgram } from './packages.mjs'
import { ROOT, placeOf } from './paths.mjs'
import { say } from './say.mjs'

await ensureProgram(MARIADB)
await ensureProgram(CHROMIUM)
await ensureModules()
await ensureBuild()
const place = placeOf('bench')
rmSync(place.home, { recursive: true, force: true })
const from = performance.now()
const instance = await runInstance(place, await freePort())
const firstStartS = (performance.now() - from) / 1000
await instance.stop()
const again = performance.now()
const second = await runInstance(place, await freePort())
try {
  say(`start with a new database, s (page answers)                ${firstStartS.toFixed(1)}`)
  say(
    `start again, s (at most 10)                                ${((performance.now() - again) / 1000).toFixed(1)}`,
  )
  // bundled, as a browser's worker has it: single modules run slower by what their imports cost
  const bundle = join(place.home, 'bench.mjs')
  buildSync({
    entryPoints: [join(ROOT, 'tests/bench/main.ts')],
    outfile: bundle,
    bundle: true,
    format: 'esm',
    platform: 'node',
    packages: 'external',
    tsconfig: join(ROOT, 'tsconfig.json'),
  })
  spawnSync(process.execPath, [bundle, `http://127.0.0.1:${second.port}`], { cwd: ROOT, stdio: 'inherit' })
} finally {
  await second.stop()
}
