import { createHash } from 'node:crypto'
import { existsSync, readFileSync, readdirSync, statSync, statfsSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { hintScripts } from './compileHints.mjs'
import { ROOT } from './paths.mjs'
import { run } from './run.mjs'
import { Stop, sayStep } from './say.mjs'
import { wordsOf } from './words.mjs'

const say = wordsOf('setUp')

const ENOUGH_DISK_BYTES = 400e6

/** Stops with one line when the disk under a folder has no room to work in. */
export function ensureDisk(folder = ROOT) {
  const { bavail, bsize } = statfsSync(folder)
  if (bavail * bsize < ENOUGH_DISK_BYTES)
    throw new Stop(
      say('littleDisk', {
        folder,
        free: Math.floor((bavail * bsize) / 1e6),
        enough: ENOUGH_DISK_BYTES / 1e6,
      }),
    )
}

/** Installs the npm packages the lock file names, unless that was done already. */
export async function ensureModules() {
  const stamp = join(ROOT, 'node_modules', '.yotrope-lock')
  const lock = createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .digest('hex')
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return
  sayStep(say('installingPackages'))
  const { status, stderr } = await run('npm', ['ci', '--no-fund', '--no-audit', '--loglevel=error'], {
    cwd: ROOT,
  })
  if (status !== 0) throw new Stop(say('packagesFailed', { command: 'npm ci', reason: firstLine(stderr) }))
  writeFileSync(stamp, lock)
}

const SOURCES = [
  'src',
  'next.config.ts',
  'package-lock.json',
  'tsconfig.json',
  'cli/messageLoader.cjs',
  'cli/compileHints.mjs',
]

/** What the server works out in threads of its own: src/server/*.thread.ts. */
const THREADS = ['firstAnswer', 'powerStation']
const threadFile = (name) => join(ROOT, '.next', 'threads', `${name}.mjs`)

/** Builds the application when its sources are newer than the build. */
export async function ensureBuild() {
  const built = join(ROOT, '.next', 'BUILD_ID')
  const newest = Math.max(...SOURCES.map((source) => newestIn(join(ROOT, source))))
  // the threads are written last: with them the build is whole
  const isWhole = THREADS.map(threadFile).every(
    (file) => existsSync(file) && statSync(file).mtimeMs >= newest,
  )
  if (existsSync(built) && isWhole) return
  sayStep(say('building'))
  const { status, stdout, stderr } = await run(
    process.execPath,
    [join(ROOT, 'node_modules/next/dist/bin/next'), 'build'],
    {
      cwd: ROOT,
      env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production' },
    },
  )
  if (status === 0) {
    hintScripts(join(ROOT, '.next'))
    return bundleThreads()
  }
  console.error(`${stdout}\n${stderr}`)
  throw new Stop(/ENOSPC/.test(stdout + stderr) ? say('diskFilledUp') : say('buildFailed'))
}

/** Bundles each of the server's worker threads into one file: the framework does not follow them. */
async function bundleThreads() {
  for (const name of THREADS) {
    const { status, stderr } = await run(
      join(ROOT, 'node_modules/.bin/esbuild'),
      [
        `src/server/${name}.thread.ts`,
        `--outfile=${threadFile(name)}`,
        '--bundle',
        '--format=esm',
        '--platform=node',
        '--target=node20',
        '--log-level=error',
      ],
      { cwd: ROOT },
    )
    if (status !== 0) throw new Stop(say('buildFailedBecause', { reason: firstLine(stderr) }))
  }
}

/** The time of the newest change in a file or folder; folders count too, so that a deletion is seen. */
function newestIn(path) {
  if (!existsSync(path)) return 0
  const stat = statSync(path)
  if (!stat.isDirectory()) return stat.mtimeMs
  return readdirSync(path).reduce(
    (newest, name) => Math.max(newest, newestIn(join(path, name))),
    stat.mtimeMs,
  )
}

const firstLine = (text) => (text ?? '').trim().split('\n')[0]
