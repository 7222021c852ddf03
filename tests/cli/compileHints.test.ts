import { describe, expect, test } from '@jest/globals'
import { spawnSync } from 'node:child_process'
import { mkdirSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

/** Runs it as the build does. @returns how many scripts got the hint */
function hintScripts(next: string): number {
  const script = join(__dirname, '../../cli/compileHints.mjs')
  const code = `import { hintScripts } from ${JSON.stringify(script)}; console.log(hintScripts(${JSON.stringify(next)}))`
  return Number(spawnSync(process.execPath, ['--input-type=module', '-e', code], { encoding: 'utf8' }).stdout)
}

/** A build of one page with a script of its own, and one that comes when it is asked for. */
function madeBuild(): string {
  const next = mkdtempSync(join(tmpdir(), 'build-'))
  mkdirSync(join(next, 'static/chunks'), { recursive: true })
  mkdirSync(join(next, 'server/app/page'), { recursive: true })
  for (const name of ['frame', 'page', 'later'])
    writeFileSync(join(next, `static/chunks/${name}.js`), `${name}()`)
  writeFileSync(join(next, 'static/chunks/large.js'), `large();${' '.repeat(60_000)}`)
  writeFileSync(
    join(next, 'build-manifest.json'),
    JSON.stringify({ rootMainFiles: ['static/chunks/frame.js'] }),
  )
  writeFileSync(
    join(next, 'server/app/page/page_client-reference-manifest.js'),
    `x = {"clientModules":{"a":{"chunks":["static/chunks/later.js"]}},"entryJSFiles":{"[project]/page":["static/chunks/page.js"]}}`,
  )
  return next
}

describe('scripts that are compiled while they arrive', () => {
  test('those of the frame, those a page begins with, and large ones; no others', () => {
    const next = madeBuild()
    expect(hintScripts(next)).toBe(3)
    const script = (name: string) => readFileSync(join(next, `static/chunks/${name}.js`), 'utf8')
    expect(script('frame')).toBe('//# allFunctionsCalledOnLoad\nframe()')
    expect(script('page')).toBe('//# allFunctionsCalledOnLoad\npage()')
    expect(script('large')).toMatch(/^\/\/# allFunctionsCalledOnLoad\nlarge/)
    expect(script('later')).toBe('later()')
  })

  test('once, however often it is done', () => {
    const next = madeBuild()
    hintScripts(next)
    hintScripts(next)
    expect(readFileSync(join(next, 'static/chunks/page.js'), 'utf8')).toBe(
      '//# allFunctionsCalledOnLoad\npage()',
    )
  })
})
