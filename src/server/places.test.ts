import { describe, expect, test } from '@jest/globals'
import { searchPlaces } from './places'

describe('towns by name', () => {
  test.each([
    ['reykjav', /^Reykjav.*Iceland$/],
    ['Tromso', /^Troms.*Norway$/],
    ['portland maine', /^Portland, Maine/],
    ['denvr', /^Denver, Colorado/],
  ])('%s', (typed, name) => expect(searchPlaces(typed)[0].name).toMatch(name))

  test('with where it is and which clock it has', () => {
    expect(searchPlaces('Denver')[0]).toMatchObject({
      country: 'US',
      timeZone: 'America/Denver',
      latitudeDeg: expect.closeTo(39.74, 1),
      longitudeDeg: expect.closeTo(-104.98, 1),
    })
  })

  test('a few at most, and none for what is no town', () => {
    expect(searchPlaces('san').length).toBe(8)
    expect(searchPlaces('qqxxyy')).toEqual([])
    expect(searchPlaces('')).toEqual([])
  })
})
