import { expect, test } from '@jest/globals'
import { Turns } from './turns'

/** Counts to a number, a step at a time. */
const counting = (log: string[]) =>
  function* (name: string, to: number) {
    for (let n = 1; n <= to; n++) yield log.push(`${name}${n}`)
    return `${name} done`
  }

test('questions are answered one after the other, in the order they came', async () => {
  const log: string[] = []
  const count = new Turns().inTurn(counting(log))
  expect(await Promise.all([count(1, 'a', 2), count(2, 'b', 1)])).toEqual(['a done', 'b done'])
  expect(log).toEqual(['a1', 'a2', 'b1'])
})

test('what is given up stops at its next pause, and the next question has its turn', async () => {
  const log: string[] = []
  const turns = new Turns()
  const count = turns.inTurn(function* (name: string, to: number) {
    for (const logged of counting(log)(name, to)) {
      if (logged === 2) turns.giveUp(1)
      yield
    }
    return name
  })
  const first = count(1, 'a', 1000)
  const second = count(2, 'b', 1)
  await expect(first).rejects.toThrow('given up')
  expect(await second).toBe('b')
  expect(log).toEqual(['a1', 'a2', 'b1'])
})

test('what is given up before its turn does nothing', async () => {
  const log: string[] = []
  const turns = new Turns()
  const count = turns.inTurn(counting(log))
  const answers = [count(1, 'a', 1), count(2, 'b', 1)]
  turns.giveUp(2)
  expect(await Promise.allSettled(answers)).toMatchObject([{ value: 'a done' }, { status: 'rejected' }])
  expect(log).toEqual(['a1'])
})

test('work that fails refuses its own question alone', async () => {
  const turns = new Turns()
  const fail = turns.inTurn(function* (): Generator<unknown, never> {
    throw new RangeError('too busy')
  })
  const answers = [fail(1), turns.inTurn(counting([]))(2, 'b', 1)]
  expect(await Promise.allSettled(answers)).toMatchObject([
    { reason: new RangeError('too busy') },
    { value: 'b done' },
  ])
})
