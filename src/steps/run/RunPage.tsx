'use client'
import Skeleton from '@mui/material/Skeleton'
import { useParams, useRouter, useSearchParams } from 'next/navigation'
import type { Entry, RunHead } from '@/core/run/runDocument'
import { runDevice } from '@/ui/runs/useRun'
import { BeginRun } from './BeginRun'
import { CompareRuns } from './CompareRuns'
import { LiveRun } from './LiveRun'
import { RunHistory } from './RunHistory'
import styles from './run.module.css'
import { useRuns } from './useRuns'

/** Test runs and outages: begun, written down, held against the plan, and kept. */
export function RunPage() {
  const { householdId } = useParams<{ householdId: string }>()
  const search = useSearchParams()
  const router = useRouter()
  const runId = search.get('run')
  const isOut = search.get('begin') === 'outage'
  const here = `/h/${householdId}/run`
  const withId = search.get('with')
  if (runId && withId)
    return (
      <div className={styles.page}>
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
      <div className={styles.page}>
        <LiveRun key={runId} householdId={householdId} runId={runId} onBack={() => router.push(here)} />
      </div>
    )
  const begin = async (head: RunHead, first: Entry[]) => {
    await runDevice().begin(householdId, head)
    await runDevice().addAll(householdId, head.id, first)
    router.push(`${here}?run=${head.id}`)
  }
  return (
    <div className={styles.page}>
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
