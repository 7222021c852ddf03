import { describe, expect, test } from '@jest/globals'
import { said } from '../../../tests/support/saidTold'
import type { PlateKind } from '../plan/limits'
import type { Question } from '../reading/facts'
import { type LabelResult, readLabel } from './label'

const reading = (text: string, kind: PlateKind = 'electronics', volts = 120) => {
  const found = readLabel(text, kind, volts)
  if (found.kind !== 'read') throw new Error(JSON.stringify(found))
  return found
}
const read = (text: string, kind?: PlateKind, volts?: number): LabelResult =>
  reading(text, kind, volts).result
const asked = (text: string): Question => {
  const found = readLabel(text, 'motor', 120)
  if (found.kind !== 'question') throw new Error(JSON.stringify(found))
  return found.question
}

describe('what a label says', () => {
  test('volts and amps are volt-amps; a motor draws three quarters of them and starts at six times', () => {
    const result = read('120 V 6.5 A', 'motor')
    expect(result.limitW?.value).toBe(780)
    expect(result.runningW?.value).toBe(585)
    expect(result.startVa).toBe(4680)
    expect(result.isLimitOnly).toBe(true)
    expect(result.steps.map(({ step }) => step.what)).toEqual([
      'label.voltAmps',
      'label.startOfAmps',
      'label.most',
      'label.byAmps',
    ])
    expect(said(result.steps[0].step)).toBe('Volt-amps: volts × amps: 120 V and 6.5 A')
  })

  test('the higher of V × A and W is the limit, the watts are what it draws', () => {
    const result = read('355 W 120 V 3 A', 'cold box')
    expect(result.limitW?.value).toBe(360)
    expect(result.runningW?.value).toBe(355)
    expect(result.isLimitOnly).toBe(false)
  })

  test('horsepower gives full-load amps and a start, by letter where there is one', () => {
    const plain = read('1/3 hp', 'motor')
    expect(plain.runningW?.value).toBeCloseTo(7.2 * 115 * 0.75, 0)
    expect(plain.startVa).toBe(Math.round(7.2 * 115 * 6))
    expect(read('1/2 hp code K', 'motor').startVa).toBe(4500)
    expect(read('FLA 3.2 LRA 18 120V', 'motor')).toMatchObject({ runningW: { value: 288 }, startVa: 2160 })
  })

  test('of two voltages the pair that fits the mains counts, of a range the amps are those at the lowest', () => {
    expect(read('115/230V 9.8/4.9A', 'motor').runningW?.value).toBeCloseTo(845.3, 1)
    expect(read('115/230V 9.8/4.9A', 'motor', 230).steps[0].step.with.current).toBe(4.9)
    expect(read('100-240V 500mA').limitW?.value).toBe(50)
  })

  test('kilowatts on a motor are its shaft’s where volts and amps say more', () => {
    expect(read('0,55 kW 230V 3,9A cosφ 0,8', 'motor', 230).runningW?.value).toBeCloseTo(717.6, 1)
    expect(read('0,55 kW', 'motor', 230).runningW?.value).toBe(550)
  })

  test('what a device gives says what it takes, where that is less', () => {
    expect(read('Input 100-240V~1.5A Output 12V 5A').runningW?.value).toBe(70.6)
    expect(read('Output 1000W Input 1500W').runningW?.value).toBe(1500)
  })

  test('standby, several, units before numbers', () => {
    expect(read('0.5 W standby, 60 W on')).toMatchObject({ runningW: { value: 60 }, idleW: { value: 0.5 } })
    expect(read('40W x 2').runningW?.value).toBe(80)
    expect(read('Volts 115 Amps 7.2 HP 1/3', 'motor').runningW?.value).toBe(621)
  })

  test('kWh a year or a day become an average, Wh a cycle stay what they are', () => {
    expect(read('412 kWh/year', 'cold box').averageW?.value).toBe(47)
    expect(read('0.96 kWh/24h', 'cold box').averageW?.value).toBe(40)
    expect(read('1.1 kWh per cycle').whCycle?.value).toBe(1100)
  })

  test('a defrost heater, a refrigerant, hertz and a kind of protection are what they are', () => {
    const result = read('R-134a 115 V 60 Hz 1.3 A defrost 200 W', 'cold box')
    expect(result.defrostW?.value).toBe(200)
    expect(result.limitW?.value).toBe(149.5)
  })

  test('what is printed beside the figures is known for what it is', () => {
    const all = reading('1/3 HP 115V 5.4A 1725RPM SF 1.35 FR 48 PH 1 INS CL B AMB 40C DUTY CONT', 'motor')
    expect(all.unread).toEqual([])
    expect(all.result.runningW?.value).toBeCloseTo(115 * 5.4 * 0.75, 0)
    expect(reading('115 V 1.5 A R600a 55 g', 'cold box').unread).toEqual([])
    expect(reading('230 V 3 A 1400 min-1', 'motor', 230).unread).toEqual([])
    expect(reading('PH 3 230V 3A', 'motor').unread).toEqual(['PH', '3'])
    // what goes in counts, what the shaft gives does not
    expect(read('P2 550W P1 900W 230V 4.1A', 'motor', 230).runningW?.value).toBe(900)
  })

  test('of a range of watts the middle is what it draws and the higher the most it may', () => {
    const { runningW, limitW } = read('1100-1300 W 220-240 V', 'heat', 230)
    expect([runningW?.value, limitW?.value]).toEqual([1200, 1300])
  })

  test('locked-rotor amps before a range of volts are no thousands', () => {
    const { startVa, runningW } = read('RLA 7.2 LRA 36 208-230V', 'motor')
    expect([startVa, runningW?.value]).toEqual([36 * 208, Math.round(7.2 * 208 * 0.75 * 10) / 10])
  })

  test('what is not understood is told', () => {
    expect(reading('Model blue 120 V 2 A').unread).toEqual(['Model blue'])
    expect(reading('120 V 2 A 3 A').unread).toEqual(['3 A'])
  })

  test.each([
    ['pf 1.4 600 VA', /between 0 and 1/],
    ['900 V 2 A', /not a voltage/],
    ['120 V 400 A', /main fuse/],
    ['99 kW', /more than a household/],
    ['1 hp code O', /no code letter O/],
    ['-40 W', /below zero/],
    ['120 V 0 A', /draws 0 A/],
    ['5 A 120 V LRA 4000', /more than a household’s motor/],
    ['quite strong', /with its units/],
  ])('%s is refused with what would be right', (text, message) => {
    const found = readLabel(text, 'motor', 120)
    expect(found).toMatchObject({ kind: 'refused' })
    expect(found.kind === 'refused' && said(found.message)).toMatch(message)
  })
})

describe('the usual confusions are asked about, with what was probably meant', () => {
  test.each([
    ['2 watts per hour', /already a rate/, '2 W'],
    ['150 Wh', /amount of energy/, '150 W'],
    ['450 kWh/day', /more than a whole house/, '450 kWh/year'],
    ['450 kWh', /in what time/, '450 kWh/year'],
    ['UPS 900 W', /can carry for minutes/, 'UPS 10 W'],
    ['6.5 A 12 V', /their own voltage/, '6.5 A 120 V'],
    ['80,000 BTU/h', /moved or burnt/, '550 W'],
    ['12000 BTU', /moved or burnt/, '1200 W'],
    ['600 VA', /Volt-amps are not watts/, '600 VA pf 0.75'],
    ['1.400 W', /two ways/, '1400 W'],
  ])('%s', (text, message, meant) => {
    const question = asked(text)
    expect(said(question.message)).toMatch(message)
    expect(question.meant[0].text).toBe(meant)
  })

  test('what is meant, once accepted, is read without another question', () => {
    for (const text of ['2 W/h', '150 Wh', '450 kWh/day', 'UPS 900 W', '6.5 A 12 V', '80 kBTU', '600 VA'])
      for (const { text: meant } of asked(text).meant)
        expect(readLabel(meant, 'motor', 120).kind).toBe('read')
  })

  test('7 A at 120 V are told as about 80 A from a 12 V battery', () => {
    expect(said(asked('7 A 12 V').message)).toMatch(/840 VA, about 80 A/)
  })
})
