import { spawnSync } from 'node:child_process'
import { join } from 'node:path'
import { ensureModules } from './build.mjs'
import { ROOT } from './paths.mjs'

/** `./yotrope read`: lines of loads in, what was understood out; the work is done in read.ts. */
export async function read(args) {
  await ensureModules()
  const { status } = spawnSync(
    process.execPath,
    ['--import', join(ROOT, 'node_modules/tsx/dist/loader.mjs'), join(ROOT, 'cli/read.ts'), ...args],
    { stdio: 'inherit', env: { ...process.env, TSX_TSCONFIG_PATH: join(ROOT, 'tsconfig.json') } },
  )
  return status ?? 1
}
