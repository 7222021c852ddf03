import { describe, expect, test } from '@jest/globals'
import { BANK_FITTINGS } from '@/catalog/bankFittings'
import { bankOf } from '@/catalog/equipment'
import { readLabel } from '@/core/load/label'
import type { PlateKind } from '@/core/plan/limits'
import { told } from '@/core/quantity/told'
import { UNITS_OF } from '@/core/quantity/units'
import { fittingsOf } from '@/core/sizing/search/bankFittings'
import { said } from '../../tests/support/saidTold'
import { sayTold } from './sayTold'

const WHOLE = /undefined|NaN|\bnone\b|[{}[\]]|\s{2}|\s[.,;:]|^\s|\s$/

describe('facts of the core', () => {
  test('are said in the household’s units, those within them too', () => {
    const frost = told('frost', { source: 'The bank', coldestC: -10 })
    expect(said(told('search.unfilled', { cause: frost }))).toMatch(/: Frost: The bank.*gets −10 °C where/)
    expect(sayTold(frost, { units: UNITS_OF.us, startsAt: '' })).toMatch(/gets 14 °F where/)
  })

  test('a value that is missing is never said half', () => {
    expect(() => said(told('frost', { source: 'The bank' }))).toThrow(/coldestC/)
    expect(() => said(told('thaw'))).toThrow(/no message/)
  })

  test.each<[string, PlateKind]>([
    ['120 V 6.5 A', 'motor'],
    ['115/230V 9.8/4.9A', 'motor'],
    ['355 W 120 V 3 A', 'cold box'],
    ['100 W - 150 W', 'heat'],
    ['1/3 hp', 'motor'],
    ['1/2 hp code K', 'motor'],
    ['FLA 3.2 LRA 18 120V', 'motor'],
    ['0,55 kW 230V 3,9A cosφ 0,8', 'motor'],
    ['output 19 V 3.4 A input 100-240V 1.5A', 'electronics'],
    ['412 kWh/year', 'cold box'],
    ['1 kWh/cycle', 'motor'],
    ['3 x 60 W', 'heat'],
  ])('every step from the label “%s” is said whole', (text, kind) => {
    const reading = readLabel(text, kind, 120)
    if (reading.kind !== 'read') throw new Error(JSON.stringify(reading))
    expect(reading.result.steps.length).toBeGreaterThan(0)
    for (const { step } of reading.result.steps) {
      expect(said(step)).toMatch(/^[A-Z]/)
      expect(said(step)).not.toMatch(WHOLE)
    }
  })

  test('everything a bank wants beside its batteries is said whole', () => {
    const source = bankOf('lfp-12-100', 2, 2, 'inverter-1500-24', 'main')
    const { fittings } = fittingsOf(source, { ...BANK_FITTINGS, units: UNITS_OF.us, own: undefined }, true)
    expect(fittings.length).toBeGreaterThan(5)
    for (const { what } of fittings) expect(said(what)).not.toMatch(WHOLE)
  })

  test('which part of a source is too weak is said where it is one', () => {
    const carries = (part: string | null) =>
      said(told('search.carries', { limit: 1800, needed: 1900, unit: 'W', part }))
    expect(carries('legA')).toBe('carries 1,800 W, leg A, 1,900 W run together')
    expect(carries(null)).toBe('carries 1,800 W, 1,900 W run together')
  })
})
