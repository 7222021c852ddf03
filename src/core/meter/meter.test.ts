import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { said, saidError } from '../../../tests/support/saidTold'
import { analyseMeter } from './analyse'
import { type ColumnMapping, guessColumns } from './columns'
import { decimate } from './decimate'
import { readMoment } from './moment'
import { readNumber } from './meterNumber'
import { MeterReader } from './readRows'
import { gapsOf } from './samples'
import { readTyped } from './typedReadings'
import { measuredTimes, withFindings } from './withFindings'
import { coldBox, constant, scheduled, session } from '../../../tests/support/samplePlan'

const mapping = (more: Partial<ColumnMapping> = {}): ColumnMapping => ({
  headerLine: 0,
  time: 0,
  date: null,
  value: 1,
  valueIs: 'W',
  decimal: '.',
  dateOrder: 'day first',
  ...more,
})
const read = (rows: string[][], more?: Partial<ColumnMapping>) => {
  const reader = new MeterReader(mapping(more))
  for (const row of rows) reader.add(row)
  return reader
}

describe('moments as meters write them', () => {
  test.each([
    ['2027-02-05T18:00:00Z', '2027-02-05T18:00'],
    ['2027-02-05 18:00', '2027-02-05T18:00'],
    ['05.02.2027 18:00:30', '2027-02-05T18:00'],
    ['5/2/2027 6:00 PM', '2027-02-05T18:00'],
    ['1801850400', '2027-02-05T18:00'],
    ['1801850400000', '2027-02-05T18:00'],
    ['18:00', '18:00'],
  ])('%s', (text, clock) => expect(readMoment(text, 'day first')?.clock).toBe(clock))
  test('a time zone counts: the hour that comes twice in autumn stays two hours', () => {
    const before = readMoment('2027-10-31T02:30:00+02:00', 'day first')!
    const after = readMoment('2027-10-31T02:30:00+01:00', 'day first')!
    expect(after.minute - before.minute).toBe(60)
  })
  test.each(['yesterday', '31.02.2027 10:00', '25:61', ''])('“%s” is none', (text) =>
    expect(readMoment(text, 'day first')).toBeNull(),
  )
  test('month first where the file says so', () =>
    expect(readMoment('02/05/2027 18:00', 'month first')?.clock).toBe('2027-02-05T18:00'))
})

describe('columns are guessed', () => {
  test('names in any of the usual tongues, semicolons and decimal commas', () => {
    const rows = [
      ['Zeit', 'Gerät', 'Leistung (W)'],
      ['31.12.2027 10:00', 'A', '118,5'],
      ['31.12.2027 10:01', 'A', '1,2'],
    ]
    expect(guessColumns(rows, ';')).toMatchObject({
      headerLine: 0,
      time: 0,
      value: 2,
      valueIs: 'W',
      decimal: ',',
      dateOrder: 'day first',
    })
  })
  test('a growing total in kWh', () =>
    expect(
      guessColumns(
        [
          ['timestamp', 'energy kWh'],
          ['2027-01-01 10:00', '1.00'],
          ['2027-01-01 11:00', '1.05'],
        ],
        ',',
      ),
    ).toMatchObject({ valueIs: 'kWh total', decimal: '.' }))
  test('no names at all', () =>
    expect(
      guessColumns(
        [
          ['2027-01-01 10:00', '55'],
          ['2027-01-01 10:01', '56'],
        ],
        ',',
      ),
    ).toMatchObject({ headerLine: -1, time: 0, value: 1, valueIs: 'W' }))
  test('numbers with either decimal mark', () => {
    expect(readNumber('1.234,5', ',')).toBe(1234.5)
    expect(readNumber('1,234.5', '.')).toBe(1234.5)
    expect(readNumber('118.5 W', '.')).toBe(118.5)
    expect(readNumber('n/a', '.')).toBeNull()
  })
})

describe('rows', () => {
  test('what cannot be read is told by line, the rest is kept', () => {
    const reader = read([
      ['time', 'W'],
      ['2027-02-05 18:00', '10'],
      ['soon', '10'],
      ['2027-02-05 18:01', 'x'],
      ['2027-02-05 18:02', '-4'],
      ['2027-02-05 18:03', '99999'],
      ['2027-02-05 18:04', '20'],
      ['2027-02-05 17:00', '5'],
      [''],
    ])
    expect(reader.refused.map(({ line }) => line)).toEqual([3, 4, 5, 6, 8])
    expect(said(reader.refused[4].message)).toMatch(/earlier than the line before/)
    expect([...reader.finish().watts]).toEqual([10, 20])
  })
  test('a total becomes mean watts; one that begins again is told, and nothing is counted below zero', () => {
    const samples = read(
      [
        ['t', 'kWh'],
        ['10:00', '1.0'],
        ['11:00', '1.1'],
        ['12:00', '0.05'],
        ['13:00', '0.15'],
      ],
      { valueIs: 'kWh total' },
    ).finish()
    expect([...samples.watts].map(Math.round)).toEqual([100, 50, 100, 100])
    expect(samples.resets).toBe(1)
  })
  test('clocks without dates go on past midnight', () =>
    expect([
      ...read([
        ['t', 'W'],
        ['23:30', '1'],
        ['00:30', '1'],
        ['01:30', '1'],
      ]).finish().atMin,
    ]).toEqual([0, 60, 120]))
  test('too little is refused with what to check', () =>
    expect(
      saidError(() =>
        read([
          ['t', 'W'],
          ['x', 'y'],
        ]).finish(),
      ),
    ).toMatch(/which columns/))
  test('a hole is a gap, not a long reading', () => {
    expect(gapsOf(Float64Array.of(0, 1, 2, 3, 60, 61))).toEqual([[3, 60]])
    const samples = read([
      ['t', 'W'],
      ['10:00', '100'],
      ['10:01', '100'],
      ['10:02', '100'],
      ['12:00', '0'],
      ['12:01', '0'],
      ['12:02', '0'],
    ]).finish()
    expect(analyseMeter(samples).coveredH).toBeCloseTo(4 / 60, 6)
  })
})

/** A box with known cycles, at a reading every ten seconds. */
function record(hours: number, more: { defrost?: boolean; peak?: number } = {}) {
  const n = hours * 360
  const atMin = Float64Array.from({ length: n }, (_, i) => i / 6)
  const watts = atMin.map((minute) => {
    if (more.defrost && minute % 600 >= 500 && minute % 600 < 520) return 300
    if (minute % 45 === 0 && more.peak) return more.peak
    return minute % 45 < 15 ? 120 : 1
  })
  return { atMin, watts, gaps: [] as [number, number][], resets: 0, startsAt: null }
}

describe('what a record tells', () => {
  test('cycles, duty, running watts and average', () => {
    const found = analyseMeter(record(24))
    expect(found).toMatchObject({ shape: 'cycling', startPeakW: null, defrosts: null })
    expect(found.runningW).toBeCloseTo(120, 3)
    expect(found.meanOnMin).toBeCloseTo(15, 3)
    expect(found.meanOffMin).toBeCloseTo(30, 3)
    expect(found.averageW).toBeCloseTo((120 + 2) / 3, 0)
  })
  test('defrosts and the start peak stand out', () => {
    const found = analyseMeter(record(30, { defrost: true, peak: 700 }))
    expect(found.defrosts).toMatchObject({ count: 3 })
    expect(found.defrosts!.watts).toBeCloseTo(300, 0)
    expect(found.defrosts!.minutes).toBeCloseTo(20, 0)
    expect(found.startPeakW).toBe(700)
    expect(found.runningW).toBeLessThan(135)
  })
  test('what hardly moves is constant', () => {
    const steady = { ...record(2), watts: record(2).atMin.map((_, i) => 60 + (i % 3)) }
    expect(analyseMeter(steady)).toMatchObject({ shape: 'constant', dutyFraction: 1 })
    expect(withFindings(scheduled(100, '18:00', '20:00'), analyseMeter(steady)).behaviour.kind).toBe(
      'constant',
    )
  })
  test('energy is kept: the average times the hours is what was drawn', () =>
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 900 }), { minLength: 5, maxLength: 60 }), (list) => {
        const atMin = Float64Array.from(list, (_, i) => i)
        const watts = Float64Array.from(list)
        const found = analyseMeter({ atMin, watts, gaps: [], resets: 0, startsAt: null })
        const drawn = list.slice(0, -1).reduce((sum, w) => sum + w, 0)
        expect(found.averageW * found.coveredH * 60).toBeCloseTo(drawn, 6)
      }),
    ))
  test('a longer record is worth more', () => {
    expect(measuredTimes(1)).toBe(1.25)
    expect(measuredTimes(24)).toBe(1.08)
    expect(measuredTimes(6)).toBeLessThan(measuredTimes(2))
  })
  test('taken over, the load is measured where it stood', () => {
    const { behaviour, start } = withFindings(
      coldBox(150, 60),
      analyseMeter(record(30, { defrost: true, peak: 700 })),
      21,
    )
    expect(behaviour).toMatchObject({
      kind: 'cycling',
      averageW: { evidence: 'measured', spread: { times: 1.08 } },
      follows: { knownAtC: { value: 21, evidence: 'measured' } },
      defrost: { watts: { evidence: 'measured' } },
      doors: { knownADay: 20, nowADay: 20 },
    })
    expect(start?.watts.value).toBe(700)
    expect(withFindings(constant(50), analyseMeter(record(3))).behaviour.kind).toBe('cycling')
  })
})

test('thinned for drawing, no spike is lost and gaps break the line', () => {
  const samples = { ...record(24, { peak: 700 }), gaps: [[600, 620]] as [number, number][] }
  const points = decimate(samples, 200)
  expect(points.length).toBeLessThan(410)
  expect(Math.max(...points.map(({ y }) => y || 0))).toBe(700)
  expect(points.some(({ y }) => Number.isNaN(y))).toBe(true)
})

describe('readings written down', () => {
  const row = (clock: string, kWhTotal: string, peakW = '') => ({ clock, kWhTotal, peakW })
  test('the next day is counted, the highest peak kept', () =>
    expect(readTyped([row('18:30', '0'), row('8:00', '0,6', '754'), row('18:30', '1.32', '700')])).toEqual({
      ok: true,
      hours: 24,
      averageW: 55,
      peakW: 754,
    }))
  test.each([
    [[row('18:30', '1')], /Two readings/],
    [[row('18:30', '1'), row('25:00', '2')], /time of day/],
    [[row('18:30', '1'), row('19:00', 'much')], /total in kWh/],
    [[row('18:30', '1'), row('19:00', '0.5')], /lower than before/],
    [[row('18:30', '1'), row('19:00', '2', 'high')], /peak in watts/],
  ])('%j is told what would be right', (rows, message) => {
    const result = readTyped(rows)
    expect(result.ok === false && said(result.message)).toMatch(message)
  })
})

describe('files of other shapes', () => {
  const fileOf = (rows: string[][], separator = ',') => {
    const guess = guessColumns(rows, separator)
    const reader = new MeterReader(guess)
    for (const row of rows) reader.add(row)
    return { guess, reader, samples: reader.finish() }
  }
  const hourly = (name: string, figures: string[]) => [
    ['Start', name],
    ...figures.map((figure, i) => [`2027-02-05 ${String(i).padStart(2, '0')}:00`, figure]),
  ]

  test('energy of each interval beside totals: by its name, or because it falls', () => {
    const { guess, samples } = fileOf(hourly('Usage (kWh)', ['0.12', '0.05', '0.2', '0.08']))
    expect(guess.valueIs).toBe('kWh each')
    expect([...samples.watts].map(Math.round)).toEqual([120, 50, 200, 80, 80])
    expect(analyseMeter(samples).averageW).toBeCloseTo(112.5, 6)
    expect(fileOf(hourly('interval Wh', ['120', '130', '140'])).guess.valueIs).toBe('Wh each')
    expect(fileOf(hourly('Usage (kWh)', ['1.0', '1.1', '1.2'])).guess.valueIs).toBe('kWh total')
  })

  test('kilowatts by a name with an underline', () =>
    expect(fileOf(hourly('power_kW', ['0.1', '0.2'])).samples.watts[0]).toBe(100))

  test('date and time in columns of their own, in either order', () => {
    for (const order of [
      ['05/02/2027', '18:00', '18:30'],
      ['05/02/2027', '6:00 p.m.', '6:30 p.m.'],
    ]) {
      const rows = [
        ['Date', 'Time', 'W'],
        [order[0], order[1], '100'],
        [order[0], order[2], '90'],
      ]
      const { guess, samples } = fileOf(rows)
      expect(guess).toMatchObject({ date: 0, time: 1, value: 2 })
      expect([...samples.atMin]).toEqual([0, 30])
      expect(samples.startsAt).toMatch(/2027-0[25]-0[25]T18:00/)
    }
  })

  test('the newest first is turned round', () => {
    const { samples, reader } = fileOf([
      ['time', 'kWh'],
      ['2027-02-05 20:00', '1.2'],
      ['2027-02-05 19:00', '1.1'],
      ['2027-02-05 18:00', '1.0'],
    ])
    expect(reader.refusedCount).toBe(0)
    expect(samples).toMatchObject({ resets: 0, startsAt: '2027-02-05T18:00' })
    expect([...samples.watts].map(Math.round)).toEqual([100, 100, 100])
  })

  test('clocks alone, newest first, over midnight', () => {
    const { samples } = fileOf([
      ['time', 'W'],
      ['01:00', '3'],
      ['00:30', '2'],
      ['00:00', '1'],
      ['23:30', '0'],
    ])
    expect([...samples.atMin]).toEqual([0, 30, 60, 90])
    expect([...samples.watts]).toEqual([0, 1, 2, 3])
  })

  test('zones of hours alone, and decimal commas beside thousands', () => {
    const { samples, guess } = fileOf(
      [
        ['Zeit', 'Leistung W'],
        ['2027-10-31T02:30:00+02', '1.234,5'],
        ['2027-10-31T02:30:00+01', '999,5'],
      ],
      ';',
    )
    expect(guess.decimal).toBe(',')
    expect([...samples.atMin]).toEqual([0, 60])
    expect(samples.watts[0]).toBe(1234.5)
  })

  test('a hundred thousand rows with gaps and resets are read', () => {
    const reader = new MeterReader(mapping({ headerLine: -1, valueIs: 'Wh total' }))
    for (let i = 0; i < 100_000; i++) {
      const at = 1_800_000_000 + i * 60 + (i > 50_000 ? 7200 : 0)
      reader.add([String(at), String((i * 2) % 60_000)])
    }
    const samples = reader.finish()
    expect(samples.atMin).toHaveLength(100_000)
    expect(samples).toMatchObject({ resets: 3, gaps: [[50_000, 50_121]] })
  })
})

describe('a meter on a thing that is used now and then', () => {
  const wash = (minute: number) => (minute < 38 ? (minute % 10 < 5 ? 40 : 130) : 0)
  const atMin = Float64Array.from({ length: 61 }, (_, i) => i)
  const trace = { atMin, watts: atMin.map(wash), gaps: [] as [number, number][], resets: 0, startsAt: null }

  test('a wash stays a wash: its energy each time, at the watts that lasted', () => {
    const { behaviour } = withFindings(session(500, 20, ['10:00']), analyseMeter(trace))
    if (behaviour.kind !== 'session') throw new Error(behaviour.kind)
    const wh = trace.watts.subarray(0, 60).reduce((sum, w) => sum + w / 60, 0)
    expect(behaviour.runningW.value).toBe(130)
    expect((behaviour.runningW.value * behaviour.minutesEach.value) / 60).toBeCloseTo(wh, 0)
    expect(behaviour.when).toEqual({ at: ['10:00'] })
  })

  test('two washes are two sessions', () => {
    const long = Float64Array.from({ length: 241 }, (_, i) => i)
    const found = analyseMeter({ ...trace, atMin: long, watts: long.map((m) => wash(m % 120)) })
    const { behaviour } = withFindings(session(500, 20, ['10:00']), found)
    expect(behaviour.kind === 'session' && behaviour.minutesEach.value).toBeLessThan(40)
  })

  test('a spike is a start, a level that lasts is not', () => {
    const spike = { ...trace, watts: trace.watts.map((w, i) => (i === 12 ? 900 : w)) }
    expect(analyseMeter(spike).sustainedW).toBe(130)
    expect(analyseMeter(spike).startPeakW).toBe(900)
    const heater = { ...trace, watts: trace.watts.map((w, i) => (i >= 12 && i < 18 ? 900 : w)) }
    expect(analyseMeter(heater).sustainedW).toBe(900)
  })
})

test('a defrost seen in a trace becomes a defrost of the load; a heater’s peak on a display is no start', () => {
  const box = coldBox(150, 60)
  const { defrost, ...plain } = box.kind === 'cycling' ? box : (undefined as never)
  expect(withFindings(plain, analyseMeter(record(30, { defrost: true }))).behaviour).toMatchObject({
    defrost: { watts: { evidence: 'measured' }, control: 'timer' },
  })
  const display = {
    ...analyseMeter(record(30)),
    on: [],
    startPeakW: 383,
    defrosts: null,
  }
  const shown = withFindings({ ...box, defrost }, display)
  expect(shown.start).toBeNull()
  expect(shown.behaviour).toMatchObject({ defrost: { watts: { value: 383, evidence: 'measured' } } })
  expect(withFindings({ ...box, defrost }, { ...display, startPeakW: 900 }).start?.watts.value).toBe(900)
})

test('what is drawn between the cycles is found', () => {
  const { behaviour } = withFindings(constant(50), {
    ...analyseMeter(record(24)),
    idleW: 6,
  })
  expect(behaviour).toMatchObject({ kind: 'cycling', idleW: { value: 6, evidence: 'measured' } })
})
