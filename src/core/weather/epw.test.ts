import { describe, expect, test } from '@jest/globals'
import { saidError } from '../../../tests/support/saidTold'
import { epwOf } from '../../../tests/support/epwFile'
import { readEpw, skyFromEpw } from './epw'

describe('a weather file', () => {
  test('is read: place, hours, the stated columns', () => {
    const file = readEpw(epwOf())
    expect(file.place).toEqual({
      name: 'Little Stavering',
      latitudeDeg: 44.5,
      longitudeDeg: -71.6,
      utcOffsetH: -5,
    })
    expect(file.hours).toHaveLength(8760)
    expect(file.hours[12]).toMatchObject({ month: 1, day: 1, hour: 13, temperatureC: -5, globalW: 300 })
    expect(file.filled).toBe(0)
  })

  test('as spreadsheets save it: a byte order mark, lone carriage returns, quoted cells with commas', () => {
    const plain = epwOf()
    const quoted = plain.replace(/^LOCATION,([^,]*),/, 'LOCATION,"$1, ""upper"" valley",')
    const file = readEpw(`\uFEFF${quoted.replace(/\r?\n/g, '\r')}`)
    expect(file.place).toMatchObject({ name: 'Little Stavering, "upper" valley', latitudeDeg: 44.5 })
    expect(file.hours).toEqual(readEpw(plain).hours)
  })

  test('of a leap year has 8,784 hours and its 29 February is used', () => {
    const leap = readEpw(
      epwOf({ leap: true, temperature: (month, day) => (month === 2 && day === 29 ? 9 : 1) }),
    )
    expect(leap.hours).toHaveLength(8784)
    const sky = skyFromEpw(leap, '2028-02-29T18:00', 8)
    expect(sky.kind === 'measured' && sky.temperatureC).toEqual([9, 9, 9, 9, 9, 9, 1, 1])
    // a year without that day goes from the 28th to the 1st
    const other = skyFromEpw(leap, '2027-02-28T22:00', 4)
    expect(other.kind === 'measured' && other.temperatureC).toEqual([1, 1, 1, 1])
  })

  test('picked for a date over New Year goes on with January', () => {
    const file = readEpw(epwOf({ temperature: (month) => month }))
    const sky = skyFromEpw(file, '2026-12-31T22:30', 4)
    expect(sky.kind === 'measured' && sky.temperatureC).toEqual([12, 12, 1, 1])
  })

  test('on a summer clock the same hours come an hour later', () => {
    const file = readEpw(epwOf({ temperature: (month, day, hour) => hour }))
    const at = (utcOffsetH: number) => {
      const sky = skyFromEpw(file, '2027-08-03T08:00', 3, utcOffsetH)
      return sky.kind === 'measured' && sky.temperatureC
    }
    // 08:00 is the ninth hour of the file's own clock, on summer time its eighth
    expect(at(-5)).toEqual([9, 10, 11])
    expect(at(-4)).toEqual([8, 9, 10])
  })

  test('missing values are filled from their neighbours and counted', () => {
    const text = epwOf({
      temperature: (month, day, hour) => (hour === 6 && day === 2 && month === 1 ? 99.9 : hour),
    })
    const file = readEpw(text)
    expect(file.hours[24 + 5].temperatureC).toBeCloseTo(6, 6)
    expect(file.filled).toBe(1)
    const dark = readEpw(
      epwOf({ global: (month, day, hour) => (day === 3 && month === 5 && hour === 13 ? 9999 : hour) }),
    )
    expect(dark.hours.find(({ month, day, hour }) => month === 5 && day === 3 && hour === 13)!.globalW).toBe(
      13,
    )
  })

  test.each([
    ['nothing', () => '', /line 1 does not begin with LOCATION/],
    ['another file', () => 'a,b,c\n1,2,3', /no EPW weather file/],
    ['cut in the middle of a line', () => epwOf().slice(0, 200_000), /line \d+ has \d+ columns.*cut off/],
    [
      'cut between lines',
      () => epwOf().split('\n').slice(0, 4000).join('\n'),
      /3,992 hours; a year has 8,760/,
    ],
    ['a word for a number', () => epwOf().replace(/,-5,/, ',cold,'), /line \d+, column 7 is “cold”/],
    ['latitude 95', () => epwOf().replace(',44.5,', ',95,'), /latitude is “95”; a number from −90 to 90/],
    [
      'an hour twice',
      () => epwOf().replace('\n2027,1,1,3,', '\n2027,1,1,2,'),
      /is hour 2; hour 3 should come/,
    ],
    [
      'a week missing',
      () => epwOf({ temperature: (month, day) => (month === 3 && day < 8 ? 99.9 : 1) }),
      /temperature is missing for 168 hours/,
    ],
  ])('%s is refused, with the line and what would be right', (_, text, message) => {
    expect(saidError(() => readEpw(text()))).toMatch(message)
  })
})
