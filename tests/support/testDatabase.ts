import { type ChildProcess, spawn } from 'node:child_process'
import { once } from 'node:events'
import { rmSync } from 'node:fs'
import { join } from 'node:path'
import { createInterface } from 'node:readline'

const ROOT = join(__dirname, '../..')

export interface TestDatabase {
  url: string
  /** process id of the server itself */
  pid: number
  stop: () => Promise<void>
  /** waits until the server has gone without having been asked to */
  gone: () => Promise<void>
}

/** Starts a MariaDB of the test's own. @param fresh begins with an empty data directory @param mode 'bare' leaves the schema out */
export async function startTestDatabase(
  name: string,
  fresh = true,
  mode: 'migrated' | 'bare' = 'migrated',
): Promise<TestDatabase> {
  const home = join(process.env.YOTROPE_DATA ?? join(ROOT, '.yotrope'), name)
  if (fresh) rmSync(home, { recursive: true, force: true })
  const child: ChildProcess = spawn(process.execPath, [join(ROOT, 'cli/testDatabase.mjs'), name, mode], {
    stdio: ['pipe', 'pipe', 'inherit'],
  })
  const exited = once(child, 'exit')
  const line = await Promise.race([
    once(createInterface({ input: child.stdout! }), 'line').then(([text]) => String(text)),
    exited.then(([code]) => Promise.reject(new Error(`the test database ended with ${code}`))),
  ])
  const { url, pid } = JSON.parse(line)
  return {
    url,
    pid,
    stop: async () => {
      child.stdin!.end()
      await exited
    },
    gone: async () => {
      await exited
    },
  }
}
