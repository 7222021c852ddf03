import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals'
import { act, renderHook, screen } from '@testing-library/react'
import { entryAt, headOf, readingAt } from '../../../tests/calibration/runs/runOf'
import { NoWorker, inHousehold } from '../../../tests/support/inHousehold'
import { loadOf, planWith } from '../../../tests/support/samplePlan'
import { demoHousehold } from '@/catalog/demoHousehold'
import { quantity } from '@/core/quantity/quantity'
import type { Explanation } from '@/core/run/explain'
import { type RunPrediction, predictRun } from '@/core/run/predictRun'
import type { Entry, EntryOf } from '@/core/run/runDocument'
import { useStation } from '@/ui/runs/useStation'
import { RunClient } from '@/worker/runClient'
import { FinishRun } from './FinishRun'
import { usePrediction } from './usePrediction'

/** What the worker was asked, to be answered by the test. */
const asked: { predict: ((found: RunPrediction) => void)[]; explain: ((found: Explanation[]) => void)[] } = {
  predict: [],
  explain: [],
}

const draw = quantity(100, 'W', 'typical', { times: 1.5 })
const plan = planWith([loadOf({ kind: 'constant', runningW: draw }, { id: 'box', name: 'Box' })])
const head = headOf(plan)
const readings = Array.from({ length: 8 }, (_, i) =>
  readingAt(plan, 30 * i, { chargeFraction: Math.round((1 - 0.05 * i) * 100) / 100 }),
)
const found = predictRun(head, readings, { runs: 100 })

beforeEach(() => {
  asked.predict.length = 0
  asked.explain.length = 0
  Object.assign(globalThis, { Worker: NoWorker })
  jest
    .spyOn(RunClient.prototype, 'predict')
    .mockImplementation(() => new Promise((done) => asked.predict.push(done)))
  jest
    .spyOn(RunClient.prototype, 'explain')
    .mockImplementation(() => new Promise((done) => asked.explain.push(done)))
})

describe('a prediction of a log', () => {
  test('it is of all entries only once the newest were worked out', async () => {
    const { result, rerender } = renderHook(({ entries }) => usePrediction(head, entries), {
      initialProps: { entries: readings as Entry[] },
    })
    expect(result.current).toMatchObject({ found: null, isOfAll: false })
    await act(async () => asked.predict[0](found))
    expect(result.current).toMatchObject({ found, isOfAll: true })
    rerender({ entries: [...readings, entryAt<EntryOf<'end'>>(plan, 250, { kind: 'end', how: 'empty' })] })
    // what was found stands until there is better, and says that it is older
    expect(result.current).toMatchObject({ found, isOfAll: false })
    await act(async () => asked.predict[1](found))
    expect(result.current.isOfAll).toBe(true)
  })
})

describe('what a run taught', () => {
  test('comes with its reasons in one piece, so that its key never moves', async () => {
    inHousehold(demoHousehold(), <FinishRun head={head} entries={readings} found={found} />)
    expect(screen.queryByRole('button')).toBeNull()
    await act(async () => asked.explain[0]([]))
    expect(screen.getByRole('button', { name: 'Take the learned values over' })).toBeTruthy()
    expect(screen.getByRole('row', { name: /Box/ })).toBeTruthy()
  })
})

describe('a station that logs by itself', () => {
  /** A stream the test speaks for. */
  class Stream extends EventTarget {
    static readonly all: Stream[] = []
    static readonly CLOSED = 2
    readyState = 0
    onmessage: ((event: { data: string }) => void) | null = null
    onerror: (() => void) | null = null
    constructor(readonly url: string) {
      super()
      Stream.all.push(this)
    }
    close() {
      this.readyState = Stream.CLOSED
    }
    breakOff() {
      this.readyState = Stream.CLOSED
      this.onerror?.()
    }
  }
  const wish = { speed: 60, gaugeOff: 0, fromMin: 0 }
  const told = {
    at: head.startedAt,
    minute: 0,
    chargePercent: 99,
    outputW: 100,
    wattHoursOut: 0,
    output: 'on',
  }
  const station = () => {
    let alike = () => {}
    const exchange = () => new Promise<void>((done) => (alike = done))
    const { result } = renderHook(() => useStation('home', head, async () => {}, exchange))
    return { result, sent: () => act(async () => alike()) }
  }
  beforeEach(() => {
    Stream.all.length = 0
    Object.assign(globalThis, { EventSource: Stream })
  })
  afterEach(() => void Reflect.deleteProperty(globalThis, 'EventSource'))

  test('is asked when the server has the run, not before', async () => {
    const { result, sent } = station()
    act(() => void result.current.start(wish))
    expect(result.current.state).toBe('asked')
    expect(Stream.all).toHaveLength(0)
    await sent()
    expect(Stream.all).toHaveLength(1)
    act(() => Stream.all[0].onmessage?.({ data: JSON.stringify(told) }))
    expect(result.current.state).toMatchObject({ chargePercent: 99 })
    act(() => Stream.all[0].breakOff())
    expect(result.current).toMatchObject({ state: null, trouble: expect.stringMatching(/no longer answers/) })
  })

  test('that never answered is not said to answer no longer', async () => {
    const { result, sent } = station()
    act(() => void result.current.start(wish))
    await sent()
    act(() => Stream.all[0].breakOff())
    expect(result.current.trouble).toMatch(/did not answer/)
  })

  test('stopped while it waits is not asked at all', async () => {
    const { result, sent } = station()
    act(() => void result.current.start(wish))
    act(() => result.current.stop())
    await sent()
    expect(Stream.all).toHaveLength(0)
    expect(result.current.state).toBeNull()
  })
})
