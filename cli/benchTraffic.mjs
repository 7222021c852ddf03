// `npm run bench:traffic`: page views and saves of 32 visitors at once, this state against the tag `before`, in one run.
import { spawnSync } from 'node:child_process'
import { existsSync, rmSync } from 'node:fs'
import { availableParallelism, loadavg } from 'node:os'
import { join } from 'node:path'
import { buildSync } from 'esbuild'
import { ROOT, placeOf } from './paths.mjs'
import { say } from './say.mjs'

const TAG = 'before'
const before = join(placeOf().home, TAG)
const client = join(placeOf().home, 'traffic.mjs')
buildSync({
  entryPoints: [join(ROOT, 'tests/bench/traffic.ts')],
  outfile: client,
  bundle: true,
  format: 'esm',
  platform: 'node',
  target: 'node20',
})

/** A checkout of the tag, beside everything else that is a place's own. */
function checkout() {
  if (existsSync(join(before, 'node_modules'))) return
  rmSync(before, { recursive: true, force: true })
  const git = (...args) => spawnSync('git', args, { cwd: ROOT, stdio: 'inherit' })
  git('worktree', 'prune')
  git('worktree', 'add', '--detach', before, TAG)
  // hard links: the build follows no link that leads out of the checkout
  spawnSync('cp', ['-al', join(ROOT, 'node_modules'), join(before, 'node_modules')], { stdio: 'inherit' })
}

/** Starts a state of the program on a place of its own and measures it. */
async function measured(root, name, port, ...what) {
  const home = placeOf(`traffic-${name}`).home
  rmSync(home, { recursive: true, force: true })
  const script = `
    const { ensureBuild } = await import('${join(root, 'cli/build.mjs')}')
    const { runInstance } = await import('${join(root, 'cli/instance.mjs')}')
    const { placeOf } = await import('${join(root, 'cli/paths.mjs')}')
    await ensureBuild()
    const instance = await runInstance(placeOf(), ${port}, { env: { YOTROPE_VISITORS_PER_TEN_MINUTES: '100000' } })
    const { spawn } = await import('node:child_process')
    const child = spawn(process.execPath, ${JSON.stringify([client, `http://127.0.0.1:${port}`, ...what])}, { stdio: ['ignore', 'inherit', 'inherit'] })
    await new Promise((resolve) => child.once('exit', resolve))
    await instance.stop()
    process.exit(0)`
  const { stdout, stderr } = spawnSync(process.execPath, ['--input-type=module', '-e', script], {
    cwd: root,
    encoding: 'utf8',
    env: { ...process.env, YOTROPE_DATA: home },
  })
  const line = stdout.split('\n').find((one) => one.startsWith('{"'))
  if (!line) throw new Error(`${name}: ${stderr.trim()}`)
  return JSON.parse(line)
}

checkout()
say(`cores ${availableParallelism()}, load ${loadavg()[0].toFixed(1)}`)
const old = await measured(before, TAG, 3381)
const now = await measured(ROOT, 'now', 3382)
for (const what of ['views', 'saves']) {
  say(
    `${what} a second, ${TAG} / now                    ${old[what].perSecond.toFixed(1)} / ${now[what].perSecond.toFixed(1)}`,
  )
  say(
    `${what}, now ÷ ${TAG}                            ${(now[what].perSecond / old[what].perSecond).toFixed(1)}`,
  )
  say(
    `${what}, 95 of 100 within ms, ${TAG} / now       ${old[what].p95Ms.toFixed(0)} / ${now[what].p95Ms.toFixed(0)}`,
  )
  say(`${what} that failed, ${TAG} / now                ${old[what].failed} / ${now[what].failed}`)
}
const health = await measured(ROOT, 'health', 3383, 'health')
say(
  `health while one opens the heaviest household ${health.opened} times, slowest ms   ${health.slowestMs.toFixed(0)}`,
)
