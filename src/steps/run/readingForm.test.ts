import { describe, expect, test } from '@jest/globals'
import { readReading, readingWords, textsOf } from './readingForm'

describe('what is typed off a display', () => {
  test('any subset, in the units of the display', () => {
    expect(readReading({ chargeFraction: '84 %', meterWh: '1.34', nowW: ' 210 W ' })).toEqual({
      ok: true,
      figures: { chargeFraction: 0.84, meterWh: 1340, nowW: 210 },
    })
    expect(readReading({ chargeFraction: '48,5' })).toMatchObject({ figures: { chargeFraction: 0.485 } })
  })

  test.each([
    [{ chargeFraction: '140' }, 'chargeFraction', '140 % is more than full: 0 to 100.'],
    [{ chargeFraction: 'half' }, 'chargeFraction', '“half” is no number. Charge in %, such as 84.'],
    [{ outWh: '-5' }, 'outWh', 'Watt-hours out is never below 0.'],
    [{}, null, 'Nothing was typed. One figure is enough, such as the percent of the display.'],
  ])('%j is told', (texts, field, message) => {
    expect(readReading(texts)).toEqual({ ok: false, faults: [{ field, message }] })
  })

  test('everything that is wrong is told at once', () =>
    expect(readReading({ chargeFraction: '140', nowW: 'much', outWh: '300' })).toMatchObject({
      faults: [{ field: 'chargeFraction' }, { field: 'nowW' }],
    }))

  test('a reading that is corrected stands there as it was read', () => {
    const figures = { chargeFraction: 0.84, meterWh: 1583, loadedV: 12.6 }
    expect(readReading(textsOf(figures))).toEqual({ ok: true, figures })
    expect(readingWords(figures)).toBe('84 %, 1.583 kWh on the meter, 12.6 V under load')
  })
})
