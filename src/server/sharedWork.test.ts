import { describe, expect, jest, test } from '@jest/globals'
import { SharedWork } from './sharedWork'

/** Work that ends when it is told to, or when nobody wants it. */
function work() {
  const begun: AbortSignal[] = []
  let finish: (value: string) => void = () => {}
  const begin = (signal: AbortSignal) => {
    begun.push(signal)
    return new Promise<string>((resolve, reject) => {
      finish = resolve
      signal.addEventListener('abort', () => reject(new Error('given up')))
    })
  }
  return { begun, begin, finish: (value: string) => finish(value) }
}

describe('work that several wait for', () => {
  test('is done once, and all hear of it', async () => {
    const shared = new SharedWork<string>(10_000)
    const { begun, begin, finish } = work()
    const all = [shared.wait('a', null, begin), shared.wait('a', new AbortController().signal, begin)]
    finish('done')
    expect(await Promise.all(all)).toEqual(['done', 'done'])
    expect(begun).toHaveLength(1)
    void shared.wait('a', null, begin)
    expect(begun).toHaveLength(2)
  })

  test('goes on while one of them is left, and is given up with the last', async () => {
    const shared = new SharedWork<string>(10_000)
    const { begun, begin } = work()
    const [one, two] = [new AbortController(), new AbortController()]
    const all = Promise.allSettled([shared.wait('a', one.signal, begin), shared.wait('a', two.signal, begin)])
    one.abort()
    expect(begun[0].aborted).toBe(false)
    two.abort()
    expect(begun[0].aborted).toBe(true)
    expect((await all).map(({ status }) => status)).toEqual(['rejected', 'rejected'])
  })

  test('one who came after it was given up begins it anew; one who had left before is not waited for', async () => {
    const shared = new SharedWork<string>(10_000)
    const { begun, begin, finish } = work()
    const gone = AbortSignal.abort()
    await expect(shared.wait('a', gone, begin)).rejects.toThrow('given up')
    const again = shared.wait('a', null, begin)
    expect(begun).toHaveLength(2)
    finish('done')
    expect(await again).toBe('done')
  })

  test('is given up at the deadline', async () => {
    const now = jest.spyOn(AbortSignal, 'timeout').mockReturnValue(AbortSignal.abort())
    const { begun, begin } = work()
    void new SharedWork<string>(2000).wait('a', null, begin).catch(() => {})
    expect(now).toHaveBeenCalledWith(2000)
    expect(begun[0].aborted).toBe(true)
    now.mockRestore()
  })
})
