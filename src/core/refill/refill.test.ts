import { describe, expect, test } from '@jest/globals'
import { said } from '../../../tests/support/saidTold'
import * as fc from 'fast-check'
import { bankOf, equipmentClass } from '@/catalog/equipment'
import { arrayOf, generatorOf, usualController } from '@/catalog/refill'
import { coefficientFactor, tableFactor } from './coldVoc'
import { whyUnconnected, windowFor } from './connection'
import { fuelHours, fuelLPerH, tankHours } from './generator'
import { arrayW, cellC } from './panelOutput'
import { bestTilt, dayWh, isBehindHorizon, middleOfMonth, monthsWh, panelsFor } from './solarYield'
import { sharedInputWarning } from './sharedInput'
import { checkArray } from './stringCheck'

const WINDOW = { lowV: 11, highV: 60, amps: 15, watts: 500 }
/** A record low that was typed. */
const typed = (celsius: number) => ({ celsius, isGuess: false })
const AT_45 = { latitudeDeg: 45, longitudeDeg: 0 }

describe('cold raises open-circuit volts', () => {
  // NEC Table 690.7(A), from memory
  test.each([
    [30, 1],
    [24, 1.02],
    [20, 1.02],
    [19, 1.04],
    [0, 1.1],
    [-1, 1.12],
    [-16, 1.18],
    [-40, 1.25],
    [-60, 1.25],
  ])('at %i °C the table says × %d', (celsius, factor) => {
    expect(tableFactor(celsius)).toBe(factor)
  })

  test('the coefficient says 1 + (T − 25)·β', () => {
    expect(coefficientFactor({ vocPerK: -0.003 }, -15)).toBeCloseTo(1.12, 12)
    expect(coefficientFactor({ vocPerK: -0.003 }, 25)).toBe(1)
  })

  test('the table never falls as it gets colder', () => {
    fc.assert(
      fc.property(fc.integer({ min: -60, max: 40 }), fc.integer({ min: 1, max: 30 }), (celsius, colder) => {
        expect(tableFactor(celsius - colder)).toBeGreaterThanOrEqual(tableFactor(celsius))
      }),
    )
  })
})

describe('panels against an input', () => {
  const panels = (series: number, parallel: number) => {
    const array = arrayOf('panel-405', 'x', { series, parallel })
    return { ...array, panel: { ...array.panel, vocV: 45.4, iscA: 11.4, vmpV: 37.9, impA: 10.7 } }
  }
  test('two 405 W in series on 60 V: refused; in parallel: clipped to 15 A (common practice, no source)', () => {
    expect(checkArray(panels(2, 1), WINDOW, typed(25))).toMatchObject({ verdict: 'refused' })
    expect(checkArray(panels(1, 2), WINDOW, typed(25))).toMatchObject({ verdict: 'clipped', iscA: 22.8 })
  })

  test('one that fits at 25 °C is refused in the record cold, and both methods are told', () => {
    const tight = { ...WINDOW, highV: 50 }
    expect(checkArray(panels(1, 1), tight, typed(25)).verdict).toBe('fits')
    const cold = checkArray(panels(1, 1), tight, typed(-25))
    expect(cold.verdict).toBe('refused')
    expect(cold.coldVocByTable).toBeCloseTo(45.4 * 1.2, 9)
    expect(cold.coldVocByCoefficient).toBeCloseTo(45.4 * 1.14, 9)
  })

  test('a string that falls under the window in summer heat is warned of', () => {
    const high = { ...WINDOW, lowV: 36, highV: 80 }
    expect(checkArray(panels(1, 1), high, typed(-10)).warnings.map(said)[0]).toMatch(
      /works at \d+\.\d V, under the input’s 36 V/,
    )
  })

  test('a string whose volts at work never reach the window is told how many in series would', () => {
    const bank24 = usualController(24)
    const one = checkArray(arrayOf('panel-220', 'x', { parallel: 2 }), bank24, typed(-34), 24)
    // open it has 30 V in the cold, at work never
    expect(one.coldVocByTable).toBeGreaterThan(bank24.lowV)
    expect(one).toMatchObject({ verdict: 'too low', takenW: 0 })
    expect(said(one.message)).toMatch(/never charges; 2 in series would/)
    expect(checkArray(arrayOf('panel-220', 'x', { series: 2 }), bank24, typed(-34), 24).verdict).toBe('fits')
  })

  test('arrays of unlike volts on one input are warned of, like ones are not', () => {
    const low = arrayOf('panel-220', 'a', { name: 'Roof' })
    const high = arrayOf('panel-220', 'b', { name: 'Fence', series: 2 })
    expect(sharedInputWarning([low])).toBeNull()
    expect(sharedInputWarning([low, { ...low, id: 'c', parallel: 3 }])).toBeNull()
    expect(said(sharedInputWarning([high, low]))).toMatch(/Roof works at 20.5 V, Fence at 41 V/)
  })

  test('a PWM controller on far more volts than the bank has is warned of', () => {
    const controller = { ...usualController(12), kind: 'PWM' as const }
    expect(
      checkArray({ ...panels(1, 1), controller }, controller, typed(0), 12)
        .warnings.map(said)
        .join(),
    ).toMatch(/PWM/)
    expect(checkArray({ ...panels(1, 1), controller }, controller, typed(0), 24).warnings).toEqual([])
  })

  test('what is connected where: a station takes panels itself, a bank needs a controller', () => {
    const station = equipmentClass('station-2000').source
    const bank = bankOf('lfp-12-100', 1, 1, 'inverter-1000-12', 'bank')
    expect(windowFor({ controller: null }, station)).toEqual(station.outfit!.input.solar)
    expect(said(whyUnconnected({ controller: null }, bank))).toMatch(/needs a charge controller/)
    expect(whyUnconnected({ controller: usualController(12) }, bank)).toBeNull()
    expect(said(whyUnconnected({ controller: null }, equipmentClass('ups-office').source))).toMatch(
      /no input for panels/,
    )
  })
})

describe('what an array gives', () => {
  test('by hand: 440 W at 1000 W/m², cells at 45 °C, 14 % losses', () => {
    const array = arrayOf('panel-220', 'x', { parallel: 2 })
    // NOCT 45 °C at 1000 W/m²: 31.25 K above the air
    expect(cellC(20, 800, array.panel)).toBeCloseTo(45, 9)
    expect(arrayW(array, 1000, 13.75)).toBeCloseTo(440 * (1 - 0.0037 * 20) * 0.86, 6)
    expect(arrayW(array, 0, 20)).toBe(0)
  })

  test('a clear equinox day on a 45° roof at 45° north: between 5 and 7 hours of full sun', () => {
    const array = arrayOf('panel-220', 'x', { tiltDeg: 45, lossFraction: 0 })
    const hours = dayWh(array, AT_45, Date.UTC(2027, 2, 20), 1, 10) / 220
    expect(hours).toBeGreaterThan(5)
    expect(hours).toBeLessThan(8)
  })

  test('best tilt: steep in winter, flat in summer, the other way round in the south', () => {
    const array = arrayOf('panel-220', 'x')
    expect(bestTilt(array, AT_45, 12)).toBeGreaterThan(55)
    expect(bestTilt(array, AT_45, 6)).toBeLessThan(30)
    const south = arrayOf('panel-220', 'x', { azimuthDeg: 0 })
    expect(bestTilt(south, { latitudeDeg: -45, longitudeDeg: 0 }, 6)).toBeGreaterThan(55)
  })

  test('months: June beats December in the north, and a dull day is far below a clear one', () => {
    const array = arrayOf('panel-220', 'x')
    const clear = monthsWh(array, AT_45, 1)
    const dull = monthsWh(array, AT_45, 0.25)
    expect(clear).toHaveLength(12)
    expect(clear[5]).toBeGreaterThan(1.4 * clear[11])
    clear.forEach((wh, i) => expect(dull[i]).toBeLessThan(0.45 * wh))
  })

  test('panels for a dull day in January: more than for a clear one, none in the polar night', () => {
    const array = arrayOf('panel-220', 'x')
    const dull = panelsFor(2000, array, AT_45, 1, 0.25)
    expect(dull).toBeGreaterThan(3 * panelsFor(2000, array, AT_45, 1, 1))
    const one = dayWh(array, AT_45, middleOfMonth(1), 0.25, -1)
    expect(dull).toBeGreaterThan(1800 / one)
    expect(panelsFor(2000, array, { latitudeDeg: 72, longitudeDeg: 20 }, 12, 0.25)).toBe(Infinity)
  })

  test('a hill between two directions hides the low sun, also across north', () => {
    const horizon = [{ fromDeg: 70, toDeg: 120, heightDeg: 12 }]
    expect(isBehindHorizon({ horizon }, 90, 10)).toBe(true)
    expect(isBehindHorizon({ horizon }, 90, 13)).toBe(false)
    expect(isBehindHorizon({ horizon }, 130, 10)).toBe(false)
    const north = [{ fromDeg: 330, toDeg: 30, heightDeg: 20 }]
    expect(isBehindHorizon({ horizon: north }, 350, 5)).toBe(true)
    expect(isBehindHorizon({ horizon: north }, 10, 5)).toBe(true)
    expect(isBehindHorizon({ horizon: north }, 180, 5)).toBe(false)
  })
})

describe('a generator', () => {
  const generator = { ...generatorOf(2000, 20), idleLPerH: 0.3, fullLPerH: 1.1, tankL: 4 }
  test('burns on a straight line from idle to full load, and no more', () => {
    expect(fuelLPerH(generator, 0)).toBe(0.3)
    expect(fuelLPerH(generator, 1000)).toBeCloseTo(0.7, 12)
    expect(fuelLPerH(generator, 9000)).toBeCloseTo(1.1, 12)
  })
  test('20 L at half load last 28.6 h, a 4 L tank 5.7 h', () => {
    expect(fuelHours(generator, 1000)).toBeCloseTo(28.57, 2)
    expect(tankHours(generator, 1000)).toBeCloseTo(5.71, 2)
  })
})
