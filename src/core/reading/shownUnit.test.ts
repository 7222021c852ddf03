import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { inWords } from '../../../tests/support/saidTold'
import { UNITS_OF } from '../quantity/units'
import { parseMeasure } from './measure'
import type { MeasureKind } from './measureRules'
import { shownUnitOf } from './shownUnit'

const read = (text: string, kind: MeasureKind, units = UNITS_OF.us) =>
  inWords(parseMeasure(text, kind, { shownIn: shownUnitOf(kind, units) }))

describe('in the household’s units', () => {
  test.each([
    ['70', 'temperature', 21.11, '70 °F'],
    ['-4', 'temperature', -20, '−4 °F'],
    ['53', 'weight', 24.04, '53 lb'],
    ['5', 'fuel', 18.93, '5 gal'],
    ['7', 'flow', 26.5, '7 gal/min'],
    ['130', 'inflow', 492.1, '130 gal/h'],
  ] as const)('%s of a %s', (text, kind, kept, understood) => {
    const found = read(text, kind)
    expect(found).toMatchObject({ ok: true, understood })
    expect(found.ok && found.value).toBeCloseTo(kept, 1)
  })

  test('another unit is taken, and told in the household’s', () => {
    expect(read('21 °C', 'temperature')).toEqual({ ok: true, value: 21, understood: '69.8 °F' })
    expect(read('70 F', 'temperature', UNITS_OF.metric)).toMatchObject({ ok: true, understood: '21.111 °C' })
    expect(read('24 kg', 'weight')).toMatchObject({ ok: true, value: 24 })
  })

  test('what cannot be is told in them', () => {
    expect(read('150', 'temperature')).toMatchObject({
      ok: false,
      message: expect.stringContaining('150 °F is more than this can be (140 °F at most)'),
    })
  })

  test('what is shown and what is written are each other’s way back', () => {
    const kinds = ['temperature', 'weight', 'volume', 'fuel', 'flow', 'inflow'] as const
    fc.assert(
      fc.property(
        fc.constantFrom(...kinds),
        fc.double({ min: -50, max: 500, noNaN: true }),
        (kind, value) => {
          const shown = shownUnitOf(kind, UNITS_OF.us)!
          expect(shown.toKept(shown.ofKept(value))).toBeCloseTo(value, 9)
        },
      ),
    )
    for (const kind of kinds) expect(shownUnitOf(kind, UNITS_OF.metric)).toBeNull()
  })
})
