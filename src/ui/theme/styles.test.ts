import { describe, expect, test } from '@jest/globals'
import { readFileSync, readdirSync } from 'node:fs'
import { basename, dirname, join } from 'node:path'

const SRC = join(__dirname, '../..')
const files = readdirSync(SRC, { recursive: true, encoding: 'utf8' }).map((file) => join(SRC, file))
const text = (file: string) => readFileSync(file, 'utf8')
const pages = files
  .filter((file) => /(?<!\.test)\.tsx?$/.test(file))
  .map((file) => ({ file, code: text(file) }))

/** The classes that a sheet has rules for. */
function classesOf(sheet: string): Set<string> {
  const selectors = text(sheet)
    .replace(/\/\*[^]*?\*\//g, '')
    .replace(/:global\([^)]*\)/g, '')
    .replace(/\{[^{}]*\}/g, '{}')
  return new Set([...selectors.matchAll(/\.([a-zA-Z][\w-]*)/g)].map(([, name]) => name))
}

/** The sheets a page takes styles from, by the name it has for each. */
function sheetsOf({ file, code }: { file: string; code: string }) {
  return [...code.matchAll(/import (\w+) from '([^']+\.module\.css)'/g)].map(([, name, from]) => ({
    name,
    sheet: from.startsWith('@/') ? join(SRC, from.slice(2)) : join(dirname(file), from),
  }))
}

/** What stands in each `className={…}` of a page. */
function reckonedIn(code: string): string[] {
  return [...code.matchAll(/className=\{/g)].map(({ index }) => {
    const from = index + 'className={'.length
    let until = from
    for (let open = 1; open > 0; until++) open += code[until] === '{' ? 1 : code[until] === '}' ? -1 : 0
    return code.slice(from, until - 1)
  })
}

/** The words a page puts into classes without a sheet of its own. */
const wordsIn = (code: string): string[] =>
  [
    ...[...code.matchAll(/className="([^"]*)"/g)].map(([, words]) => words),
    ...reckonedIn(code).flatMap((reckoned) => [
      ...[...reckoned.matchAll(/'([^']*)'/g)].map(([, words]) => words),
      ...[...reckoned.matchAll(/`([^`]*)`/g)].map(([, words]) => words.replace(/\$\{[^}]*\}/g, ' ')),
    ]),
  ].flatMap((words) => words.split(' '))

const everything = pages.map(({ code }) => code).join('\n')
const isWritten = (one: string) => new RegExp(`['"\`\\s]${one}['"\`\\s]`).test(everything)

describe('a page’s own styles', () => {
  const sheets = files.filter((file) => file.endsWith('.module.css'))
  const named = new Map(sheets.map((sheet) => [sheet, new Set<string>()]))
  /** those of which a class is picked by a value */
  const picked = new Set<string>()
  const missing: string[] = []
  for (const { file, code } of pages)
    for (const { name, sheet } of sheetsOf({ file, code })) {
      const known = classesOf(sheet)
      if (code.includes(`${name}[`)) picked.add(sheet)
      for (const [, one] of code.matchAll(new RegExp(`\\b${name}\\.(?!module\\.css)(\\w+)`, 'g'))) {
        named.get(sheet)!.add(one)
        if (!known.has(one)) missing.push(`${basename(file)}: ${one}`)
      }
    }

  test('a class a page names is there', () => expect(missing).toEqual([]))

  test('a class that is there is named by a page', () => {
    const idle = sheets.flatMap((sheet) =>
      [...classesOf(sheet)]
        .filter((one) => !named.get(sheet)!.has(one) && !(picked.has(sheet) && isWritten(one)))
        .map((one) => `${basename(sheet)}: ${one}`),
    )
    expect(idle).toEqual([])
  })
})

describe('the styles of all pages', () => {
  const shared = new Set(
    ['tokens.css', 'shared.css'].flatMap((sheet) => [...classesOf(join(__dirname, sheet))]),
  )
  const written = new Set(pages.flatMap(({ code }) => wordsIn(code)))

  test('a class without a sheet of its own is one of theirs', () => {
    expect([...written].filter((one) => one && !shared.has(one))).toEqual([])
  })

  test('each of theirs is used', () => {
    const own = [...shared].filter((one) => !one.startsWith('Mui'))
    expect(own.filter((one) => !isWritten(one))).toEqual([])
  })
})
