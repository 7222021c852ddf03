import { ensureBuild, ensureDisk, ensureModules } from './build.mjs'
import { ask, holdPlace } from './control.mjs'
import { ensurePortFree, runInstance } from './instance.mjs'
import { MARIADB, ensureProgram } from './packages.mjs'
import { ensureHome, placeOf } from './paths.mjs'
import { endOrphans } from './processes.mjs'
import { Stop, say } from './say.mjs'
import { wordsOf } from './words.mjs'

const sayRunning = wordsOf('running')
const sayPhase = wordsOf('phase')
const sayCommand = wordsOf('command')

/**
 * Everything from a fresh checkout to a page that answers; runs until it is told to stop.
 *
 * @param options.host where it listens
 * @param options.databaseUrl a database that is given, in place of one of its own
 * @param options.words what to say once it runs
 */
export async function start({
  host = '127.0.0.1',
  port = Number(process.env.PORT ?? 3000),
  databaseUrl,
  words,
} = {}) {
  const place = placeOf()
  ensureHome(place)
  let askedToStop
  const stopAsked = new Promise((resolve) => (askedToStop = resolve))
  const givenUp = new AbortController()
  let phase = sayPhase('settingUp')
  let instance
  const letGo = await holdPlace(place, () => ({ port, phase, ...instance?.state() }), askedToStop)
  if (!letGo) {
    const running = await ask(place)
    say(sayRunning('alreadyRuns', { address: `http://127.0.0.1:${running?.port ?? port}` }))
    return 0
  }
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, askedToStop)
  try {
    await endOrphans(place)
    await ensurePortFree(port, host)
    ensureDisk()
    ensureDisk(place.home)
    phase = sayPhase('installing')
    if (!databaseUrl) await ensureProgram(MARIADB)
    await ensureModules()
    phase = sayPhase('building')
    await ensureBuild()
    const coming = runInstance(place, port, {
      host,
      databaseUrl,
      signal: givenUp.signal,
      onPhase: (now) => (phase = now),
    })
    const came = await Promise.race([coming, stopAsked.then(() => null)])
    if (came) {
      instance = came
      say(
        words ??
          `${sayRunning('runs', { address: `http://127.0.0.1:${port}` })}\n${sayRunning('ctrlCStopsIt')}`,
      )
      await stopAsked
    }
    say(`\n${sayRunning('stopping')}`)
    phase = sayPhase('stopping')
    givenUp.abort()
    instance ??= await coming.catch(() => null)
    return 0
  } finally {
    await instance?.stop()
    await letGo()
    if (instance) say(sayRunning('stopped'))
  }
}

/** Reads the arguments of `./yotrope start`, which takes none. */
export function startCommand(args) {
  if (args.length)
    throw new Stop(
      sayCommand('startTakesNoArguments', {
        argument: args[0],
        command: './yotrope start',
        example: 'PORT=3001',
      }),
      2,
    )
  return start()
}
