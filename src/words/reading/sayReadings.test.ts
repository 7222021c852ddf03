import { describe, expect, test } from '@jest/globals'
import { findThing, isKnownWord } from '@/catalog/appliances/findThing'
import { readLabel } from '@/core/load/label'
import { readLoadLine } from '@/core/load/loadLine'
import { PLATE_KINDS } from '@/core/plan/limits'
import { SHAPES } from '@/core/plan/shape'
import { UNITS_OF } from '@/core/quantity/units'
import { told } from '@/core/quantity/told'
import { parseMeasure } from '@/core/reading/measure'
import { type MeasureKind, RULES } from '@/core/reading/measureRules'
import { lineRows } from '../../../tests/support/lineRows'
import { readLine } from '@/ui/household/lineReader'
import { sayDocument } from './sayDocument'
import { sayField } from './sayField'
import { sayLine, sayQuestion } from './sayLine'
import { understoodLine } from './understoodLine'

const WHOLE = /^[^{}[\]]+$/
const HALF_SAID = /undefined|NaN|\bnone\b|\s{2}|\s[.,;:](?!\d)|^\s|\s$|\bnull\b/
const { metric, us } = UNITS_OF

function expectWhole(text: string) {
  expect(text).toMatch(WHOLE)
  expect(text).not.toMatch(HALF_SAID)
}

describe('what is wrong with what was typed into a field is said whole', () => {
  const kinds = Object.keys(RULES) as MeasureKind[]

  test.each(kinds)('%s', (kind) => {
    const texts = ['', 'x'.repeat(80), 'some', '7 parsecs', '-1e3', '-1', '99999999', '1.234', '0.5', '1']
    for (const text of [...texts, ...Object.keys(RULES[kind].confusions).map((unit) => `5 ${unit}`)]) {
      const parsed = parseMeasure(text, kind, { isWhole: true, volts: 120 })
      expectWhole(sayField(parsed.ok ? parsed.understood : parsed.message, metric))
    }
  })

  test('what is confused and what would be right', () => {
    const wrong = (text: string, kind: MeasureKind) => {
      const parsed = parseMeasure(text, kind)
      return parsed.ok ? null : sayField(parsed.message, us)
    }
    expect(wrong('2 kWh', 'power')).toBe('“2 kWh”: that is energy; running watts are wanted here.')
    expect(wrong('6.5 A', 'power')).toMatch(/amps need a voltage\. Write watts, such as 150/)
    expect(wrong('5 parsecs', 'length')).toMatch(/not a unit for this\. Write a length, such as 7\.5 m/)
  })
})

describe('what is asked about lines and labels, and what was understood', () => {
  const rows = [...lineRows('lines.tsv'), ...lineRows('moreLines.tsv')]

  test('is said whole of every line people type', () => {
    expect(rows.length).toBeGreaterThan(100)
    for (const { text, as } of rows) {
      if (as.startsWith('plate:')) {
        const kind = PLATE_KINDS.find((one) => as === `plate:${one}`)!
        const reading = readLabel(text, kind, 120)
        if (reading.kind === 'refused') expectWhole(sayLine(reading.message, metric))
        if (reading.kind === 'question') expectWhole(sayQuestion(reading.question, metric).message)
        continue
      }
      const reading = readLoadLine(text, { mainsVolts: 120, roomC: 20, find: findThing, isKnownWord })
      if (reading.status === 'refuse') expectWhole(sayLine(reading.message, metric))
      if (reading.status === 'read') expectWhole(understoodLine(reading.load, 20, us))
      if (reading.status !== 'ask') continue
      const { message, meant } = sayQuestion(reading.question, metric)
      for (const words of [message, ...meant.map((one) => one.words)]) expectWhole(words)
    }
  })

  test('the household’s clock is that of what was understood', () => {
    const said = (units: typeof us) => {
      const reading = readLine('lamp 9.5W 18:00-24:00 mon', 120, 20, units)
      return reading.status === 'read' ? reading.understood : reading
    }
    expect(said(metric)).toMatch(/^9\.5 W, by the clock 18:00 to 24:00 Mon, /)
    expect(said(us)).toMatch(/by the clock 6:00 pm to midnight Mon/)
  })
})

test('what a part of a document must be has its words, and they begin behind its place', () => {
  for (const shape of SHAPES) {
    const text = sayDocument(told(`document.shape.${shape}`))
    expect(text).toMatch(/^(must|is|names) /)
    expectWhole(text)
  }
})
