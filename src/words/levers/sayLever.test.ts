import { told } from '@/core/quantity/told'
import { expect, test } from '@jest/globals'
import { UNITS_OF } from '@/core/quantity/units'
import type { LeverAct, LeverNote } from '@/core/sizing/leverSaying'
import { sayLever } from './sayLever'

const window = { from: '23:00', to: '06:30' }
const named = [
  'leave off',
  'food outdoors',
  'draw water',
  'cook with gas',
  'direct current',
  'expansion',
  'row',
  'more panels',
] as const
const ACTS: LeverAct[] = [
  ...named.map((is) => ({ is, name: 'Pump' })),
  { is: 'off daily', name: 'Pump', window },
  { is: 'warmer', name: 'Freezer', byK: 2 },
  { is: 'cooler', name: 'Boiler', byK: 4 },
  { is: 'smaller inverter', watts: 300 },
  { is: 'generator hours', window },
  { is: 'fuel', litres: 10 },
  { is: 'into the sun', name: 'Kettle', at: ['12:00', '12:30'] },
]
const plain = [
  'asleep',
  'no calls',
  'house cools',
  'open a window',
  'check polarity',
  'fuel can',
  'past the battery',
] as const
const NOTES: (LeverNote | null)[] = [
  null,
  ...plain.map((is) => ({ is })),
  { is: 'cost', cost: told('off.pit'), catchesUp: true },
  { is: 'cost', cost: told('off.pit'), catchesUp: false },
  { is: 'tier', tier: 'optional' },
  { is: 'tier', tier: 'flexible' },
  { is: 'no warmer', celsius: -15, what: 'frozen' },
  { is: 'no warmer', celsius: 4, what: 'cold' },
  { is: 'outdoors below', celsius: -5 },
  { is: 'water a day', litres: 4 },
  { is: 'price', price: 780, weightKg: 22, isSameKind: false },
  { is: 'price', price: null, weightKg: null, isSameKind: true },
  { is: 'own draw', watts: 3, before: 20 },
  { is: 'beside the others', watts: 220 },
  { is: 'generator', litresADay: 1.3 },
]
const WHOLE = /undefined|NaN|\bnone\b|[{}[\]]|\s{2}|\.\.|\s[.,;:]|^\s|\s$/

test('every lever and every note is said whole, in either household’s units', () => {
  for (const units of [UNITS_OF.metric, UNITS_OF.us])
    for (const act of ACTS)
      for (const note of NOTES) {
        const said = sayLever({ id: 'x', act, note, change: { loadId: 'x' } }, { units, currency: 'USD' })
        expect(said.words).toMatch(/^[A-Z0-9]/)
        expect(said.words).not.toMatch(WHOLE)
        expect(said.aside).not.toMatch(WHOLE)
        expect(said.aside === '').toBe(note === null)
      }
})

test('hours, volumes and steps are those of the household', () => {
  const us = { units: UNITS_OF.us, currency: 'USD' }
  const words = (act: LeverAct) => sayLever({ id: 'x', act, note: null, change: { loadId: 'x' } }, us).words
  expect(words({ is: 'off daily', name: 'Pump', window })).toBe('Pump off 11:00 pm–6:30 am')
  expect(words({ is: 'warmer', name: 'Freezer', byK: 2 })).toBe('Freezer set 3.6 °F warmer')
  expect(words({ is: 'fuel', litres: 10 })).toMatch(/^2\.6 gal more fuel/)
})
