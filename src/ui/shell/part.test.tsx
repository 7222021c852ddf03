import { afterEach, beforeEach, expect, jest, test } from '@jest/globals'
import { act, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { type ComponentType, lazy } from 'react'
import { isLoadError, part } from './part'
import { onUnreachable } from './unreachableEvent'

class ChunkLoadError extends Error {
  override name = 'ChunkLoadError'
}
const Panel = ({ words }: { words: string }) => <p>{words}</p>
type Panel = ComponentType<{ words: string }>

let quiet: ReturnType<typeof jest.spyOn>
beforeEach(() => {
  quiet = jest.spyOn(console, 'error').mockImplementation(() => {})
})
afterEach(() => {
  quiet.mockRestore()
  jest.useRealTimers()
})

/** A part whose fetches fail until there is a connection. */
function partOf(where?: 'above it') {
  const line = { isUp: false, tries: 0 }
  const load = async (): Promise<Panel> => {
    line.tries++
    if (!line.isUp) throw new ChunkLoadError('Failed to load chunk')
    return Panel
  }
  const First = lazy(async () => ({ default: await load() })) as unknown as Panel
  return { line, Shown: part(First, load, where) }
}

test('a part that did not come says so in its place, beside what stands, and comes by itself', async () => {
  jest.useFakeTimers()
  const { line, Shown } = partOf()
  await act(
    async () =>
      void render(
        <main>
          beside
          <Shown words="here" />
        </main>,
      ),
  )
  expect(screen.getByRole('status').textContent).toMatch(/No connection/)
  expect(screen.getByRole('main').textContent).toMatch(/^beside/)
  await act(() => jest.advanceTimersByTimeAsync(8000))
  const tries = line.tries
  expect(tries).toBeGreaterThan(2)
  line.isUp = true
  await act(() => jest.advanceTimersByTimeAsync(20_000))
  expect(screen.getByText('here')).toBeDefined()
  expect(screen.queryByRole('status')).toBeNull()
})

test('the moment the connection is back it is tried, and known to whoever opens it later', async () => {
  const { line, Shown } = partOf()
  const { unmount } = await act(async () => render(<Shown words="here" />))
  line.isUp = true
  await act(async () => void window.dispatchEvent(new Event('online')))
  expect(screen.getByText('here')).toBeDefined()
  unmount()
  render(<Shown words="again" />)
  expect(screen.getByText('again')).toBeDefined()
})

test('what stands above the page is told of in a notice', async () => {
  const told: string[] = []
  const stop = onUnreachable((what) => told.push(what))
  const { Shown } = partOf('above it')
  await act(async () => void render(<Shown words="here" />))
  expect(told).toEqual(['part'])
  stop()
})

test('a part that breaks while it is drawn says that, and can be tried again', async () => {
  let isBroken = true
  const Breaks = () => {
    if (isBroken) throw new Error('no such figure')
    return <p>mended</p>
  }
  const Shown = part(Breaks, async () => Breaks)
  await act(async () => void render(<Shown />))
  expect(screen.getByRole('alert').textContent).toMatch(/could not be shown/)
  isBroken = false
  await userEvent.click(screen.getByRole('button', { name: 'Try again' }))
  expect(screen.getByText('mended')).toBeDefined()
})

test('what was not fetched is told from what is broken', () => {
  expect(isLoadError(new ChunkLoadError('x'))).toBe(true)
  expect(isLoadError(new TypeError('Failed to fetch dynamically imported module: x'))).toBe(true)
  expect(isLoadError(new Error('no such figure'))).toBe(false)
  expect(isLoadError('x')).toBe(false)
})
