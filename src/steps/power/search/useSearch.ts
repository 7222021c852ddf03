import { startTransition, useEffect, useRef, useState } from 'react'
import type { Judged } from '@/core/sizing/search/search'
import { useSearch as useSearchWords } from '@/words/en/pages/search'
import { wordsOf } from '@/words/translate'
import { SearchClient } from '@/worker/searchClient'
import type { SearchRequest } from '@/worker/searchJobs'

const say = wordsOf(useSearchWords)

export interface SearchState {
  judged: Judged[]
  all: number
  /** not begun, at work, done, cancelled, broken off by a failure */
  stage: 'idle' | 'running' | 'done' | 'cancelled' | 'failed'
  /** what failed */
  failure?: string
}

const SHOW_MS = 250

const IDLE: SearchState = { judged: [], all: 0, stage: 'idle' }

/** A search of a page: what was found so far, and the means to begin and to stop. */
export function useSearch() {
  const [state, setState] = useState<SearchState>(IDLE)
  const client = useRef<SearchClient | null>(null)
  useEffect(() => () => client.current?.cancel(), [])
  const run = async (request: SearchRequest) => {
    client.current ??= new SearchClient()
    setState({ ...IDLE, stage: 'running' })
    const found: Judged[] = []
    let shownAt = 0
    const report = (judged: Judged[], all: number) => {
      found.push(...judged)
      // the first at once, then no oftener than the eye follows: every showing costs the page's own thread
      if (performance.now() - shownAt < SHOW_MS) return
      shownAt = performance.now()
      startTransition(() => setState({ judged: [...found], all, stage: 'running' }))
    }
    try {
      if (await client.current.run(request, report))
        setState(({ all }) => ({ judged: [...found], all: Math.max(all, found.length), stage: 'done' }))
    } catch (error) {
      client.current.cancel()
      const failure =
        (error as Error).name === 'RangeError' ? (error as Error).message : say('theComputationFailed')
      setState(({ all }) => ({ judged: [...found], all, stage: 'failed', failure }))
    }
  }
  const cancel = () => {
    client.current?.cancel()
    setState((before) => ({ ...before, stage: 'cancelled' }))
  }
  return { ...state, run, cancel }
}
