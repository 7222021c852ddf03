import { spawnSync } from 'node:child_process'
import { join } from 'node:path'
import { ensureModules } from './build.mjs'
import { ROOT } from './paths.mjs'

/** `./yotrope simulate plan.json`: no database and no browser; the work is done in simulate.ts. */
export async function simulate(args) {
  await ensureModules()
  const { status } = spawnSync(
    process.execPath,
    ['--import', join(ROOT, 'node_modules/tsx/dist/loader.mjs'), join(ROOT, 'cli/simulate.ts'), ...args],
    {
      stdio: 'inherit',
      env: { ...process.env, TSX_TSCONFIG_PATH: join(ROOT, 'tsconfig.json') },
    },
  )
  return status ?? 1
}
