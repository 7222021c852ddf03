'use client'
import Skeleton from '@mui/material/Skeleton'
import dynamic from 'next/dynamic'
import { part } from '@/ui/shell/part'
import { useParams, useSearchParams } from 'next/navigation'
import type { Entry, RunHead } from '@/core/run/runDocument'
import { runDevice } from '@/ui/runs/useRun'
import { BeginRun } from './BeginRun'
import { RunHistory } from './RunHistory'
import styles from './run.module.css'
import { useRuns } from './useRuns'

const loadLive = () => import('./LiveRun').then((module) => module.LiveRun)
const LiveRun = part(dynamic(loadLive, { ssr: false }), loadLive)
const CompareRuns = part(
  dynamic(() => import('./CompareRuns').then((module) => module.CompareRuns), {
    ssr: false,
  }),
  () => import('./CompareRuns').then((module) => module.CompareRuns),
)

/** Test runs and outages: begun, written down, held against the plan, and kept. */
export function RunPage() {
  // a log must open where the server no longer answers
  const { householdId } = useParams<{ householdId: string }>()
  const search = useSearchParams()
  const runId = search.get('run')
  const isOut = search.get('begin') === 'outage'
  // nothing has to be fetched for it: it works without a connection
  const show = (query: string) => window.history.pushState(null, '', `/h/${householdId}/run${query}`)
  const withId = search.get('with')
  if (runId && withId)
    return (
      <div className={`page-main ${styles.page}`}>
        <CompareRuns
          key={`${runId} ${withId}`}
          householdId={householdId}
          ids={[runId, withId]}
          onBack={() => show('')}
        />
      </div>
    )
  if (runId)
    return (
      <div className={`page-main ${styles.page}`}>
        <LiveRun key={runId} householdId={householdId} runId={runId} onBack={() => show('')} />
      </div>
    )
  const begin = async (head: RunHead, first: Entry[]) => {
    await runDevice().begin(householdId, head)
    await runDevice().addAll(householdId, head.id, first)
    show(`?run=${head.id}`)
  }
  return (
    <div className={`page-main ${styles.page}`}>
      <BeginRun kind={isOut ? 'outage' : 'test'} begin={(head, first) => void begin(head, first)} />
      <Runs
        householdId={householdId}
        open={(id) => show(`?run=${id}`)}
        compare={([one, two]) => show(`?run=${one}&with=${two}`)}
      />
    </div>
  )
}

function Runs(props: {
  householdId: string
  open: (id: string) => void
  compare: (ids: [string, string]) => void
}) {
  const { householdId, open, compare } = props
  const { runs, remove, readIn } = useRuns(householdId)
  if (runs === null) return <Skeleton variant="rectangular" height={120} />
  return <RunHistory runs={runs} open={open} remove={remove} compare={compare} read={readIn} />
}
