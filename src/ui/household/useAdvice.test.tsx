import { beforeAll, expect, jest, test } from '@jest/globals'
import { act, screen } from '@testing-library/react'
import { NoWorker, inHousehold } from '../../../tests/support/inHousehold'
import { demoHousehold } from '@/catalog/demoHousehold'
import { type Ask, useAdvice } from './useAdvice'

beforeAll(() => {
  Object.assign(globalThis, { Worker: NoWorker })
})

function Advice({ ask }: { ask: Ask<string> }) {
  return <p>{useAdvice(ask) ?? 'nothing yet'}</p>
}

test('what is known so far is shown; heard after the end it does not take its place', async () => {
  jest.useFakeTimers()
  let show: (advice: string) => void = () => {}
  let end: (advice: string) => void = () => {}
  const ask: Ask<string> = (_client, _plan, told) => {
    show = told
    return new Promise((resolve) => (end = resolve))
  }
  inHousehold(demoHousehold(), <Advice ask={ask} />)
  screen.getByText('nothing yet')
  await act(() => jest.advanceTimersByTimeAsync(1000))
  await act(async () => show('a part'))
  screen.getByText('a part')
  await act(async () => end('the whole'))
  await act(async () => show('a part, late'))
  expect(screen.getByText('the whole')).toBeTruthy()
  jest.useRealTimers()
})
