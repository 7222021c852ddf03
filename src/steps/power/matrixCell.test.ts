import { expect, test } from '@jest/globals'
import { matrixCellProps, matrixWords } from './matrixCell'

const cell = { carries: true, holds: true, runtimeMin: 3000 }

test('how long in each outage, what falls short, what is not carried, what is yet to come or failed', () => {
  expect(matrixWords(cell)).toBe('50 h')
  expect(matrixWords({ ...cell, runtimeMin: Infinity })).toBe('past its end')
  expect(matrixWords({ ...cell, holds: false, runtimeMin: 120 })).toBe('short: 2 h')
  expect(matrixWords({ ...cell, holds: false, carries: false })).toBe('not carried')
  expect(matrixWords(undefined)).toBe('…')
  expect(matrixWords({ failure: 'too much' })).toBe('not computed')
})

test('only what was computed and is short is marked so; a failure says why', () => {
  expect(matrixCellProps({ ...cell, holds: false })['data-holds']).toBe(false)
  expect(matrixCellProps(undefined)['data-holds']).toBe(true)
  expect(matrixCellProps({ failure: 'too much' })).toMatchObject({ 'data-holds': true, title: 'too much' })
})
