import { describe, expect, test } from '@jest/globals'
import { readQuickLoad } from './quickEntry'

const read = (line: string, volts = 120) => {
  const reading = readQuickLoad(line, volts)
  return reading.ok ? reading.load : reading.message
}

describe('a line becomes a load', () => {
  test('amps and volts with a share of time: volt-amps of a motor, three quarters of them watts', () => {
    expect(read('garage fridge 6.5A 120V 1/3 on')).toMatchObject({
      name: 'garage fridge',
      volts: 120,
      behaviour: { kind: 'cycling', runningW: { value: 585 }, averageW: { value: 195 } },
      understood: 'cycling, 585 W running (0.75 of volts × amps), on 33 % of the time, average 195 W',
    })
  })

  test('seconds every so many minutes', () => {
    expect(read('drain pump 600W 17s every 8min')).toMatchObject({
      name: 'drain pump',
      behaviour: {
        kind: 'pump',
        cycle: { by: 'spacing', onMin: { value: 17 / 60 }, everyMin: { value: 8 } },
      },
      understood: 'pumping, 600 W, on 3.5 % of the time, average 21 W',
    })
  })

  test('a charger: so much energy, at once or at hours of the clock', () => {
    expect(read('bicycle 160W charge 500Wh at 19:00')).toMatchObject({
      name: 'bicycle',
      behaviour: { kind: 'charging', energyWh: { value: 500 }, when: { at: ['19:00'] } },
      understood: 'charging 500 Wh at 19:00 at 160 W, average 25 W',
    })
    expect(read('drill 60W charge 0.09kWh')).toMatchObject({
      behaviour: { energyWh: { value: 90 }, when: 'start' },
    })
    expect(read('bicycle 160W charge 500Wh at 27:00')).toMatch(/27:00/)
    expect(read('bicycle 160W 500Wh')).toMatch(/energy.*charge 500Wh/)
  })

  test('hours of the clock', () => {
    expect(read('lamp 9.5W 18:00-24:00')).toMatchObject({
      behaviour: { kind: 'scheduled', runningW: { value: 9.5 }, windows: [{ from: '18:00', to: '24:00' }] },
    })
    expect(read('night light 5 W 10pm to 6am')).toMatchObject({
      name: 'night light',
      behaviour: { windows: [{ from: '22:00', to: '06:00' }] },
    })
  })

  test('minutes at a clock time, or so many times a day', () => {
    expect(read('kettle 1.2kW 5min at 07:00 and 16:30')).toMatchObject({
      name: 'kettle',
      behaviour: {
        kind: 'session',
        runningW: { value: 1200 },
        minutesEach: { value: 5 },
        when: { at: ['07:00', '16:30'] },
      },
      understood: '5 min of 1,200 W at 07:00 and 16:30, average 8.3 W',
    })
    expect(read('well pump 1hp 240V 90s 12x a day start 3.2kW')).toMatchObject({
      name: 'well pump',
      volts: 240,
      startW: 3200,
      behaviour: {
        kind: 'session',
        runningW: { value: 745.7 },
        minutesEach: { value: 1.5 },
        when: { timesADay: 12 },
      },
    })
  })

  test('watts alone are constant; an average makes it cycling; amps take the mains’ volts', () => {
    expect(read('router 18 W')).toMatchObject({
      name: 'router',
      behaviour: { kind: 'constant', runningW: { value: 18 } },
    })
    expect(read('freezer 110W avg 45W')).toMatchObject({
      behaviour: { kind: 'cycling', averageW: { value: 45 } },
    })
    expect(read('fan 0.5A', 230)).toMatchObject({ behaviour: { kind: 'constant', runningW: { value: 115 } } })
  })
})

describe('what is missing or wrong is said', () => {
  test.each([
    ['', /Write a name and what is known, such as/],
    ['600W', /A name is missing/],
    ['fridge', /Watts are missing, such as 600W/],
    ['fridge 1.2 kWh', /“1.2 kWh” is energy\. Running watts are wanted/],
    ['pump 600W 9min every 8min', /the time on must be shorter than the spacing/],
    ['pump 600W 5/4 on', /share of time it is on must be between 0 and 1/],
    ['freezer 110W avg 145W', /average cannot be above the running watts \(110 W\)/],
    ['lamp 9W 18:00-29:00', /“29:00” is not a time of day/],
    ['forge 90kW', /more than this can be/],
    ['freezer 110W start 50W', /starting watts cannot be below/],
    [`${'x'.repeat(90)} 10W`, /longer than 80 characters/],
  ])('%s', (line, message) => {
    expect(read(line)).toMatch(message)
  })
})
