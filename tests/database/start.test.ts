import { afterAll, describe, expect, jest, test } from '@jest/globals'
import { type ChildProcess, spawn, spawnSync } from 'node:child_process'
import { once } from 'node:events'
import { chmodSync, mkdirSync, readFileSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { join } from 'node:path'
import { visit } from '../support/visit'

jest.setTimeout(180_000)

const ROOT = join(__dirname, '../..')
const HOME = join(ROOT, '.yotrope', 'test-start')
const PORT = '3397'
const env = { ...process.env, NODE_ENV: 'production' as const, YOTROPE_DATA: HOME, PORT }

rmSync(HOME, { recursive: true, force: true })

function yotrope(...args: string[]) {
  const { status, stdout, stderr } = spawnSync(join(ROOT, 'yotrope'), args, { env, encoding: 'utf8' })
  return {
    status,
    stdout: stdout.trim(),
    lines: stderr
      .trim()
      .split('\n')
      .filter((line) => line && !line.startsWith('·')),
  }
}

/** Starts the application and waits for its address. */
async function start(): Promise<ChildProcess> {
  const child = spawn(join(ROOT, 'yotrope'), ['start'], { env, stdio: ['ignore', 'pipe', 'inherit'] })
  let words = ''
  for await (const chunk of child.stdout!) {
    words += chunk
    if (words.includes(`Yotrope is running on http://127.0.0.1:${PORT}`)) return child
  }
  throw new Error(`it did not start: ${words}`)
}

/** What the one that runs says of itself, a line for each thing. */
function control(words: string): string {
  const ask = `import { ask } from './cli/control.mjs'; import { placeOf } from './cli/paths.mjs'
    console.log(Object.entries((await ask(placeOf(), '${words}')) ?? {}).map((one) => one.join('=')).join('\\n'))`
  return spawnSync(process.execPath, ['--input-type=module', '-e', ask], { env, cwd: ROOT, encoding: 'utf8' })
    .stdout
}

/** Asks again and again until there is an answer. */
async function until<T>(ask: () => Promise<T | null>): Promise<T> {
  for (const from = Date.now(); ;) {
    const found = await ask().catch(() => null)
    if (found !== null) return found
    if (Date.now() - from > 60_000) throw new Error('nothing came')
    await new Promise((resolve) => setTimeout(resolve, 50))
  }
}

function processesWith(argument: string): number[] {
  return readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .filter((name) => {
      try {
        return readFileSync(`/proc/${name}/cmdline`, 'utf8').split('\0').includes(argument)
      } catch {
        return false
      }
    })
    .map(Number)
}

const isUp = () =>
  fetch(`http://127.0.0.1:${PORT}/api/ready`).then(
    (response) => response.ok,
    () => false,
  )

afterAll(() => {
  yotrope('stop')
})

describe('./yotrope start, status, stop', () => {
  test('starts, says where, is idempotent, and stops by command or by Ctrl-C with nothing lost', async () => {
    expect(yotrope('status')).toMatchObject({
      status: 3,
      stdout: 'Yotrope is not running. ./yotrope start starts it.',
    })
    expect(yotrope('stop')).toMatchObject({ status: 0, stdout: 'Yotrope is not running.' })
    const first = await start()
    expect(yotrope('status')).toMatchObject({
      status: 0,
      stdout: `Yotrope is running on http://127.0.0.1:${PORT}`,
    })
    expect(yotrope('start')).toMatchObject({
      status: 0,
      stdout: `Yotrope is already running on http://127.0.0.1:${PORT}`,
    })

    const { cookie, id } = await visit(`http://127.0.0.1:${PORT}`)

    const ended = once(first, 'exit')
    expect(yotrope('stop')).toMatchObject({ status: 0, stdout: 'Stopped.' })
    expect((await ended)[0]).toBe(0)
    expect(await isUp()).toBe(false)

    const second = await start()
    const kept = await fetch(`http://127.0.0.1:${PORT}/api/households/${id}`, { headers: { cookie } })
    expect(kept.status).toBe(200)
    const interrupted = once(second, 'exit')
    second.kill('SIGINT')
    expect((await interrupted)[0]).toBe(0)
    expect(readdirSync(HOME)).not.toContain('database.pid')
  })

  test('a start that was killed outright leaves nothing that stands in the next one’s way', async () => {
    const first = await start()
    const gone = once(first, 'exit')
    first.kill('SIGKILL')
    await gone
    const second = await start()
    expect(await isUp()).toBe(true)
    const ended = once(second, 'exit')
    second.kill('SIGTERM')
    expect((await ended)[0]).toBe(0)
  })

  test('web server, database, or both that die come back by themselves, and no acknowledged save is lost', async () => {
    const child = await start()
    const pidOf = (argument: string) => {
      const found = processesWith(argument)
      expect(found).toHaveLength(1)
      return found[0]
    }
    const databaseOf = `--datadir=${join(HOME, 'database')}`
    const webOf = () => Number(/^webPid=(\d+)$/m.exec(control('state'))![1])
    const { cookie, id } = await visit(`http://127.0.0.1:${PORT}`)
    const url = `http://127.0.0.1:${PORT}/api/households/${id}`
    const headers = { cookie, origin: `http://127.0.0.1:${PORT}`, 'content-type': 'application/json' }
    for (const who of ['web', 'database', 'both'] as const) {
      const stored = await (await fetch(url, { headers })).json()
      stored.household.profile.name = `Before ${who} ${stored.version}`
      const body = JSON.stringify({ baseVersion: stored.version, household: stored.household })
      const saved = await fetch(url, { method: 'PUT', headers, body })
      expect(saved.status).toBe(200)
      if (who !== 'database') process.kill(webOf(), 'SIGKILL')
      if (who !== 'web') process.kill(pidOf(databaseOf), 'SIGKILL')
      const back = await until(async () => {
        const response = await fetch(url, { headers })
        return response.ok ? ((await response.json()) as typeof stored) : null
      })
      expect(back).toMatchObject({ version: stored.version + 1, household: stored.household })
    }
    expect(yotrope('status').stdout).toMatch(/is running on .*\nServers started again since: 4\.$/)
    const ended = once(child, 'exit')
    child.kill('SIGINT')
    expect((await ended)[0]).toBe(0)
    expect(processesWith(databaseOf)).toEqual([])
  })

  test('a record of an older release that names a process of somebody else’s: that one lives on', () => {
    const stranger = spawn('sleep', ['60'])
    writeFileSync(join(HOME, 'running.json'), JSON.stringify({ pid: stranger.pid, port: Number(PORT) }))
    expect(yotrope('stop').stdout).toBe('Yotrope is not running.')
    expect(yotrope('status').status).toBe(3)
    expect(stranger.exitCode).toBeNull()
    expect(() => process.kill(stranger.pid!, 0)).not.toThrow()
    stranger.kill()
  })

  test('a place that others could read is closed to them', async () => {
    chmodSync(HOME, 0o755)
    const child = await start()
    expect(statSync(HOME).mode & 0o077).toBe(0)
    const ended = once(child, 'exit')
    expect(yotrope('stop').stdout).toBe('Stopped.')
    await ended
  })

  test('stopping while it comes up', async () => {
    const child = spawn(join(ROOT, 'yotrope'), ['start'], { env, stdio: 'ignore' })
    const ended = once(child, 'exit')
    await until(async () => (/^phase=starting/m.test(control('state')) ? true : null))
    expect(yotrope('status').stdout).toMatch(/but does not answer yet: (starting|bringing) the .*\.$/)
    child.kill('SIGINT')
    expect((await ended)[0]).toBe(0)
    expect(processesWith(`--datadir=${join(HOME, 'database')}`)).toEqual([])
  })

  test('a busy port: one line with what to do', async () => {
    const other = createServer()
    other.listen(Number(PORT), '127.0.0.1')
    await once(other, 'listening')
    expect(yotrope('start')).toMatchObject({
      status: 1,
      lines: [
        `yotrope: port ${PORT} is in use by another program; choose another: PORT=${Number(PORT) + 1} ./yotrope start`,
      ],
    })
    other.close()
  })

  test('a port that is none: one line', () => {
    const { status, stderr } = spawnSync(join(ROOT, 'yotrope'), ['start'], {
      env: { ...env, PORT: 'web' },
      encoding: 'utf8',
    })
    expect(status).toBe(1)
    expect(stderr.trim()).toBe('yotrope: PORT must be a whole number from 1 to 65535, such as 3001')
  })

  test('a database that does not come up: one line that says where its words are', () => {
    const broken = join(HOME, 'broken')
    mkdirSync(join(broken, 'database'), { recursive: true })
    writeFileSync(join(broken, 'database', 'ibdata1'), 'not a data file')
    const { status, stderr } = spawnSync(join(ROOT, 'yotrope'), ['start'], {
      env: { ...env, YOTROPE_DATA: broken },
      encoding: 'utf8',
    })
    expect(status).toBe(1)
    expect(stderr.trim().split('\n')).toHaveLength(1)
    expect(stderr).toMatch(/^yotrope: the database did not come up; .*database\.log says: /)
  })
})
