import { spawnSync } from 'node:child_process'
import { join } from 'node:path'
import { ensureModules } from './build.mjs'
import { ROOT } from './paths.mjs'

/** `./yotrope run plan.json entries.csv`: no database and no browser; the work is done in runReadings.ts. */
export async function runReadings(args) {
  await ensureModules()
  const { status } = spawnSync(
    process.execPath,
    ['--import', join(ROOT, 'node_modules/tsx/dist/loader.mjs'), join(ROOT, 'cli/runReadings.ts'), ...args],
    { stdio: 'inherit', env: { ...process.env, TSX_TSCONFIG_PATH: join(ROOT, 'tsconfig.json') } },
  )
  return status ?? 1
}
