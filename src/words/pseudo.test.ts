import { describe, expect, test } from '@jest/globals'
import compile from 'icu-minify/compile'
import format from 'icu-minify/format'
import { accented, toPseudo } from './pseudo'

const formatters = {
  getDateTimeFormat: () => new Intl.DateTimeFormat('en'),
  getNumberFormat: () => new Intl.NumberFormat('en'),
  getPluralRules: () => new Intl.PluralRules('en'),
}
const said = (message: string, values = {}) =>
  format(toPseudo(compile(message)), 'en', values, { formatters })

describe('the pseudo-language', () => {
  test('has accents on every letter and is about a third longer', () => {
    const text = 'The cheapest that holds the night'
    expect(accented(text)).not.toMatch(/[A-Za-z]/)
    expect(accented(text).length).toBeGreaterThan(text.length * 1.2)
    expect(accented(accented(text))).toBe(accented(text))
  })

  test('leaves values, choices and signs as they are', () => {
    expect(said('{name}: {n, plural, one {# load} other {# loads}}', { name: 'Sump pump', n: 2 })).toBe(
      `Sump pump: 2 ${accented('loads')}`,
    )
    expect(said('{is, select, yes {on} other {off}} {atW}', { is: 'yes', atW: '40 W' })).toBe(
      `${accented('on')} 40 W`,
    )
    expect(said('Press <kbd>Enter</kbd>', { kbd: (text: string[]) => `[${text.join('')}]` })).toBe(
      `${accented('Press')} [${accented('Enter')}]`,
    )
  })
})
