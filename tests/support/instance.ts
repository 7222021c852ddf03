import { type ChildProcess, spawn, spawnSync } from 'node:child_process'
import { once } from 'node:events'
import { join } from 'node:path'
import { visit } from './visit'

export const ROOT = join(__dirname, '../..')

/** The program on a place and a port of a test's own. */
export class Instance {
  private child: ChildProcess | null = null
  private readonly env: NodeJS.ProcessEnv
  readonly home: string
  readonly origin: string

  constructor(
    name: string,
    readonly port: number,
    more: Record<string, string> = {},
  ) {
    this.home = join(ROOT, '.yotrope', name)
    this.origin = `http://127.0.0.1:${port}`
    this.env = {
      ...process.env,
      NODE_ENV: 'production',
      YOTROPE_DATA: this.home,
      PORT: String(port),
      ...more,
    }
  }

  /** Runs a command to its end. */
  run(...args: string[]) {
    const { status, stdout, stderr } = spawnSync(join(ROOT, 'yotrope'), args, {
      env: this.env,
      encoding: 'utf8',
    })
    return { status, stdout: stdout.trim(), stderr: stderr.trim() }
  }

  /** Starts it and waits until it says that it runs. */
  async start(command = 'start'): Promise<void> {
    this.child = spawn(join(ROOT, 'yotrope'), [command], {
      env: this.env,
      stdio: ['ignore', 'pipe', 'inherit'],
    })
    let words = ''
    for await (const chunk of this.child.stdout!) {
      words += chunk
      if (words.includes('Ctrl-C stops it')) return
    }
    throw new Error(`it did not start: ${words}`)
  }

  async end(signal: NodeJS.Signals): Promise<void> {
    if (!this.child || this.child.exitCode !== null || this.child.signalCode !== null) return
    const gone = once(this.child, 'exit')
    this.child.kill(signal)
    await gone
  }

  /** A new visitor's cookie and household. */
  visit = () => visit(this.origin)
}
