import { expect, test } from '@jest/globals'
import {
  formatDuration,
  formatEnergy,
  formatExactDuration,
  formatHours,
  formatNumber,
  formatPercent,
  formatWatts,
} from './format'

test('watts', () => {
  expect([formatWatts(1480.4), formatWatts(3.83), formatWatts(4)]).toEqual(['1,480 W', '3.8 W', '4 W'])
})

test('energy changes its unit where the figures would get long', () => {
  expect([2.44, 84, 999, 2048, 11_300].map(formatEnergy)).toEqual([
    '2.4 Wh',
    '84 Wh',
    '999 Wh',
    '2.05 kWh',
    '11.3 kWh',
  ])
})

test('a forecast is no finer than it deserves', () => {
  expect([47, 93, 1183, 1200].map(formatDuration)).toEqual(['47 min', '1 h 35 min', '19 h 40 min', '20 h'])
  expect(formatExactDuration(93)).toBe('1 h 33 min')
})

test('ends of a band in hours', () => {
  expect([420, 460, 1000].map(formatHours)).toEqual(['7 h', '7.5 h', '17 h'])
  expect(formatPercent(0.855)).toBe('86 %')
})

test('one minus sign, and none before a zero; thousands apart, zeros at the end left out', () => {
  expect([-16, -0.04, -1234.5, 0, 1e6].map((value) => formatNumber(value, 1))).toEqual([
    '−16',
    '0',
    '−1,234.5',
    '0',
    '1,000,000',
  ])
  expect([100, 0.5, 2.504].map((value) => formatNumber(value))).toEqual(['100', '0.5', '2.5'])
  expect(formatNumber(Infinity)).toBe('∞')
})
