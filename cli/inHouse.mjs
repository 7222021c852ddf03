import { spawnSync } from 'node:child_process'
import { join } from 'node:path'
import { ensureModules } from './build.mjs'
import { ROOT } from './paths.mjs'

/** Runs a command that needs the house, with no database and no browser: `cli/<name>.ts` through tsx. @returns its exit code */
export async function inHouse(name, args) {
  await ensureModules()
  const { status } = spawnSync(
    process.execPath,
    ['--import', join(ROOT, 'node_modules/tsx/dist/loader.mjs'), join(ROOT, `cli/${name}.ts`), ...args],
    { stdio: 'inherit', env: { ...process.env, TSX_TSCONFIG_PATH: join(ROOT, 'tsconfig.json') } },
  )
  return status ?? 1
}
