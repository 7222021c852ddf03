'use client'
import Alert from '@mui/material/Alert'
import Skeleton from '@mui/material/Skeleton'
import { useState } from 'react'
import type { WorkingKey } from '@/core/sizing/workings'
import { useHousehold } from '../household/HouseholdContext'
import { WorkingDialog } from '../shell/lazy'
import { AnswerSentence } from './AnswerSentence'
import styles from './AnswerStrip.module.css'
import { GateView } from './GateView'
import { gateFigures } from './gateFigures'
import { HeldTexts } from './HeldTexts'

/** The answer on every planning page: one sentence, four gates, and the working behind each figure. */
export function AnswerStrip() {
  const evaluation = useHousehold((state) => state.evaluation)
  const failure = useHousehold((state) => state.failure)
  const [open, setOpen] = useState<WorkingKey | null>(null)
  return (
    <section className={styles.strip} aria-label="The answer">
      <div>
        {failure && (
          <Alert severity="error" data-testid="out-of-date">
            <b>{evaluation ? 'Out of date.' : 'No answer.'}</b> {failure}{' '}
            {evaluation && 'The answer on show is of before the last change.'}
          </Alert>
        )}
        {evaluation ? (
          <AnswerSentence parts={evaluation.answer} openWorking={setOpen} />
        ) : (
          !failure && <Waiting />
        )}
        <HeldTexts />
      </div>
      <div className={styles.gates} data-stale={failure !== null}>
        {evaluation &&
          gateFigures(evaluation).map((gate) => (
            <GateView key={gate.name} gate={gate} open={() => setOpen(gate.working)} />
          ))}
      </div>
      {open && evaluation && (
        <WorkingDialog working={evaluation.workings[open]} onClose={() => setOpen(null)} />
      )}
    </section>
  )
}

function Waiting() {
  return (
    <div className={styles.sentence} role="status" aria-label="Working out the answer">
      <Skeleton width="92%" />
      <Skeleton width="84%" />
      <Skeleton width="40%" />
    </div>
  )
}
