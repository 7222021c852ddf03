import { expect, test } from '@jest/globals'
import { piecesByFigure } from './piecesByFigure'

test.each([
  ['for 14 h 30 min, likely 12 to 20 h', ['14 h 30 min', '20 h']],
  ['With 90 % confidence', ['90 %']],
  ['268 Wh of 2.90 kWh a day', ['268 Wh', '2.90 kWh']],
  ['−11 °C, 2.2 h of every 24.', ['11 °C', '2.2 h']],
  ['12 hens, 3 Volts of 4, from Friday 18:00 at', []],
])('figures with their units in “%s”', (text, figures) => {
  const pieces = piecesByFigure(text)
  expect(pieces.filter((_, i) => i % 2 === 1)).toEqual(figures)
  expect(pieces.join('')).toBe(text)
})
