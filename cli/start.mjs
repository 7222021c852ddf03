import { ensureBuild, ensureDisk, ensureModules } from './build.mjs'
import { ensurePortFree, runInstance } from './instance.mjs'
import { endOrphans } from './orphans.mjs'
import { MARIADB, ensureProgram } from './packages.mjs'
import { ensureHome, forgetRunning, placeOf, recordRunning, runningNow } from './paths.mjs'
import { Stop, say } from './say.mjs'

/** `./yotrope start`: everything from a fresh checkout to a page that answers; runs until it is told to stop. */
export async function start() {
  const place = placeOf()
  const port = Number(process.env.PORT ?? 3000)
  const running = runningNow(place)
  if (running) {
    say(`Yotrope is already running on http://127.0.0.1:${running.port}`)
    return 0
  }
  await endOrphans(place)
  await ensurePortFree(port)
  ensureHome(place)
  ensureDisk()
  ensureDisk(place.home)
  ensureProgram(MARIADB)
  ensureModules()
  ensureBuild()
  recordRunning(place, { port })
  let instance
  const stopAsked = new Promise((resolve) => {
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => resolve(null))
  })
  try {
    instance = await runInstance(place, port)
    recordRunning(place, {
      port,
      databasePort: instance.database().port,
      databasePid: instance.database().pid,
      webPid: instance.webPid,
    })
    say(`Yotrope is running on http://127.0.0.1:${port}\nCtrl-C stops it; what you entered is kept.`)
    const reason = await Promise.race([stopAsked, instance.ended])
    if (reason) throw new Stop(`${reason}; what was saved is kept. The log is ${place.log}`)
    say('\nStopping…')
    return 0
  } finally {
    await instance?.stop()
    forgetRunning(place)
    if (instance) say('Stopped.')
  }
}
