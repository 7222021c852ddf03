import { describe, expect, test } from '@jest/globals'
import { readFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import { parse, TYPE, type MessageFormatElement } from '@formatjs/icu-messageformat-parser'
import ts from 'typescript'
import { FACTS } from '../../tests/support/saidTold'
import cliMessages from './en/cli.json'

const SRC = join(__dirname, '..')

const filesUnder = (folder: string): string[] =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.tsx?$/.test(file) && !/\.test\./.test(file))
    .map((file) => join(folder, file))

/** Names of the values of a message, and of its tags unless whoever says it marks them all. */
function namesIn(elements: readonly MessageFormatElement[], marked = false): string[] {
  return elements.flatMap((element) => {
    switch (element.type) {
      case TYPE.argument:
      case TYPE.number:
      case TYPE.date:
      case TYPE.time:
        return [element.value]
      case TYPE.select:
      case TYPE.plural:
        return [
          element.value,
          ...Object.values(element.options).flatMap(({ value }) => namesIn(value, marked)),
        ]
      case TYPE.tag:
        return [...(marked ? [] : [element.value]), ...namesIn(element.children, marked)]
      default:
        return []
    }
  })
}

interface Call {
  key: string
  /** its tags are marked by whoever says it */
  marked?: boolean
  /** names of the values given; null where they are not written out at the call */
  given: string[] | null
}

/** What makes words to be said of messages. */
const MAKERS = ['wordsOf', 'sayFrom', 'sayMarkedFrom']

/** Every call of the words of a file by a key written out. */
function callsIn(file: string): { messages: string; from: string; calls: Call[] }[] {
  const text = readFileSync(file, 'utf8')
  if (!MAKERS.some((maker) => text.includes(`${maker}(`))) return []
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true)
  const imported = new Map<string, { name: string; from: string }>()
  const said = new Map<string, { messages: string; from: string; marked: boolean; calls: Call[] }>()
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) && ts.isStringLiteral(node.moduleSpecifier))
      for (const one of (node.importClause?.namedBindings as ts.NamedImports | undefined)?.elements ?? [])
        imported.set(one.name.text, {
          name: (one.propertyName ?? one.name).text,
          from: node.moduleSpecifier.text,
        })
    if (
      ts.isVariableDeclaration(node) &&
      node.initializer &&
      ts.isCallExpression(node.initializer) &&
      MAKERS.includes(node.initializer.expression.getText())
    ) {
      const found = imported.get(node.initializer.arguments[0].getText())
      // whoever makes words of what was handed over says none by name
      if (!found) return
      const { name, from } = found
      const marked = node.initializer.expression.getText() === 'sayMarkedFrom'
      said.set(node.name.getText(), { messages: name, from, marked, calls: [] })
    }
    if (ts.isCallExpression(node)) {
      const isRich = node.expression.getText() === 'rich'
      const by = isRich ? node.arguments[0]?.getText() : node.expression.getText()
      const [key, values] = node.arguments.slice(isRich ? 1 : 0)
      const words = by === undefined ? undefined : said.get(by)
      if (words && key && ts.isStringLiteral(key)) {
        words.calls.push({ key: key.text, marked: words.marked, given: namesGiven(values) })
      }
    }
    ts.forEachChild(node, visit)
  }
  visit(source)
  return [...said.values()]
}

/** Names of the values written out in a call; null where they are not, none where there are none. */
const namesGiven = (values: ts.Expression | undefined): string[] | null =>
  values === undefined || ts.isObjectLiteralExpression(values)
    ? (values?.properties ?? []).map((one) => one.name?.getText() ?? '…')
    : null

/** Every fact a file of the core tells by a name written out. */
function factsIn(file: string): Call[] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true)
  const found: Call[] = []
  const visit = (node: ts.Node): void => {
    if (ts.isCallExpression(node) && node.expression.getText() === 'told') {
      const [what, values] = node.arguments
      if (what && ts.isStringLiteral(what)) found.push({ key: what.text, given: namesGiven(values) })
    }
    ts.forEachChild(node, visit)
  }
  visit(source)
  return found
}

/** The message of a key, nested ones behind a point. */
const messageOf = (messages: object, key: string): unknown =>
  key.split('.').reduce<unknown>((at, part) => (at as Record<string, unknown> | undefined)?.[part], messages)

const moduleOf = (file: string, from: string): string =>
  `${from.startsWith('@/') ? join(SRC, from.slice(2)) : join(file, '..', from)}.ts`

/** Every call of the words of a command, which runs before anything is installed: by `wordsOf('group')`. */
function cliCallsIn(file: string): { group: string; call: Call }[] {
  const text = readFileSync(file, 'utf8')
  const groups = new Map<string, string>()
  for (const [, name, group] of text.matchAll(/const (\w+) = wordsOf\('(\w+)'\)/g)) groups.set(name, group)
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true)
  const found: { group: string; call: Call }[] = []
  const visit = (node: ts.Node): void => {
    if (ts.isCallExpression(node)) {
      const group = groups.get(node.expression.getText())
      const [key, values] = node.arguments
      if (group && key && ts.isStringLiteral(key))
        found.push({ group, call: { key: key.text, given: namesGiven(values) } })
    }
    ts.forEachChild(node, visit)
  }
  visit(source)
  return found
}

describe('messages', () => {
  const every = [...filesUnder(SRC), ...filesUnder(join(SRC, '../cli'))].flatMap((file) =>
    callsIn(file).flatMap(({ messages, from, calls }) =>
      calls.map((call) => ({ ...call, messages, module: moduleOf(file, from), file })),
    ),
  )

  test('every call names a message and gives each of its values', async () => {
    const faults: string[] = []
    expect(every.length).toBeGreaterThan(1500)
    for (const { key, marked, given, messages, module, file } of every) {
      const all = (await import(module)) as Record<string, object>
      const message = messageOf(all[messages], key)
      if (typeof message !== 'string') faults.push(`${file}: no message ${messages}.${key}`)
      else if (given && !given.includes('…')) {
        const missing = namesIn(parse(message), marked).filter((name) => !given.includes(name))
        if (missing.length) faults.push(`${file}: ${messages}.${key} misses ${missing.join(', ')}`)
      }
    }
    expect(faults).toEqual([])
  })

  test('every message is one', async () => {
    const faults: string[] = []
    const check = (messages: unknown, at: string) => {
      if (typeof messages === 'string')
        try {
          parse(messages)
        } catch (error) {
          faults.push(`${at}: ${String(error)}`)
        }
      else for (const [key, value] of Object.entries(messages as object)) check(value, `${at}.${key}`)
    }
    for (const file of filesUnder(join(SRC, 'words/en'))) check(await import(file), file)
    expect(faults).toEqual([])
  })

  test('a command says messages that are there, gives each value, and leaves none idle', () => {
    const calls = readdirSync(join(SRC, '../cli'))
      .filter((file) => file.endsWith('.mjs'))
      .flatMap((file) => cliCallsIn(join(SRC, '../cli', file)))
    expect(calls.length).toBeGreaterThan(60)
    const faults: string[] = []
    for (const { group, call } of calls) {
      const message = messageOf(cliMessages, `${group}.${call.key}`)
      if (typeof message !== 'string') faults.push(`no message ${group}.${call.key}`)
      else {
        const missing = namesIn(parse(message)).filter((name) => !call.given?.includes(name))
        if (missing.length) faults.push(`${group}.${call.key} misses ${missing.join(', ')}`)
      }
    }
    // which of these is said is chosen as it runs
    const chosen = ['instance.ended', 'instance.failed', 'instance.again']
    const said = new Set([...calls.map(({ group, call }) => `${group}.${call.key}`), ...chosen])
    for (const [group, messages] of Object.entries(cliMessages))
      for (const [key, message] of Object.entries(messages)) {
        if (!said.has(`${group}.${key}`)) faults.push(`${group}.${key} is idle`)
        // nothing is there yet that could choose a plural or a form
        if (parse(message).some(({ type }) => type !== TYPE.literal && type !== TYPE.argument))
          faults.push(`${group}.${key} is more than text and values`)
      }
    expect(faults).toEqual([])
  })

  test('every message of the pages is used', async () => {
    const unused: string[] = []
    for (const file of filesUnder(join(SRC, 'words/en/pages'))) {
      const all = (await import(file)) as Record<string, Record<string, unknown>>
      for (const [name, messages] of Object.entries(all)) {
        const used = every.filter((call) => call.messages === name && call.module === file)
        // those of a nested group are chosen by what is said
        for (const key of Object.keys(messages).filter((one) => typeof messages[one] === 'string'))
          if (!used.some((call) => call.key === key)) unused.push(`${name}.${key}`)
      }
    }
    expect(unused).toEqual([])
  })

  test('every fact of the core has its message, and what it is said with', async () => {
    const facts = [...filesUnder(join(SRC, 'core')), ...filesUnder(join(SRC, 'catalog'))].flatMap(factsIn)
    expect(facts.length).toBeGreaterThan(250)
    const faults = facts.flatMap(({ key, given }) => {
      const message = messageOf(FACTS, key)
      if (typeof message !== 'string') return [`no message ${key}`]
      if (given?.includes('…')) return []
      // a value's name with N behind it is its number
      const known = given?.flatMap((name) => [name, `${name}N`])
      const missing = known ? namesIn(parse(message)).filter((name) => !known.includes(name)) : []
      return missing.length ? [`${key} misses ${missing.join(', ')}`] : []
    })
    expect(faults).toEqual([])
  })
})
