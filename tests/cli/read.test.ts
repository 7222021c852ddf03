import { describe, expect, test } from '@jest/globals'
import { spawnSync } from 'node:child_process'
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import type { Understood } from '@/words/reading/understoodRow'
import { isRight, lineRows } from '../support/lineRows'

const command = join(__dirname, '../../yotrope')

function read(input: string, ...args: string[]) {
  const { status, stdout, stderr } = spawnSync(command, ['read', ...args], { encoding: 'utf8', input })
  const rows = stdout
    .split('\n')
    .filter(Boolean)
    .map((line) => JSON.parse(line) as Understood)
  return { status, rows, stderr }
}

describe('./yotrope read', () => {
  test.each(['lines.tsv', 'moreLines.tsv'])('%s: every line is heard right', (name) => {
    const rows = lineRows(name)
    const { status, rows: found } = read(rows.map(({ as, text }) => `${as}\t${text}`).join('\n'))
    expect(status).toBe(0)
    expect(found).toHaveLength(rows.length)
    const wrong = rows.flatMap((row, i) => (isRight(row, found[i]) ? [] : [[row.text, found[i]]]))
    expect(wrong).toEqual([])
  })

  test('a line without a word before it is a load; the record has all its fields', () => {
    expect(read('two lamps 9 W 5h a day\r\n').rows).toEqual([
      {
        status: 'read',
        name: 'lamps',
        count: 2,
        kind: 'scheduled',
        runningW: 18,
        whDay: 90,
        startW: null,
        defrostW: null,
        medical: false,
        unread: [],
        question: null,
        message: expect.stringMatching(/18 W \(2 × 9 W\)/),
      },
    ])
  })

  test('the mains and the room count', () => {
    const at = (...args: string[]) => read('line\tkettle 5 A\nline\tfridge 412 kWh/year', ...args).rows
    expect(at('--mains', '230')[0].runningW).toBe(1150)
    expect(at()[0].runningW).toBe(600)
    expect(at('--room', '30')[1].whDay).toBeGreaterThan(at('--room', '15')[1].whDay! * 1.5)
  })

  test('what was not understood is listed beside the question', () => {
    expect(read('line\tfridge 150W blue').rows[0]).toMatchObject({
      status: 'ask',
      runningW: 150,
      unread: ['blue'],
      question: expect.stringMatching(/“blue” was not understood/),
    })
  })

  test.each([
    [['--mains', '110'], /--mains: “110” must be 120 or 230/],
    [['--room', 'warm'], /--room: “warm” must be a temperature/],
    [['--colour'], /Unknown option/],
  ])('%j is refused', (args, message) => {
    const { status, stderr } = read('fridge', ...args)
    expect(status).toBe(2)
    expect(stderr).toMatch(message)
  })

  test('a kind of row nobody knows is told, the others go on', () => {
    const { rows } = read('sign\tfridge\nline\tfridge')
    expect(rows.map(({ status }) => status)).toEqual(['refuse', 'read'])
  })
})

test('a command’s script is made anew when what it is made of has changed', () => {
  const script = join(__dirname, '../../node_modules/.cache/yotrope/read.mjs')
  writeFileSync(script, 'process.exit(9)')
  expect(read('fridge 120 W').status).toBe(9)
  writeFileSync(`${script}.json`, JSON.stringify({ 'cli/read.ts': 'another time' }))
  expect(read('fridge 120 W')).toMatchObject({ status: 0, rows: [{}] })
})
