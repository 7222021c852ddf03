import { describe, expect, test } from '@jest/globals'
import { said } from '../../../tests/support/saidTold'
import * as fc from 'fast-check'
import { bankOf, equipmentClass } from '@/catalog/equipment'
import { arrayOf, usualController } from '@/catalog/refill'
import { planWith } from '../../../tests/support/samplePlan'
import { compileRefill } from '../simulation/compileRefill'
import { hoursOf, weatherOf } from '../simulation/compile'
import { guessedRecordLowC, recordLowOf } from '../weather/recordCold'
import { connectedArrays } from './connected'
import { joined } from './sharedInput'

const bank24 = bankOf('lfp-12-100', 2, 1, 'inverter-1500-24', 'main')
const station = equipmentClass('station-2000').source
const roof405 = arrayOf('panel-405', 'roof', { series: 3, controller: usualController(24) })
const summer = { ...planWith([]).scenario, startsAt: '2027-07-10T06:00', durationH: 24 }
const scenario = {
  ...summer,
  place: { name: '', latitudeDeg: 43, longitudeDeg: -75 },
  outdoor: { lowC: 16, highC: 29 },
}

describe('a record cold that nobody typed', () => {
  test('is guessed from the place, not from the outage: a summer plan at 43° north may see −40 °C', () => {
    expect(guessedRecordLowC(scenario)).toBeLessThanOrEqual(-38)
    expect(guessedRecordLowC({ ...scenario, outdoor: { lowC: -35, highC: -20 } })).toBe(-47)
    expect(guessedRecordLowC({ ...scenario, place: { ...scenario.place, latitudeDeg: -35 } })).toBe(-14)
    expect(recordLowOf({ recordLowC: -12 }, scenario)).toEqual({ celsius: -12, isGuess: false })
  })

  test('no string fits on it: three of 37.1 V want to know how cold it gets', () => {
    // by hand: 111.3 V × 1.18 = 131.3 V at −20 °C, × 1.25 = 139.1 V in any cold
    const at = (latitudeDeg: number, highV: number) => {
      const array = { ...roof405, controller: { ...usualController(24), highV } }
      const place = { ...scenario.place, latitudeDeg }
      return connectedArrays([array], bank24, recordLowOf({ recordLowC: null }, { ...scenario, place }))[0]
    }
    expect(at(30, 135)).toMatchObject({ verdict: 'unsure', isUsed: true })
    expect(said(at(30, 135).message)).toMatch(
      /^not sure yet: 131.3 V at −20 °C, which is a guess.*Type the coldest/,
    )
    expect(at(43, 135)).toMatchObject({ verdict: 'refused', isUsed: false })
    expect(said(at(43, 135).message)).toMatch(/would destroy it.*which is a guess\. Type the coldest/)
    // over the limit in any weather there is nothing to ask
    expect(said(at(43, 105).message)).not.toMatch(/guess/)
    expect(connectedArrays([roof405], bank24, { celsius: -28, isGuess: false })[0].verdict).toBe('clipped')
  })

  test('a string that bears any cold fits without being asked', () => {
    const one = arrayOf('panel-100', 'small')
    const [found] = connectedArrays([one], station, recordLowOf({ recordLowC: null }, scenario))
    expect(found.verdict).toBe('fits')
    expect(said(found.message)).toMatch(/however cold it gets/)
  })

  test('never a guess above what a colder place gets', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 89, noNaN: true }), (latitudeDeg) => {
        const at = (deg: number) =>
          guessedRecordLowC({ ...scenario, place: { ...scenario.place, latitudeDeg: deg } })
        expect(at(latitudeDeg + 1)).toBeLessThanOrEqual(at(latitudeDeg))
      }),
    )
  })
})

describe('strings joined on one input', () => {
  const low = { watts: 200, vmpV: 20, vocV: 24 }
  const high = { watts: 300, vmpV: 40, vocV: 48 }

  test('by hand: at 20 V both keep their amps, 200 + 300 · 20 ÷ 40; at 40 V the low one gives nothing', () => {
    expect(joined([low, high], 11)).toEqual({ watts: 350, volts: 20 })
    expect(joined([{ ...low, watts: 100 }, high], 11)).toEqual({ watts: 300, volts: 40 })
    expect(joined([low, high], 30)).toEqual({ watts: 300, volts: 40 })
    expect(joined([low], 30)).toEqual({ watts: 0, volts: 0 })
  })

  test('the order decides nothing, and never more than all at their best', () => {
    const string = fc
      .record({
        watts: fc.double({ min: 1, max: 900, noNaN: true }),
        vmpV: fc.integer({ min: 10, max: 120 }),
      })
      .map((one) => ({ ...one, vocV: one.vmpV * 1.2 }))
    fc.assert(
      fc.property(fc.array(string, { minLength: 1, maxLength: 5 }), (strings) => {
        const found = joined(strings, 11)
        expect(joined([...strings].reverse(), 11).watts).toBeCloseTo(found.watts, 9)
        expect(found.watts).toBeLessThanOrEqual(strings.reduce((sum, { watts }) => sum + watts, 0) + 1e-9)
      }),
    )
  })

  test('unlike strings do not both fit, and bring the same in either order', () => {
    const a = arrayOf('panel-220', 'a', { name: 'Roof' })
    const b = arrayOf('panel-220', 'b', { name: 'Fence', series: 2 })
    const typed = { celsius: -10, isGuess: false }
    expect(connectedArrays([a, b], station, typed).map(({ verdict }) => verdict)).toEqual([
      'unlike',
      'unlike',
    ])
    expect(connectedArrays([a], station, typed)[0].verdict).toBe('fits')
    expect(broughtOf([a, b], station).sunWh).toBeCloseTo(broughtOf([b, a], station).sunWh, 6)
  })
})

/** Wh the input offers and Wh lost below its window over the outage of a summer's day. */
function broughtOf(panels: ReturnType<typeof arrayOf>[], source: typeof station, at = scenario) {
  const base = planWith([])
  const plan = { ...base, scenario: at, refill: { ...base.refill, recordLowC: -30, panels } }
  const horizonMin = at.durationH * 60
  const weather = weatherOf(at, hoursOf(horizonMin))
  const refill = compileRefill(plan, [source], horizonMin, weather.outdoors, [weather.indoors])!
  const energy = (curve: Float64Array) => curve.reduce((sum, watts) => sum + watts / 4, 0)
  return { sunWh: energy(refill.sunW), belowWh: energy(refill.belowWindowW), sunW: refill.sunW }
}

describe('volts below what the input needs', () => {
  test('one in series on 24 V loses most of a hot day, and that is told in watt-hours', () => {
    const four = arrayOf('panel-405', 'roof', {
      parallel: 4,
      controller: { ...usualController(24), lowV: 30 },
    })
    const hot = { ...scenario, outdoor: { lowC: 26, highC: 40 } }
    const lost = broughtOf([four], bank24, hot)
    const two = broughtOf([{ ...four, series: 2, parallel: 2 }], bank24, hot)
    expect(two.belowWh).toBe(0)
    expect(lost.belowWh).toBeGreaterThan(0.2 * two.sunWh)
    expect(lost.sunWh + lost.belowWh).toBeCloseTo(two.sunWh, 6)
  })

  test('PWM works at the battery’s volts: an 18.7 V panel charges 12 V, never 24 V', () => {
    const bank12 = bankOf('lfp-12-100', 1, 1, 'inverter-1000-12', 'main')
    const panel = arrayOf('panel-100', 'p', { controller: usualController(12, 'PWM') })
    const typed = { celsius: -20, isGuess: false }
    expect(usualController(12, 'PWM')).toMatchObject({ lowV: 13, highV: 50 })
    expect(connectedArrays([panel], bank12, typed)[0]).toMatchObject({
      verdict: 'fits',
      window: { lowV: 12.8 * 1.08 },
    })
    // the old MPPT's 32 V would have refused it, its 150 V would have passed two house panels
    const twice = arrayOf('panel-405', 'p', { series: 2, controller: usualController(12, 'PWM') })
    expect(connectedArrays([twice], bank12, typed)[0].verdict).toBe('refused')
    expect(
      connectedArrays([{ ...panel, controller: usualController(24, 'PWM') }], bank24, typed)[0].verdict,
    ).toBe('too low')
  })
})

describe('a weather file', () => {
  test('keeps its hours of the clock when the outage begins at 00:59: an upright west array brings the same', () => {
    const day = (startsAt: string) => {
      const light = Array.from({ length: 72 }, (_, h) => {
        const noon = Math.max(0, Math.sin(((h % 24) - 6) * (Math.PI / 12)))
        return { globalW: 700 * noon, directW: 800 * noon, diffuseW: 90 * noon }
      })
      return {
        ...scenario,
        startsAt,
        durationH: 23,
        sky: {
          kind: 'measured' as const,
          name: 'file',
          temperatureC: light.map((_, h) => h % 24),
          globalW: light.map(({ globalW }) => globalW),
          directW: light.map(({ directW }) => directW),
          diffuseW: light.map(({ diffuseW }) => diffuseW),
        },
      }
    }
    const west = [arrayOf('panel-220', 'w', { tiltDeg: 90, azimuthDeg: 270 })]
    const early = broughtOf(west, station, day('2027-07-10T00:00'))
    const late = broughtOf(west, station, day('2027-07-10T00:59'))
    expect(late.sunWh / early.sunWh).toBeCloseTo(1, 1)
    const air = (startsAt: string) => weatherOf(day(startsAt), 20).outdoors
    expect(air('2027-07-10T00:00')[3]).toBe(3)
    // the middle of its fourth hour is 04:29
    expect(air('2027-07-10T00:59')[3]).toBe(4)
  })
})
