import { startTransition, useEffect, useRef, useState } from 'react'
import type { Judged } from '@/core/sizing/search/search'
import { SearchClient } from '@/worker/searchClient'
import type { SearchRequest } from '@/worker/searchJobs'

export interface SearchState {
  judged: Judged[]
  all: number
  /** not begun, at work, done, cancelled */
  stage: 'idle' | 'running' | 'done' | 'cancelled'
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
    const ended = await client.current.run(request, (judged, all) => {
      found.push(...judged)
      // the first at once, then no oftener than the eye follows: every showing costs the page's own thread
      if (performance.now() - shownAt < SHOW_MS) return
      shownAt = performance.now()
      startTransition(() => setState({ judged: [...found], all, stage: 'running' }))
    })
    if (ended)
      setState(({ all }) => ({ judged: [...found], all: Math.max(all, found.length), stage: 'done' }))
  }
  const cancel = () => {
    client.current?.cancel()
    setState((before) => ({ ...before, stage: 'cancelled' }))
  }
  return { ...state, run, cancel }
}
