import { afterAll, describe, expect, jest, test } from '@jest/globals'
import { type ChildProcess, spawn, spawnSync } from 'node:child_process'
import { once } from 'node:events'
import { mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { join } from 'node:path'

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

const isUp = () =>
  fetch(`http://127.0.0.1:${PORT}/api/health`).then(
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

    const visit = await fetch(`http://127.0.0.1:${PORT}/`, { redirect: 'manual' })
    const cookie = visit.headers.get('set-cookie')!.split(';')[0]
    const [, , , , household] = new URL(
      visit.headers.get('location')!,
      `http://127.0.0.1:${PORT}`,
    ).href.split('/')

    const ended = once(first, 'exit')
    expect(yotrope('stop')).toMatchObject({ status: 0, stdout: 'Stopped.' })
    expect((await ended)[0]).toBe(0)
    expect(await isUp()).toBe(false)

    const second = await start()
    const kept = await fetch(`http://127.0.0.1:${PORT}/api/households/${household}`, { headers: { cookie } })
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
