import { existsSync, mkdirSync, readFileSync, renameSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { ROOT } from './paths.mjs'

/** Caches of tools lie there, and the packages are found from there. */
const FOLDER = join(ROOT, 'node_modules', '.cache', 'yotrope')

/**
 * A command that needs the house, `cli/<name>.ts`, as one script: bundled anew when anything it is made of has changed, since
 * reading it from its hundreds of files takes most of a second each time.
 *
 * @returns the script's path
 */
export async function commandScript(name) {
  const script = join(FOLDER, `${name}.mjs`)
  if (isFresh(script)) return script
  const { build } = await import('esbuild')
  const { metafile, outputFiles } = await build({
    absWorkingDir: ROOT,
    entryPoints: [`cli/${name}.ts`],
    outfile: script,
    bundle: true,
    format: 'esm',
    platform: 'node',
    target: 'node20',
    banner: {
      js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url)",
    },
    logLevel: 'error',
    metafile: true,
    write: false,
  })
  mkdirSync(FOLDER, { recursive: true })
  const sources = [...Object.keys(metafile.inputs), 'package-lock.json']
  const states = Object.fromEntries(sources.map((source) => [source, stateOf(source)]))
  // each whole or not at all: commands may be begun at once; the list comes last
  writeWhole(script, outputFiles[0].contents)
  writeWhole(`${script}.json`, JSON.stringify(states))
  return script
}

function isFresh(script) {
  if (!existsSync(script) || !existsSync(`${script}.json`)) return false
  const states = JSON.parse(readFileSync(`${script}.json`, 'utf8'))
  return Object.entries(states).every(([source, state]) => stateOf(source) === state)
}

/** What a file of the project looks like from outside: when it was changed, and its size. */
function stateOf(source) {
  const stat = statSync(join(ROOT, source), { throwIfNoEntry: false })
  return stat ? `${stat.mtimeMs} ${stat.size}` : 'gone'
}

function writeWhole(path, content) {
  const fresh = `${path}.${process.pid}`
  writeFileSync(fresh, content)
  renameSync(fresh, path)
}
