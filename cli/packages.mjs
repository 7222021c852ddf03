import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { run } from './run.mjs'
import { Stop, sayStep } from './say.mjs'
import { wordsOf } from './words.mjs'

const say = wordsOf('setUp')

const SYSTEM_PATHS = ['/usr/local/sbin', '/usr/local/bin', '/usr/sbin', '/usr/bin', '/sbin', '/bin']

/** Where a program is, or null. Servers stand in sbin, which is not always on the path. */
export function find(program) {
  const places = [...(process.env.PATH ?? '').split(':'), ...SYSTEM_PATHS]
  return places.map((place) => join(place, program)).find((path) => existsSync(path)) ?? null
}

export const MARIADB = {
  program: 'mariadbd',
  packages: ['mariadb-server-core', 'mariadb-client-core'],
  what: say('server'),
}
/** The dump tool, which the core client does not bring. */
export const DUMP = { program: 'mariadb-dump', packages: ['mariadb-client'], what: say('dumpTool') }
/** The one without windows: a page costs it a quarter less. */
export const CHROMIUM = {
  program: 'chromium-headless-shell',
  packages: ['chromium-headless-shell'],
  what: say('browser'),
}

/** Installs a program from Debian's packages where it is missing, as root or through sudo; otherwise says what to run. */
export async function ensureProgram({ program, packages, what }) {
  if (find(program)) return
  const command = ['apt-get', 'install', '-y', '--no-install-recommends', ...packages]
  const line = `sudo ${command.join(' ')}`
  const isRoot = process.getuid?.() === 0
  const viaSudo = !isRoot && find('sudo') && (await run('sudo', ['-n', 'true'])).status === 0
  if (!find('apt-get') || (!isRoot && !viaSudo)) {
    throw new Stop(`${say('isMissing', { what })}\n  ${line}`)
  }
  sayStep(say('installing', { what, packages: packages.join(', ') }))
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
  const asRoot = (args) => run(viaSudo ? 'sudo' : args[0], viaSudo ? args : args.slice(1), { env })
  await asRoot(['apt-get', 'update', '-qq'])
  const { status, stderr } = await asRoot(command)
  if (status !== 0 || !find(program)) {
    const reason = (stderr ?? '').trim().split('\n').pop()
    throw new Stop(`${say('couldNotBeInstalled', { what, reason })}\n  ${line}`)
  }
}
