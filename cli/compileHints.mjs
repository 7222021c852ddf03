// Scripts a page begins with are compiled whole while they arrive, off the page's own thread, rather than function by function on it.
import { readFileSync, readdirSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'

/** A hint of V8; other engines pass over it. */
const HINT = '//# allFunctionsCalledOnLoad\n'

/** Puts the hint on top of every script that pages begin with. @param next the folder of the build */
export function hintFirstScripts(next) {
  const { rootMainFiles } = JSON.parse(readFileSync(join(next, 'build-manifest.json'), 'utf8'))
  const manifests = readdirSync(join(next, 'server/app'), { recursive: true, encoding: 'utf8' }).filter(
    (file) => file.endsWith('page_client-reference-manifest.js'),
  )
  const first = new Set(rootMainFiles)
  for (const manifest of manifests) {
    const text = readFileSync(join(next, 'server/app', manifest), 'utf8')
    const entries = /"entryJSFiles":\s*\{[\s\S]*?\]\s*\}/.exec(text)?.[0] ?? ''
    for (const [file] of entries.matchAll(/static\/chunks\/[^"\\]+\.js/g)) first.add(file)
  }
  for (const file of first) {
    const path = join(next, file)
    const script = readFileSync(path, 'utf8')
    if (!script.startsWith(HINT)) writeFileSync(path, HINT + script)
  }
  return first.size
}
