import { expect, test } from '@jest/globals'
import { existsSync, readFileSync, readdirSync, statSync } from 'node:fs'
import { dirname, join, relative } from 'node:path'

const SRC = join(__dirname, '..')
const IMPORT = /(?:^|\n)(?:import|export)\s+(?!type\b)([^'"]*?)from '([^']+)'|import\('([^']+)'\)/g

/** The file an import names; null for a package. */
function fileOf(name: string, from: string): string | null {
  if (!/^(@\/|\.)/.test(name)) return null
  const base = name.startsWith('@/') ? join(SRC, name.slice(2)) : join(dirname(from), name)
  return (
    ['', '.ts', '.tsx', '/index.ts']
      .map((end) => base + end)
      .find((path) => existsSync(path) && statSync(path).isFile()) ?? null
  )
}

/**
 * Fetched only where something from outside is to be read: a draft that was left, a file that is opened; and dialogs whose forms are
 * checked by it.
 */
const ON_DEMAND = ['@/core/plan/householdFile', '@/core/run/archive', './ReadingDialog', './EventDialog']

/** The dialogs themselves and their forms. */
const CHECKED_FORMS = /steps\/run\/(ReadingDialog\.tsx|EventDialog\.tsx|runForms\.ts)$/

/** What a file takes in when it runs: types are gone by then. */
function valuesIn(file: string): string[] {
  return [...readFileSync(file, 'utf8').matchAll(IMPORT)].flatMap(([, names, from, lazy]) => {
    const onlyTypes =
      names !== undefined &&
      /^\{[^}]*\}\s*$/.test(names) &&
      names
        .replace(/[{}]/g, '')
        .split(',')
        .filter((name) => name.trim())
        .every((name) => name.trim().startsWith('type '))
    return onlyTypes || ON_DEMAND.includes(lazy) ? [] : [from ?? lazy]
  })
}

/** Everything pages and workers run, and by which way it came in. */
function reached(): { name: string; way: string }[] {
  const found: { name: string; way: string }[] = []
  const seen = new Set<string>()
  const walk = (file: string, way: string[]): void => {
    if (seen.has(file)) return
    seen.add(file)
    for (const name of valuesIn(file)) {
      const next = fileOf(name, file)
      if (next) walk(next, [...way, relative(SRC, next)])
      else found.push({ name, way: way.join(' → ') })
    }
  }
  const files = (folder: string): string[] =>
    readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
      entry.isDirectory() ? files(join(folder, entry.name)) : [join(folder, entry.name)],
    )
  for (const room of ['steps', 'ui', 'worker'])
    for (const file of files(join(SRC, room)))
      if (/\.tsx?$/.test(file) && !/\.test\.tsx?$/.test(file) && !CHECKED_FORMS.test(file))
        walk(file, [relative(SRC, file)])
  return found
}

test('what the browser runs does not take the document’s checker with it', () => {
  const all = reached()
  expect(all.some(({ name }) => name === 'react')).toBe(true)
  expect(all.filter(({ name }) => name === 'zod').map(({ way }) => way)).toEqual([])
})
