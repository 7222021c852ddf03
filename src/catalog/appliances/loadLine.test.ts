import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { said } from '../../../tests/support/saidTold'
import { type LineLoad, readLoadLine } from '@/core/load/loadLine'
import { behaviourSchema } from '@/core/plan/schema'
import { findThing, isKnownWord } from './findThing'

const read = (line: string, mainsVolts = 120) =>
  readLoadLine(line, { mainsVolts, roomC: 20, find: findThing, isKnownWord })
const load = (line: string, mainsVolts?: number): LineLoad => {
  const reading = read(line, mainsVolts)
  if (reading.status !== 'read') throw new Error(JSON.stringify(reading))
  return reading.load
}
const question = (line: string) => {
  const reading = read(line)
  if (reading.status !== 'ask') throw new Error(JSON.stringify(reading))
  return reading.question
}

describe('a load from one line', () => {
  test('takes from the catalogue what the line does not say', () => {
    expect(load('CPAP 50W')).toMatchObject({
      medical: true,
      behaviour: { kind: 'scheduled', windows: [{ from: '22:30', to: '06:30' }] },
    })
    expect(load('furnace').behaviour).toMatchObject({ blower: { watts: { value: 430 } } })
    expect(load('well pump')).toMatchObject({ volts: 240, start: { watts: { value: 3200 } } })
  })

  test('a stated average, share or energy was seen in this room and includes the defrost', () => {
    for (const line of ['fridge 150W 1/3 on', 'fridge 150W 50W average', 'fridge 150W 1.2 kWh a day'])
      expect(load(line).behaviour).toMatchObject({
        averageW: { value: 50 },
        follows: { knownAtC: { value: 20 } },
        defrost: {},
      })
    expect(load('fridge 412 kWh/year').behaviour).toMatchObject({ follows: { knownAtC: { value: 32.2 } } })
  })

  test('several are one row of all of them; one starts on top of the others', () => {
    expect(load('2 fridges 150W')).toMatchObject({
      count: 2,
      behaviour: { runningW: { value: 300 } },
      start: { watts: { value: 1200 } },
    })
    expect(load('six bulbs 54 W in all').behaviour.runningW.value).toBe(54)
  })

  test('days of the week, several windows, the end of the usual hours', () => {
    expect(load('iron 1200W 15 min weekly').behaviour).toMatchObject({ windows: [{ days: ['sat'] }] })
    expect(load('lamp 10W weekdays 6-8').behaviour).toMatchObject({
      windows: [{ from: '06:00', to: '08:00', days: ['mon', 'tue', 'wed', 'thu', 'fri'] }],
    })
    expect(load('TV 30W 6h').behaviour).toMatchObject({ windows: [{ from: '16:00', to: '22:00' }] })
    expect(load('slow cooker 200W 8 hours sundays').behaviour).toMatchObject({ windows: [{ days: ['sun'] }] })
    expect(load('washing machine on Tuesdays and Fridays').behaviour).toMatchObject({
      windows: [{ days: ['tue', 'fri'] }],
    })
    expect(load('iron 1200W 15 min on weekdays at 7:00').behaviour).toMatchObject({
      windows: [{ from: '07:00', to: '07:15', days: ['mon', 'tue', 'wed', 'thu', 'fri'] }],
    })
    expect(load('sun lamp 50W 2h').name).toBe('sun lamp')
    // a thermostat knows no days: told, never dropped
    expect(said(question('fridge 150W on weekends').message)).toMatch(/“Sat and Sun” was not understood/)
    expect(load('TV 100W 18-23h').behaviour).toMatchObject({ windows: [{ from: '18:00', to: '23:00' }] })
    expect(load('TV 100W 4-5 hours a day').behaviour).toMatchObject({
      windows: [{ from: '17:30', to: '22:00' }],
    })
    expect(load('4 lamps x 10W')).toMatchObject({ name: 'lamps', count: 4 })
    // lamps of five hours a night are those of the evening; what lasts longer than its evening is of the night
    expect(load('lamp 10W 5 h a night').behaviour).toMatchObject({
      windows: [{ from: '19:00', to: '24:00' }],
    })
    expect(load('space heater 1500W 8 hours at night').behaviour).toMatchObject({
      windows: [{ from: '22:30', to: '06:30' }],
    })
  })

  test('amps count at their own volts; on mains by the power factor of the thing', () => {
    expect(load('USB fan 5V 1A').behaviour.runningW.value).toBe(5)
    expect(load('kettle 10A 120V').behaviour.runningW.value).toBe(1200)
    expect(load('furnace 6 A').behaviour.runningW.value).toBe(540)
    expect(load('furnace 3 A', 230).behaviour.runningW.value).toBeCloseTo(517.5, 1)
    expect(load('12 V fan 0.5 A DC').volts).toBe(12)
  })

  test('litres and a year make a refrigerator’s average', () => {
    const of = (line: string) => {
      const { behaviour } = load(line)
      return behaviour.kind === 'cycling' ? behaviour.averageW.value : 0
    }
    expect(of('freezer 500 L')).toBeGreaterThan(of('freezer 200 L') * 1.3)
    expect(of('fridge 1995')).toBeGreaterThan(of('fridge 2015') * 1.3)
  })

  test('a name nobody knows is asked about, with the other behaviours one key away', () => {
    const { message, meant } = question('gizmo 40W')
    expect(said(message)).toMatch(/On all the time\?/)
    expect(meant).toHaveLength(4)
    for (const { text } of meant) expect(read(text).status).toBe('read')
  })

  test('what was not understood is left out only after it was seen', () => {
    const { message, meant } = question('fridge 150W blue §')
    expect(said(message)).toMatch(/“blue”.*“§”.*not understood/)
    expect(meant[0].text).toBe('fridge 150W')
    expect(question('TV 60 W standby 0.5 W 4h').meant[0].text).toBe('TV 60 W 4h')
  })

  test('every question’s first meaning is read, or leads to the next question', () => {
    for (const line of [
      'AC 900W',
      'heater 1.500 W',
      'pump 2 watts per hour for 5 min',
      'UPS 500W',
      'furnace 7A 12V',
      'fridge 500 kWh a day',
      'fridge 1.2 kWh/year',
      'fridge 450 kWh',
      'furnace 60,000 BTU',
    ])
      expect([line, read(question(line).meant[0].text).status]).toEqual([line, 'read'])
  })

  test.each([
    ['', /Write a name and what is known/],
    ['TV 0 W', /draws nothing/],
    ['lamp 90 kW', /more than a household/],
    ['fridge 140% duty 150W', /between 0 and 100/],
    ['fridge 150W 200W average', /cannot be above the running watts/],
    ['freezer 90W starts 20W', /cannot be below the running watts/],
    ['lamp 9 W 30 h a day', /day has 24 h/],
    ['kettle 1.2kW at 27:00', /not a time of day/],
    ['x'.repeat(90) + ' 5 W always', /longer than 80/],
  ])('“%s” is refused with what would be right', (line, message) => {
    const reading = read(line)
    expect(reading.status).toBe('refuse')
    expect(reading.status === 'refuse' && said(reading.message)).toMatch(message)
  })

  test('a start of nothing but thin air: names that stand in every object are names like others', () => {
    for (const name of ['constructor', 'toString', 'hasOwnProperty'])
      expect(load(`${name} 5 W all the time`).name).toBe(name)
  })

  test('whatever is typed is answered, and what is read is valid', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.constantFrom(
            'fridge',
            'lamp',
            'sump pump',
            'TV',
            'e-bike',
            'gizmo',
            '150W',
            '1/2 hp',
            '5 A',
            '12 V',
            '1/3 on',
            '5 min',
            'every hour',
            '3 times a day',
            '18:00-23:00',
            'at 7',
            '1.2 kWh a day',
            'x 3',
            'nights',
            'avg 20 W',
            'starts 900 W',
            'charge 60 Wh',
            '2 h a week',
            '0.5 W standby',
            'blue',
            '99',
          ),
          { minLength: 1, maxLength: 6 },
        ),
        (words) => {
          const reading = read(words.join(' '))
          if (reading.status === 'read') {
            const checked = behaviourSchema.safeParse(reading.load.behaviour)
            expect([words.join(' '), checked.error?.issues ?? []]).toEqual([words.join(' '), []])
            expect(reading.unread).toEqual([])
          } else if (reading.status === 'ask') expect(said(reading.question.message)).not.toBe('')
          else expect(said(reading.message)).not.toBe('')
        },
      ),
      { numRuns: 600 },
    ))
})
