import { describe, expect, test } from '@jest/globals'
import { inWords } from '../../../tests/support/saidTold'
import { WIRING_TABLES } from '@/catalog/wires'
import { readWireSize } from './wireSize'

const read = (text: string, system: 'AWG' | 'mm²' = 'AWG') =>
  inWords(readWireSize(text, WIRING_TABLES.wires, system))

describe('how thick a wire is', () => {
  test.each([
    ['12', 'AWG', 3.31],
    ['12 AWG', 'mm²', 3.31],
    ['#10', 'mm²', 5.26],
    ['14 ga', 'AWG', 2.08],
    ['2/0', 'mm²', 67.4],
    ['00', 'AWG', 67.4],
    ['2.5', 'mm²', 2.5],
    ['2,5 mm²', 'AWG', 2.5],
    ['1.5mm2', 'AWG', 1.5],
    ['16 sq mm', 'AWG', 16],
    ['16', 'mm²', 16],
  ] as const)('%s, in a household of %s', (text, system, areaMm2) => {
    expect(read(text, system)).toMatchObject({ ok: true, areaMm2 })
  })
  test.each([
    ['', /Nothing is written/],
    ['thick', /is no wire’s size/],
    ['13 AWG', /13 AWG is not sold here; 18, 16, 14/],
    ['40 mm²', /40 mm² is not sold here; 0.75, 1, 1.5/],
    ['-1', /is no wire’s size/],
  ])('%s is refused with what would be right', (text, message) => {
    expect(read(text)).toMatchObject({ ok: false, message: expect.stringMatching(message) })
  })
})
