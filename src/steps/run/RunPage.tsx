'use client'
import Skeleton from '@mui/material/Skeleton'
import dynamic from 'next/dynamic'
import { useParams, useRouter, useSearchParams } from 'next/navigation'
import type { Entry, RunHead } from '@/core/run/runDocument'
import { runDevice } from '@/ui/runs/useRun'
import { BeginRun } from './BeginRun'
import { RunHistory } from './RunHistory'
import { usePreload } from '@/ui/shell/usePreload'
import styles from './run.module.css'
import { useRuns } from './useRuns'

const loadLive = () => import('./LiveRun').then((module) => module.LiveRun)
const LiveRun = dynamic(loadLive, { ssr: false })
const CompareRuns = dynamic(() => import('./CompareRuns').then((module) => module.CompareRuns), {
  ssr: false,
})

/** Test runs and outages: begun, written down, held against the plan, and kept. */
export function RunPage() {
  // a log must open where the server no longer answers
  usePreload(loadLive)
  const { householdId } = useParams<{ householdId: string }>()
  const search = useSearchParams()
  const router = useRouter()
  const runId = search.get('run')
  const isOut = search.get('begin') === 'outage'
  const here = `/h/${householdId}/run`
  const withId = search.get('with')
  if (runId && withId)
    return (
      <div className={`page-main ${styles.page}`}>
        <CompareRuns
          key={`${runId} ${withId}`}
          householdId={householdId}
          ids={[runId, withId]}
          onBack={() => router.push(here)}
        />
      </div>
    )
  if (runId)
    return (
      <div className={`page-main ${styles.page}`}>
        <LiveRun key={runId} householdId={householdId} runId={runId} onBack={() => router.push(here)} />
      </div>
    )
  const begin = async (head: RunHead, first: Entry[]) => {
    await runDevice().begin(householdId, head)
    await runDevice().addAll(householdId, head.id, first)
    router.push(`${here}?run=${head.id}`)
  }
  return (
    <div className={`page-main ${styles.page}`}>
      <BeginRun kind={isOut ? 'outage' : 'test'} begin={(head, first) => void begin(head, first)} />
      <Runs
        householdId={householdId}
        open={(id) => router.push(`${here}?run=${id}`)}
        compare={([one, two]) => router.push(`${here}?run=${one}&with=${two}`)}
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
