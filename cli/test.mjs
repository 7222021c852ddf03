import { spawnSync } from 'node:child_process'
import { mkdirSync, readFileSync, rmSync } from 'node:fs'
import { availableParallelism } from 'node:os'
import { join } from 'node:path'
import { ensureBuild, ensureDisk, ensureModules } from './build.mjs'
import { freePort } from './database.mjs'
import { CHROMIUM, MARIADB, ensureProgram } from './packages.mjs'
import { ROOT, placeOf } from './paths.mjs'
import { run } from './run.mjs'
import { Stop, say } from './say.mjs'
import { wordsOf } from './words.mjs'

const sayCommand = wordsOf('command')
const bin = (name) => join(ROOT, 'node_modules', '.bin', name)

/**
 * `./yotrope test`: everything that can fail, each runner's real counts added up. Tests have databases of
 * their own; the user's is never touched.
 */
export async function test(args) {
  if (args.length)
    throw new Stop(sayCommand('takesNoArguments', { argument: args[0], command: './yotrope test' }), 2)
  ensureDisk()
  await ensureProgram(MARIADB)
  await ensureProgram(CHROMIUM)
  await ensureModules()
  const reports = join(placeOf().home, 'test-reports')
  rmSync(reports, { recursive: true, force: true })
  mkdirSync(reports, { recursive: true })
  const began = performance.now()
  const counts = [
    await timed('build', build),
    ...(await sideBySide([
      () => check('types', bin('tsc'), ['--noEmit']),
      () => check('lint', bin('eslint'), ['.', '--max-warnings', '0']),
      () => check('format', bin('prettier'), ['--check', '.', '--log-level', 'warn']),
      () => check('unused', bin('knip'), []),
      () => check('package lock', process.execPath, ['cli/completeLock.mjs', '--check']),
    ])),
    await jest('unit', reports),
    await jest('component', reports),
    await jest('database', reports),
    await browser(reports),
  ]
  const sum = (key) => counts.reduce((total, count) => total + count[key], 0)
  const skipped = sum('skipped')
  say(`\n== time: ${times.join(', ')}; all ${seconds(began)}`)
  say(`${sum('passed')} passed, ${sum('failed')} failed${skipped ? `, ${skipped} skipped` : ''}`)
  return sum('failed') === 0 ? 0 : 1
}

/** What each part took, in the order they came. */
const times = []
const seconds = (from) => `${Math.round((performance.now() - from) / 1000)} s`

async function timed(name, work) {
  const from = performance.now()
  say(`\n== ${name}`)
  const came = await work()
  times.push(`${name} ${seconds(from)}`)
  return came
}

async function runPart(name, command, args, env = {}) {
  return timed(
    name,
    () =>
      spawnSync(command, args, {
        cwd: ROOT,
        stdio: 'inherit',
        env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
      }).status === 0,
  )
}

/** A runner that only says yes or no counts as one test; what it says comes when it has ended, for others run beside it. */
async function check(name, command, args) {
  const from = performance.now()
  const env = { ...process.env, NEXT_TELEMETRY_DISABLED: '1' }
  const { status, stdout, stderr } = await run(command, args, { cwd: ROOT, env })
  say(`\n== ${name}`)
  say(`${stdout}${stderr}`.trim())
  times.push(`${name} ${seconds(from)}`)
  return { passed: status === 0 ? 1 : 0, failed: status === 0 ? 0 : 1, skipped: 0 }
}

/** Works, as many at once as there are processors. */
async function sideBySide(works) {
  const came = []
  const waiting = works.entries()
  const worker = async () => {
    for (const [i, work] of waiting) came[i] = await work()
  }
  await Promise.all(Array.from({ length: availableParallelism() }, worker))
  return came
}

/** The build comes first: it also writes the types that others read. */
async function build() {
  try {
    await ensureBuild()
    return { passed: 1, failed: 0, skipped: 0 }
  } catch (error) {
    say(error.message)
    return { passed: 0, failed: 1, skipped: 0 }
  }
}

async function jest(project, reports) {
  const file = join(reports, `${project}.json`)
  const passed = await runPart(
    `${project} tests`,
    bin('jest'),
    ['--selectProjects', project, '--json', `--outputFile=${file}`, '--silent'],
    { NODE_ENV: 'test' },
  )
  const report = readReport(file)
  if (!report) return { passed: 0, failed: 1, skipped: 0 }
  // a suite that could not be run at all has no failed test of its own
  const failed = report.numFailedTests + report.numRuntimeErrorTestSuites
  return {
    passed: report.numPassedTests,
    failed: failed || (passed ? 0 : 1),
    skipped: report.numPendingTests,
  }
}

async function browser(reports) {
  const file = join(reports, 'browser.json')
  const passed = await runPart('browser tests', bin('playwright'), ['test'], {
    YOTROPE_TEST_PORT: process.env.YOTROPE_TEST_PORT ?? String(await freePort()),
    PLAYWRIGHT_JSON_OUTPUT_NAME: file,
  })
  const stats = readReport(file)?.stats
  if (!stats) return { passed: 0, failed: 1, skipped: 0 }
  const failed = stats.unexpected + stats.flaky
  return { passed: stats.expected, failed: failed || (passed ? 0 : 1), skipped: stats.skipped }
}

function readReport(file) {
  try {
    return JSON.parse(readFileSync(file, 'utf8'))
  } catch {
    return null
  }
}
