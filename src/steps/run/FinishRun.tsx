'use client'
import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import Skeleton from '@mui/material/Skeleton'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import { useEffect, useMemo, useState } from 'react'
import { formatDuration } from '@/words/format'
import { type Quantity, interval80 } from '@/core/quantity/quantity'
import { contradiction } from '@/core/run/contradiction'
import type { Explanation } from '@/core/run/explain'
import { keepLearned, learnedOf, originOf } from '@/core/run/learned'
import { measuredStarts, startsAsThen, withStarts } from '@/core/run/measuredStarts'
import type { RunPrediction } from '@/core/run/predictRun'
import type { Entry, RunHead } from '@/core/run/runDocument'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { notify } from '@/ui/shell/notify'
import { finishRun } from '@/words/en/pages/runDialogs'
import { assumptionWords, figureName, figureWords } from '@/words/run/runWords'
import { wordsOf } from '@/words/translate'
import { RunClient } from '@/worker/runClient'
import styles from './run.module.css'

const say = wordsOf(finishRun)

/** What a run taught: why it ended otherwise than planned, and one key that takes the learned values over. */
export function FinishRun({
  head,
  entries,
  found,
}: {
  head: RunHead
  entries: readonly Entry[]
  found: RunPrediction
}) {
  const store = useHouseholdStore()
  const learned = useMemo(() => learnedOf(found.moments, head.plan, originOf(head)), [found.moments, head])
  const starts = useMemo(() => measuredStarts(head, entries, originOf(head)), [head, entries])
  const reasons = useReasons(head, entries, found)
  const isWrong = contradiction(found) === 'something missing'
  const take = () => {
    const { household: before, edit } = store.getState()
    const { household, kept, left } = keepLearned(before, head.plan.powerSystem.id, isWrong ? [] : learned)
    const keptStarts = startsAsThen(before, starts)
    edit(() => withStarts(household, keptStarts))
    const count = kept.length + keptStarts.length
    const changed = left.length + starts.length - keptStarts.length
    const figures = count === 1 ? say('text1Figure') : say('figures', { count })
    notify(
      say('takenOverAsTested', {
        figures,
        changed: changed ? say('hadBeenChangedSinceAndStay', { changed }) : '',
      }),
      store.getState().household,
    )
  }
  const said = (quantity: Quantity) => {
    const [low, high] = interval80(quantity)
    const { unit } = quantity
    return `${figureWords(quantity.value, unit)} (${figureWords(low, unit)} to ${figureWords(high, unit)})`
  }
  const rows = [
    ...(isWrong ? [] : learned).map(({ unknown, before, after }) => ({
      key: `${unknown.id} ${unknown.place}`,
      of: figureName(head.plan, unknown),
      was: said(before),
      is: said(after),
    })),
    ...starts.map(({ loadId, before, after }) => ({
      key: `start ${loadId}`,
      of: say('itsStart', { find: String(head.plan.loads.find(({ id }) => id === loadId)?.name) }),
      was: before ? said(before.watts) : say('notKnown'),
      is: said(after.watts),
    })),
  ]
  // all of it at once: a list that came later would move the key below it away from the finger
  if (!reasons) return <Skeleton variant="rectangular" height={160} />
  return (
    <section aria-label={say('whatWasLearned')} className={`box ${styles.learned}`}>
      <h3>{say('whatWasLearned')}</h3>
      {reasons.length > 0 && (
        <ul className="points">
          {reasons.map(({ assumption, hours }) => (
            <li key={`${assumption.unknown.id} ${assumption.unknown.place}`}>
              {assumptionWords(head.plan, assumption)}: {formatDuration(Math.abs(hours) * 60)}{' '}
              {hours < 0 ? say('shorter') : say('longer')}
            </li>
          ))}
        </ul>
      )}
      {isWrong ? (
        <Alert severity="warning">{say('nothingIsLearnedOfTheHours')}</Alert>
      ) : (
        learned.length === 0 && <p className="hint">{say('theReadingsAgreeWithThePlan')}</p>
      )}
      {rows.length > 0 && (
        <>
          <Table size="small">
            <TableHead>
              <TableRow>
                <TableCell>{say('ofWord')}</TableCell>
                <TableCell>{say('was')}</TableCell>
                <TableCell>{say('isAsTested')}</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {rows.map(({ key, of, was, is }) => (
                <TableRow key={key} data-testid="learned">
                  <TableCell component="th" scope="row">
                    {of}
                  </TableCell>
                  <TableCell>{was}</TableCell>
                  <TableCell>{is}</TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
          <Button variant="contained" color="primary" onClick={take}>
            {say('takeTheLearnedValuesOver')}
          </Button>
          <p className="hint">{say('theyAreDatedWithThisRun')}</p>
        </>
      )}
    </section>
  )
}

/** The hours by which each thing that was otherwise moved the end. */
function useReasons(head: RunHead, entries: readonly Entry[], found: RunPrediction) {
  const [reasons, setReasons] = useState<Explanation[] | null>(null)
  useEffect(() => {
    const client = new RunClient()
    void client
      .explain(head, [...entries], found.moments)
      .then(setReasons)
      .catch(() => setReasons([]))
    return () => client.dispose()
    // the moments are of these entries
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [head, found.moments])
  return reasons
}
