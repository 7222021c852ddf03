// Scripts a page begins with, and large ones, are compiled whole while they arrive, off the page's own thread, rather than function
// by function on it.
import { readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'

/** A hint of V8; other engines pass over it. */
const HINT = '//# allFunctionsCalledOnLoad\n'
/** Bytes from which a script that comes later is worth it too, such as that of charts. */
const LARGE = 60_000

/** Puts the hint on top of every script that pages begin with, and of large ones. @param next the folder of the build */
export function hintScripts(next) {
  const { rootMainFiles } = JSON.parse(readFileSync(join(next, 'build-manifest.json'), 'utf8'))
  const manifests = readdirSync(join(next, 'server/app'), { recursive: true, encoding: 'utf8' }).filter(
    (file) => file.endsWith('page_client-reference-manifest.js'),
  )
  const hinted = new Set(rootMainFiles)
  for (const manifest of manifests) {
    const text = readFileSync(join(next, 'server/app', manifest), 'utf8')
    const entries = /"entryJSFiles":\s*\{[\s\S]*?\]\s*\}/.exec(text)?.[0] ?? ''
    for (const [file] of entries.matchAll(/static\/chunks\/[^"\\]+\.js/g)) hinted.add(file)
  }
  const chunks = 'static/chunks'
  for (const file of readdirSync(join(next, chunks)))
    if (file.endsWith('.js') && statSync(join(next, chunks, file)).size >= LARGE)
      hinted.add(`${chunks}/${file}`)
  for (const file of hinted) {
    const path = join(next, file)
    const script = readFileSync(path, 'utf8')
    if (!script.startsWith(HINT)) writeFileSync(path, HINT + script)
  }
  return hinted.size
}
