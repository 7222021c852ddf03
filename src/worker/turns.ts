/**
 * Answers questions in the order they came, each a step at a time; one that nobody waits for any more is given up at its next
 * pause, in which newer questions are heard as well.
 */
export class Turns {
  private last: Promise<unknown> = Promise.resolve()
  private readonly givenUp = new Set<number>()

  /** @param steps of the work; what it throws refuses whoever waits. @returns answers a question that has a ticket */
  inTurn<A extends unknown[], R>(
    steps: (...given: A) => Generator<unknown, R>,
  ): (ticket: number, ...given: A) => Promise<R> {
    return (ticket, ...given) => {
      const answer = this.last.then(async () => {
        const work = steps(...given)
        for (;;) {
          await new Promise((resolve) => setTimeout(resolve))
          if (this.givenUp.delete(ticket)) throw new Error('given up')
          const step = work.next()
          if (step.done) return step.value
        }
      })
      this.last = answer.catch(() => {})
      return answer
    }
  }

  giveUp(ticket: number): void {
    this.givenUp.add(ticket)
  }
}
