import { spawn, spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import {
  createReadStream,
  createWriteStream,
  existsSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs'
import { resolve } from 'node:path'
import { pipeline } from 'node:stream/promises'
import { ask } from './control.mjs'
import { startDatabase } from './database.mjs'
import { inspectDump } from './dumpFile.mjs'
import { applyMigrations } from './instance.mjs'
import { DUMP, MARIADB, ensureProgram, find } from './packages.mjs'
import { ensureHome, placeOf } from './paths.mjs'
import { endOrphans } from './processes.mjs'
import { Stop, say } from './say.mjs'
import { wordsOf } from './words.mjs'

const words = wordsOf('backup')

const UNCHECKED = '--unchecked'
const NEEDED = ['households', 'household_members', '__drizzle_migrations']

const fileOf = (args, name) => {
  if (args.length !== 1)
    throw new Stop(words('oneFileIsWanted', { command: `./yotrope ${name} yotrope-backup.sql` }), 2)
  return resolve(args[0])
}

/**
 * `./yotrope backup FILE`: all that is saved, as it was at one moment, whether it runs or not. Written beside and
 * moved into place when it is whole.
 */
export async function backup(args) {
  const file = fileOf(args, 'backup')
  await ensureProgram(MARIADB)
  await ensureProgram(DUMP)
  const place = placeOf()
  if (!existsSync(place.dataDir)) throw new Stop(words('nothingSaved'))
  const given = process.env.YOTROPE_DATABASE_URL
  const running = given ? null : await ask(place)
  // one that does not run is started for the while, without the web server
  const own = given || running ? null : await startDatabase(place)
  const url = given ?? own?.url ?? urlOf(place, running)
  const part = `${file}.part`
  try {
    await dump(url, part)
    const { tables, isWhole, strange } = await inspectDump(part)
    if (!isWhole || strange !== null || NEEDED.some((name) => !tables.has(name)))
      throw new Stop(words('notWhole'))
    writeFileSync(`${file}.sha256`, `${await sha256(part)}  ${file.split('/').pop()}\n`, { mode: 0o600 })
    renameSync(part, file)
  } finally {
    rmSync(part, { force: true })
    await own?.stop()
  }
  say(words('backedUp', { file, size: Math.ceil(statSync(file).size / 1000).toLocaleString('en-US') }))
  return 0
}

/**
 * `./yotrope restore FILE`: read into a database of its own first, brought up to date and counted; only then it takes the
 * place of what is there, which is kept beside it.
 */
export async function restore(args) {
  const isUnchecked = args.includes(UNCHECKED)
  const file = fileOf(
    args.filter((one) => one !== UNCHECKED),
    'restore',
  )
  await ensureProgram(MARIADB)
  if (!existsSync(file)) throw new Stop(words('noSuchFile', { file }))
  const { tables, isWhole, strange } = await inspectDump(file)
  if (NEEDED.some((name) => !tables.has(name))) throw new Stop(words('isNoBackup', { file }))
  if (!isWhole) throw new Stop(words('breaksOff', { file }))
  const sums = `${file}.sha256`
  if (existsSync(sums)) {
    if (readFileSync(sums, 'utf8').split(' ')[0] !== (await sha256(file)))
      throw new Stop(words('isNotAsWritten', { file, sums }))
  } else if (!isUnchecked) throw new Stop(words('hasNoChecksum', { file, sums, option: UNCHECKED }))
  if (strange !== null) throw new Stop(words('holdsMore', { file, strange }))
  const place = placeOf()
  ensureHome(place)
  if (await ask(place)) throw new Stop(words('stopFirst', { command: './yotrope stop' }))
  await endOrphans(place)
  const fresh = { ...place, dataDir: `${place.dataDir}.restoring` }
  rmSync(fresh.dataDir, { recursive: true, force: true })
  const database = await startDatabase(fresh)
  try {
    await load(database.url, file)
    await applyMigrations(database.url)
  } catch (error) {
    await database.stop()
    rmSync(fresh.dataDir, { recursive: true, force: true })
    throw error instanceof Stop ? error : new Stop(words('nothingWasChanged', { trouble: error.message }))
  }
  await database.stop()
  const before = `${place.dataDir}.before-${new Date().toISOString().replace(/[:.]/g, '-')}`
  if (existsSync(place.dataDir)) renameSync(place.dataDir, before)
  renameSync(fresh.dataDir, place.dataDir)
  const kept = existsSync(before) ? ` ${words('keptBeside', { folder: before })}` : ''
  say(`${words('restored', { file })}${kept}`)
  return 0
}

function urlOf(place, running) {
  if (!running.databasePort) throw new Stop(words('comingUp'))
  return `mysql://yotrope:${readFileSync(place.password, 'utf8').trim()}@127.0.0.1:${running.databasePort}/yotrope`
}

/** What the database's own programs are told of a URL; the password not on the command line, where others could read it. */
function connectionOf(url) {
  const { hostname, port, username, password, pathname } = new URL(url)
  return {
    args: [
      '--no-defaults',
      '--protocol=tcp',
      `--host=${hostname}`,
      `--port=${port || 3306}`,
      `--user=${decodeURIComponent(username)}`,
    ],
    env: { ...process.env, MYSQL_PWD: decodeURIComponent(password) },
    name: pathname.slice(1),
  }
}

async function dump(url, file) {
  const { args, env, name } = connectionOf(url)
  const child = spawn(
    find('mariadb-dump'),
    [
      ...args,
      '--single-transaction',
      '--no-tablespaces',
      '--skip-lock-tables',
      '--hex-blob',
      '--default-character-set=utf8mb4',
      name,
    ],
    { env, stdio: ['ignore', 'pipe', 'pipe'] },
  )
  await ends(child, pipeline(child.stdout, createWriteStream(file, { mode: 0o600 })), (reason) =>
    words('failed', { reason }),
  )
}

/** The client's own commands are off, which run programs and read files: what the file holds goes to the database alone. */
async function load(url, file) {
  const { args, env, name } = connectionOf(url)
  const client = find('mariadb')
  const { stdout: help } = spawnSync(client, ['--no-defaults', '--help'], { encoding: 'utf8' })
  const asData = ['--binary-mode', ...(help.includes('--sandbox') ? ['--sandbox'] : [])]
  const child = spawn(client, [...args, ...asData, '--default-character-set=utf8mb4', name], {
    env,
    stdio: ['pipe', 'ignore', 'pipe'],
  })
  await ends(child, pipeline(createReadStream(file), child.stdin), (reason) =>
    words('couldNotBeRead', { file, reason }),
  )
}

async function ends(child, flow, wordsOfTrouble) {
  let said = ''
  child.stderr.on('data', (chunk) => (said += chunk))
  const code = new Promise((settle) => child.once('close', settle))
  const [status] = await Promise.all([code, flow.catch(() => {})])
  if (status !== 0) throw new Stop(wordsOfTrouble(said.trim().split('\n').pop()))
}

async function sha256(file) {
  const hash = createHash('sha256')
  await pipeline(createReadStream(file), hash)
  return hash.digest('hex')
}
