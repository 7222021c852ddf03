'use client'
import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import Skeleton from '@mui/material/Skeleton'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableContainer from '@mui/material/TableContainer'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import dynamic from 'next/dynamic'
import { part } from '@/ui/shell/part'
import { useMemo } from 'react'
import { runSummary } from '@/core/run/runSummary'
import { Swatch } from '@/ui/chart/Swatch'
import { useRun } from '@/ui/runs/useRun'
import { compareRuns } from '@/words/en/pages/run'
import { beganWords, differenceWords, summaryRows } from '@/words/run/compareWords'
import { wordsOf } from '@/words/translate'
import { SheetKeys } from './SheetKeys'
import styles from './run.module.css'

const say = wordsOf(compareRuns)

const RunsOverChart = part(
  dynamic(() => import('./RunsOverChart'), { ssr: false }),
  () => import('./RunsOverChart'),
)

interface CompareRunsProps {
  householdId: string
  ids: readonly [string, string]
  onBack: () => void
}

/** Two runs laid over each other: a warm box and a cold one, one battery and two. */
export function CompareRuns({ householdId, ids, onBack }: CompareRunsProps) {
  const one = useRun(householdId, ids[0])
  const two = useRun(householdId, ids[1])
  const laid = useMemo(
    () =>
      one.head && two.head
        ? ([
            { head: one.head, entries: one.entries },
            { head: two.head, entries: two.entries },
          ] as const)
        : null,
    [one.head, one.entries, two.head, two.entries],
  )
  if (!laid) {
    const isGone = one.sync?.kind === 'gone' || two.sync?.kind === 'gone'
    return isGone ? (
      <Alert severity="info" action={<Button onClick={onBack}>{say('allRuns')}</Button>}>
        {say('oneOfTheTwoRunsIs')}
      </Alert>
    ) : (
      <Skeleton variant="rectangular" height={320} />
    )
  }
  const { units } = laid[0].head.plan.household
  const [first, second] = laid.map(({ head, entries }) => runSummary(head, entries))
  return (
    <div className={styles.live}>
      <div className="in-line apart">
        <h2>{say('twoRunsCompared')}</h2>
        <SheetKeys onBack={onBack} />
      </div>
      <p className={styles.sentence}>{differenceWords(first, second)}</p>
      <div className={styles.chart}>
        <RunsOverChart laid={laid} label={say('chargeOfBothRunsByThe')} />
      </div>
      <TableContainer>
        <Table size="small">
          <TableHead>
            <TableRow>
              <TableCell />
              {laid.map(({ head }, i) => (
                <TableCell key={head.id}>
                  <Swatch line={i === 0 ? '3px solid var(--store)' : '3px dashed var(--demand)'} />{' '}
                  {head.name}
                  <br />
                  <small>{beganWords(head, units.clock)}</small>
                </TableCell>
              ))}
            </TableRow>
          </TableHead>
          <TableBody>
            {summaryRows([first, second], units).map(({ what, values }) => (
              <TableRow key={what} data-testid="compared">
                <TableCell component="th" scope="row">
                  {what}
                </TableCell>
                {values.map((value, i) => (
                  <TableCell key={laid[i].head.id}>{value}</TableCell>
                ))}
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </TableContainer>
    </div>
  )
}
