import { describe, expect, test } from '@jest/globals'
import { demoHousehold } from '@/catalog/demoHousehold'
import { planOf } from '@/core/plan/planOf'
import { evaluate } from '../../../tests/support/saidEvaluation'
import { inOrder } from './optionOrder'
import { type RowContext, shownOf } from './optionRows'
import { ROW_GROUPS } from './rowGroups'
import { decidingRow, decidingWords } from './deciding'

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
    sources: plan.powerSystem.sources,
    source: plan.powerSystem.sources[0],
    plan,
    evaluation: evaluate(plan, { runs: 60 }),
  }
}

const row = (label: string) =>
  ROW_GROUPS.flatMap(({ rows }) => rows).find((option) => option.label === label)!

describe('what decides an option', () => {
  test('its hours, when it carries and starts everything', () => {
    expect(decidingRow(contextOf('station-2000'))?.label).toBe('Runtime at the chosen confidence')
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

describe('why it decides', () => {
  test('in a sentence with the figures and the load', () => {
    expect(decidingWords(contextOf('station-2000'))).toMatch(
      /^It carries and starts all, and is .* short, with 90 % confidence/,
    )
    expect(decidingWords(contextOf('station-1000'))).toMatch(
      /1,032 W may run together, 1,000 W is given; the largest is/,
    )
    expect(decidingWords(contextOf('station-1000', 'august-line-work'))).toMatch(/needs 240 V/)
    const weak = contextOf('station-2000', 'february-ice', ({ powerSystem: { sources } }) => {
      sources[0].continuousW.value = 1500
      sources[0].surgeW.value = 1600
    })
    expect(decidingWords(weak)).toMatch(/Sump pump brings it to 2,012 W, 1,600 W is given/)
    expect(decidingWords({ ...weak, evaluation: undefined })).toBe('')
  })
})

describe('the order of options', () => {
  const contexts = household.powerSystems.map(({ id }) => contextOf(id))
  const ids = (order: string, list = contexts) => inOrder(list, order).map(({ system }) => system.id)

  test('as added, by price, by hours, by weight', () => {
    expect(ids('kept')).toEqual(household.powerSystems.map(({ id }) => id))
    const prices = inOrder(contexts, 'price').map(({ source }) => source.price!)
    expect(prices).toEqual([...prices].sort((a, b) => a - b))
    expect(ids('hours')[0]).toBe('bank-lfp-24')
    expect(ids('weight')[0]).toBe('station-1000')
  })

  test('the pinned first, the hidden not at all', () => {
    const shown = contexts.map((context) => ({
      ...context,
      system: {
        ...context.system,
        ...(context.system.id === 'bank-agm-24' ? { shown: 'pinned' as const } : {}),
        ...(context.system.id === 'station-1000' ? { shown: 'hidden' as const } : {}),
      },
    }))
    expect(ids('price', shown)[0]).toBe('bank-agm-24')
    expect(ids('price', shown)).not.toContain('station-1000')
  })
})

describe('what a row shows', () => {
  const context = contextOf('station-2000')

  test('what is needed and what is given', () => {
    expect(row('Running watts').need?.(context)).toBe('1,032 W')
    expect(row('Running watts').show(context)).toBe('2,400 W')
    expect(row('Runs out about').need?.(context)).toBe('Sunday 12:00')
    expect(row('Capacity').show(context)).toBe('2.05 kWh')
    expect(row('Price').show(context)).toBe('1,500 USD')
  })

  test('an option that is not run yet shows that it is coming', () => {
    const waiting = { ...context, evaluation: undefined }
    for (const label of [
      'Runtime at the chosen confidence',
      'Runs out about',
      'Chance to last the outage',
      'Usable at the outlets',
    ])
      expect(row(label).show(waiting)).toBe('…')
  })

  test('an end beyond the horizon is not invented', () => {
    const endless = contextOf('bank-lfp-24', 'august-line-work', ({ loads }) =>
      loads.forEach((load) => (load.on = load.id === 'network')),
    )
    expect(row('Runs out about').show(endless)).toBe('not in sight')
    expect(row('Runtime at the chosen confidence').show(endless)).toBe('over 48 h')
  })

  test('what a station and a bank each have to say', () => {
    const agm = contextOf('bank-agm-24')
    expect(row('AC charging').show(agm)).toBe('no charger')
    expect(row('AC charging').show(contextOf('bank-lfp-24'))).toMatch(/ h$/)
    expect(row('In all').show(agm)).toMatch(/kg, 5 pc$/)
    expect(row('Outlets').show(context)).toMatch(/× 20 A/)
    expect(row('Solar input').show(context)).toMatch(/^11–60 V, 15 A/)
    expect(row('Cold').show(agm)).not.toBe(row('Cold').show(context))
    expect(row('Cost per kWh over its life').show(context)).toMatch(/USD$/)
    const unvalued = {
      ...context,
      plan: { ...context.plan, household: { ...context.plan.household, foodValue: undefined } },
    }
    expect(row('Equals outages of lost food').show(unvalued)).toBe('–')
    const valued = {
      ...context,
      plan: { ...context.plan, household: { ...context.plan.household, foodValue: 300 } },
    }
    expect(row('Equals outages of lost food').show(valued)).toBe('5 ×')
    expect(row('Goes to sleep').show(context)).toBe('no')
    expect(row('Transfer time').show(context)).toBe('20 ms')
    expect(row('Recharge, hours of every 24').show(context)).toMatch(/^\d+(\.\d)? h$/)
    expect(row('All inputs together').show(context)).toBe('–')
  })

  test('fields object to what contradicts the rest', () => {
    expect(row('Running watts').quantity?.check?.(5000, context.source)).toMatch(
      /surge watts are 4,000 W; raise them first/,
    )
    expect(row('Largest start').quantity?.check?.(2000, context.source)).toMatch(
      /At least the continuous 2,400 W/,
    )
  })
})

describe('several sources in one option', () => {
  const pair = contextOf('station-2000', 'february-ice', ({ powerSystem: { sources } }) => {
    sources.push({
      ...structuredClone(sources[0]),
      id: 'second',
      name: 'Second',
      afterSourceId: sources[0].id,
    })
    sources[1].noLoadW.value += 3
  })

  test('what adds up is added up, what differs is told of each, what is the same once', () => {
    const [one] = pair.sources
    const single = { ...pair, sources: [one] }
    expect(shownOf(row('Capacity'), single)).toBe('2.05 kWh')
    expect(shownOf(row('Capacity'), pair)).toBe('4.10 kWh')
    expect(shownOf(row('Idle draw (no-load)'), pair)).toMatch(/^.+ W · .+ W$/)
    expect(shownOf(row('Inverter efficiency'), pair)).toBe(shownOf(row('Inverter efficiency'), single))
    expect(shownOf(row('In all'), pair)).toMatch(/2 pc$/)
  })

  test('the cells that come from runs open a working', () => {
    for (const label of [
      'Runtime at the chosen confidence',
      'Running watts',
      'Largest start',
      'Usable at the outlets',
    ])
      expect(row(label).working!(pair)!.steps.length).toBeGreaterThan(0)
  })
})
