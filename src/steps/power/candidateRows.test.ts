import { describe, expect, test } from '@jest/globals'
import { demoHousehold } from '@/catalog/demoHousehold'
import { planOf } from '@/core/plan/planOf'
import { evaluate } from '@/core/sizing/evaluate'
import { ROW_GROUPS, type RowContext, decidingRow } from './candidateRows'

const household = demoHousehold()

function contextOf(
  systemId: string,
  scenarioId = 'february-ice',
  change: (plan: ReturnType<typeof planOf>) => void = () => {},
): RowContext {
  const plan = planOf(structuredClone(household), scenarioId, systemId)
  change(plan)
  return {
    system: plan.powerSystem,
    source: plan.powerSystem.sources[0],
    plan,
    evaluation: evaluate(plan, { runs: 60 }),
  }
}

const row = (label: string) =>
  ROW_GROUPS.flatMap(({ rows }) => rows).find((candidate) => candidate.label === label)!

describe('what decides a candidate', () => {
  test('its hours, when it carries and starts everything', () => {
    expect(decidingRow(contextOf('station-2000'))?.label).toBe('Lasts, as surely as asked')
  })

  test('its voltage before anything else', () => {
    expect(decidingRow(contextOf('station-1000', 'august-line-work'))?.label).toBe('Voltage')
  })

  test('its running watts before its starts', () => {
    const weak = contextOf('station-2000', 'february-ice', ({ powerSystem: { sources } }) => {
      sources[0].continuousW.value = 400
      sources[0].surgeW.value = 500
    })
    expect(decidingRow(weak)?.label).toBe('Running watts')
    expect(row('Largest start').fails?.(weak)).toBe(true)
  })

  test('its start, where that alone is too much', () => {
    const weak = contextOf('station-2000', 'february-ice', ({ powerSystem: { sources } }) => {
      sources[0].continuousW.value = 1500
      sources[0].surgeW.value = 1600
    })
    expect(decidingRow(weak)?.label).toBe('Largest start')
  })

  test('nothing, until it has been run', () => {
    expect(decidingRow({ ...contextOf('station-2000'), evaluation: undefined })).toBeNull()
  })
})

describe('what a row shows', () => {
  const context = contextOf('station-2000')

  test('what is needed and what is given', () => {
    expect(row('Running watts').need?.(context)).toBe('1,032 W')
    expect(row('Running watts').show(context)).toBe('2,400 W')
    expect(row('Runs out about').need?.(context)).toBe('Sunday 12:00')
    expect(row('Stored').show(context)).toBe('2.05 kWh')
    expect(row('Price').show(context)).toBe('1,500 USD')
  })

  test('a candidate that is not run yet shows that it is coming', () => {
    const waiting = { ...context, evaluation: undefined }
    for (const label of [
      'Lasts, as surely as asked',
      'Runs out about',
      'Runs that last',
      'Reaches the outlets',
    ])
      expect(row(label).show(waiting)).toBe('…')
  })

  test('an end beyond the horizon is not invented', () => {
    const endless = contextOf('bank-lfp-24', 'august-line-work', ({ loads }) =>
      loads.forEach((load) => (load.on = load.id === 'network')),
    )
    expect(row('Runs out about').show(endless)).toBe('not in sight')
    expect(row('Lasts, as surely as asked').show(endless)).toBe('over 48 h')
  })

  test('fields object to what contradicts the rest', () => {
    expect(row('Running watts').quantity?.check?.(5000, context.source)).toMatch(
      /surge watts are 4,000 W; raise them first/,
    )
    expect(row('Largest start').quantity?.check?.(2000, context.source)).toMatch(
      /At least the continuous 2,400 W/,
    )
    expect(row('Inverter efficiency').quantity?.check?.(0.2, context.source)).toMatch(/30 to 100 %/)
    expect(row('Reserve it keeps').quantity?.check?.(0.5, context.source)).toBeNull()
  })
})
