import { beforeAll, describe, expect, jest, test } from '@jest/globals'
import { act, screen } from '@testing-library/react'
import { AppRouterContext } from 'next/dist/shared/lib/app-router-context.shared-runtime'
import { SearchParamsContext } from 'next/dist/shared/lib/hooks-client-context.shared-runtime'
import { NoWorker, inHousehold } from '../../tests/support/inHousehold'
import { demoHousehold } from '@/catalog/demoHousehold'
import { EQUIPMENT, sourceOf } from '@/catalog/equipment'
import type { Household } from '@/core/plan/household'
import { AnswerStrip } from '@/ui/strip/AnswerStrip'
import { addSource, changeRefill, changeSource, choose, removeLoad, removeSource } from '@/ui/household/edits'
import { HookupPage } from './hookup/HookupPage'
import { LoadsPage } from './loads/LoadsPage'
import { OutagePage } from './outage/OutagePage'
import { CompareTab } from './power/CompareTab'
import { RechargePage } from './recharge/RechargePage'
import { RuntimePage } from './runtime/RuntimePage'

beforeAll(() => {
  Object.assign(globalThis, { Worker: NoWorker, ResizeObserver: NoWorker, IntersectionObserver: NoWorker })
  Object.assign(globalThis, {
    matchMedia: () => ({ matches: false, addEventListener() {}, removeEventListener() {} }),
  })
  // charts draw onto nothing
  HTMLCanvasElement.prototype.getContext = function (this: HTMLCanvasElement) {
    const known = { canvas: this, measureText: () => ({ width: 10 }) }
    return new Proxy(known, {
      get: (own, name) => (Object.hasOwn(own, name) ? own[name as keyof typeof own] : () => {}),
    })
  } as never
  Object.assign(NoWorker.prototype, { observe() {}, unobserve() {}, disconnect() {} })
})

const PAGES: [name: string, page: () => React.ReactNode][] = [
  ['the answer', () => <AnswerStrip />],
  ['Outage', () => <OutagePage />],
  ['Loads', () => <LoadsPage />],
  ['Compare', () => <CompareTab openTab={() => {}} />],
  ['Runtime', () => <RuntimePage />],
  ['Recharge', () => <RechargePage />],
  ['Hookup', () => <HookupPage />],
]

const sample = demoHousehold()
const systemId = sample.chosen.powerSystemId
const second = { ...sourceOf(EQUIPMENT[0], 'second', 120), name: 'Second station' }
const withSecond = addSource(systemId, second)(sample)
const carried = sample.loads[0].id

/** What was evaluated, and the household a moment later: its worker has not answered yet. */
const CHANGES: [change: string, before: Household, after: Household][] = [
  ['a source was removed', withSecond, removeSource(systemId, 'second')(withSecond)],
  ['a source was added', sample, withSecond],
  ['a load was removed', sample, removeLoad(carried)(sample)],
  ['a load was added', removeLoad(carried)(sample), sample],
  ['every load was removed', sample, sample.loads.reduce((now, { id }) => removeLoad(id)(now), sample)],
  [
    'another option was selected',
    withSecond,
    choose({ powerSystemId: sample.powerSystems.find(({ id }) => id !== systemId)!.id })(withSecond),
  ],
  ['a source was taken away', withSecond, changeSource(systemId, 'second', { isAway: true })(withSecond)],
  ['all that refills was removed', sample, changeRefill({ panels: [], generator: null, car: null })(sample)],
  [
    'another outage was selected',
    sample,
    choose({ scenarioId: sample.scenarios.find(({ id }) => id !== sample.chosen.scenarioId)!.id })(sample),
  ],
]

describe.each(CHANGES)('%s, and the answer is still of before', (_, before, after) => {
  test.each(PAGES)('%s is shown', async (_name, page) => {
    const said = jest.spyOn(console, 'error').mockImplementation(() => {})
    inHousehold(
      after,
      <AppRouterContext.Provider value={{} as never}>
        <SearchParamsContext.Provider value={new URLSearchParams()}>{page()}</SearchParamsContext.Provider>
      </AppRouterContext.Provider>,
      before,
    )
    // what is fetched later, and what is worked out apart from what is painted first
    for (let turn = 0; turn < 5; turn++) await act(() => new Promise((resolve) => setTimeout(resolve)))
    expect(screen.queryAllByText(/./).length).toBeGreaterThan(0)
    expect(said.mock.calls.filter(([first]) => String(first).includes('Cannot read'))).toEqual([])
    said.mockRestore()
  })
})
