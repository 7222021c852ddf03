'use client'
import Button from '@mui/material/Button'
import { Component, type ComponentType, type ReactNode, useEffect, useState } from 'react'
import { part as partWords } from '@/words/en/ui/shell'
import { wordsOf } from '@/words/translate'
import { tellUnreachable } from './unreachableEvent'

const say = wordsOf(partWords)

type Load<P> = () => Promise<ComponentType<P> | { default: ComponentType<P> }>

/** Everything that is fetched when it is wanted, in the order in which the pages in view named it. */
const loaders: (() => Promise<unknown>)[] = []

/** What pages in view may open, for whoever fetches it before the connection can go. */
export const laterParts: readonly (() => Promise<unknown>)[] = loaders

/** Names something that is fetched when it is wanted, so that it is there before the connection can go. */
export function later<T>(load: () => Promise<T>): () => Promise<T> {
  loaders.push(load)
  return load
}

/** Where a part stands: in the page, or above it, where only a notice would be seen. */
type Where = 'in the page' | 'above it'

/** How long to wait before it is tried again, ms; the last goes on. */
const TRY_AGAIN_MS = [1000, 2000, 4000, 8000, 15_000]

/**
 * A part of a page that is fetched when it is wanted, and never takes the page down: where it does not come it says so in its
 * place, and is tried again until it does.
 *
 * @param First the part as `dynamic` makes it
 * @param load the same fetch, for every later try
 */
export function part<P extends object>(
  First: ComponentType<P>,
  load: Load<P>,
  where: Where = 'in the page',
): ComponentType<P> {
  later(load)
  // what `dynamic` failed to fetch it never fetches again
  let fetched: ComponentType<P> | null = null
  return function Part(props: P) {
    const [Again, setAgain] = useState<ComponentType<P> | null>(() => fetched)
    const again = async () => {
      const came = await load()
      const Found = 'default' in came ? came.default : came
      fetched = Found
      setAgain(() => Found)
    }
    if (Again)
      return (
        <Boundary key="again" missing={(_, reset) => <Broken reset={reset} />}>
          <Again {...props} />
        </Boundary>
      )
    return (
      <Boundary
        missing={(error, reset) =>
          isLoadError(error) ? <Missing again={again} where={where} /> : <Broken reset={reset} />
        }
      >
        <First {...props} />
      </Boundary>
    )
  }
}

/** Whether something was not fetched, rather than broken. */
export const isLoadError = (error: unknown): boolean =>
  error instanceof Error &&
  (error.name === 'ChunkLoadError' ||
    /load chunk|loading (css )?chunk|dynamically imported module/i.test(error.message))

interface BoundaryProps {
  missing: (error: Error, reset: () => void) => ReactNode
  children: ReactNode
}

class Boundary extends Component<BoundaryProps, { error: Error | null }> {
  override state = { error: null as Error | null }
  static getDerivedStateFromError = (error: Error) => ({ error })
  override render() {
    const { error } = this.state
    return error ? this.props.missing(error, () => this.setState({ error: null })) : this.props.children
  }
}

/** Says that a part has not come, and tries again: when the connection is back, and now and then. */
function Missing({ again, where }: { again: () => Promise<void>; where: Where }) {
  useEffect(() => {
    if (where === 'above it') tellUnreachable('part')
    let isOver = false
    let timer: ReturnType<typeof setTimeout>
    const tryAgain = (attempt: number) => {
      if (isOver) return
      timer = setTimeout(
        () => {
          again().catch(() => tryAgain(attempt + 1))
        },
        TRY_AGAIN_MS[Math.min(attempt, TRY_AGAIN_MS.length - 1)],
      )
    }
    const atOnce = () => {
      clearTimeout(timer)
      again().catch(() => tryAgain(0))
    }
    tryAgain(0)
    addEventListener('online', atOnce)
    return () => {
      isOver = true
      clearTimeout(timer)
      removeEventListener('online', atOnce)
    }
    // the first try's is as good as any later render's
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [])
  if (where === 'above it') return null
  return (
    <span className="hint" role="status">
      {say('noConnection')}
    </span>
  )
}

function Broken({ reset }: { reset: () => void }) {
  return (
    <span className="fault" role="alert">
      {say('couldNotBeShown')}{' '}
      <Button variant="text" onClick={reset}>
        {say('tryAgain')}
      </Button>
    </span>
  )
}
