import { pathToFileURL } from 'node:url'
import { ensureModules } from './build.mjs'
import { commandScript } from './commandScript.mjs'

/** Runs a command that needs the house, with no database and no browser: `cli/<name>.ts`, here. @returns its exit code */
export async function inHouse(name, args) {
  await ensureModules()
  const script = await commandScript(name)
  process.argv = [process.execPath, script, ...args]
  await import(pathToFileURL(script).href)
  return process.exitCode
}
