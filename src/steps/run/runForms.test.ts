import { describe, expect, test } from '@jest/globals'
import { demoHousehold } from '@/catalog/demoHousehold'
import { planOf } from '@/core/plan/planOf'
import type { RunHead } from '@/core/run/runDocument'
import { eventFormSchema, readingFormSchema } from './runForms'

const head: RunHead = {
  id: 'r',
  kind: 'test',
  name: 'Test',
  startedAt: '2027-02-05T18:00:00.000Z',
  startsLocal: '2027-02-05T18:00',
  plan: planOf(demoHousehold()),
  sourceId: 'main',
}
const faultsOf = (result: { error?: { issues: { path: PropertyKey[]; message: string }[] } }) =>
  (result.error?.issues ?? []).map(({ path, message }) => [path.join('.'), message])

describe('forms of a run', () => {
  test('a reading: every field that is wrong is told where it stands, the clock too', () => {
    expect(
      faultsOf(
        readingFormSchema.safeParse({ chargeFraction: '140', nowW: 'much', clock: '25:00', peakOf: '' }),
      ).map(([path]) => path),
    ).toEqual(['chargeFraction', 'nowW', 'clock'])
    expect(faultsOf(readingFormSchema.safeParse({ clock: '', peakOf: '' }))).toEqual([
      ['root', 'Nothing was typed. One figure is enough, such as the percent of the display.'],
    ])
    expect(readingFormSchema.safeParse({ chargeFraction: '84 %', clock: '6 pm', peakOf: '' }).success).toBe(
      true,
    )
  })

  test('an event: what its kind cannot take is told at what was typed', () => {
    const check = (kind: Parameters<typeof eventFormSchema>[1], which: string, text: string) =>
      faultsOf(eventFormSchema(head, kind, 'main').safeParse({ which, how: 'off', text }))
    expect(check('source', 'main', '140')).toEqual([
      ['text', 'Its charge in percent, 0 to 100, as the display has it now.'],
    ])
    expect(check('temperature', 'room', 'warm')).toEqual([['text', 'A number, such as 4.']])
    expect(check('note', '', ' ')).toEqual([['text', 'Nothing was written.']])
    expect(check('temperature', 'room', '-4')).toEqual([])
    expect(check('switch', head.plan.loads[0].id, '')).toEqual([])
  })
})
