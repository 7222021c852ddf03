interface UnderWay<T> {
  result: Promise<T>
  /** gives it up */
  end: () => void
  waiting: number
}

/** Work that several may wait for at once: done once for each key, given up when the last of them has left or after a deadline. */
export class SharedWork<T> {
  private readonly underWay = new Map<string, UnderWay<T>>()

  /** @param deadlineMs the longest that anybody waits */
  constructor(private readonly deadlineMs: number) {}

  /**
   * Waits for the work of a key, which is begun where it is not under way.
   *
   * @param left aborted when the one who asks has gone; null of one who waits to the end
   * @param begin begins it; told by a signal when nobody wants it any more
   */
  wait(key: string, left: AbortSignal | null, begin: (signal: AbortSignal) => Promise<T>): Promise<T> {
    const work = this.underWay.get(key) ?? this.begin(key, begin)
    work.waiting++
    const leave = () => {
      if (--work.waiting === 0) work.end()
    }
    if (left?.aborted) leave()
    else left?.addEventListener('abort', leave, { once: true })
    return work.result.finally(() => left?.removeEventListener('abort', leave))
  }

  private begin(key: string, begin: (signal: AbortSignal) => Promise<T>): UnderWay<T> {
    const ends = new AbortController()
    const work: UnderWay<T> = {
      result: begin(AbortSignal.any([ends.signal, AbortSignal.timeout(this.deadlineMs)])).finally(() => {
        if (this.underWay.get(key) === work) this.underWay.delete(key)
      }),
      end: () => {
        // who comes now begins anew
        this.underWay.delete(key)
        ends.abort()
      },
      waiting: 0,
    }
    this.underWay.set(key, work)
    return work
  }
}
