'use client'
import { answerStrip } from '@/words/en/ui/answer'
import { wordsOf } from '@/words/translate'
import { useUnits } from '../field/units'
import ExpandMore from '@mui/icons-material/ExpandMore'
import Alert from '@mui/material/Alert'
import ButtonBase from '@mui/material/ButtonBase'
import Skeleton from '@mui/material/Skeleton'
import { useState } from 'react'
import type { WorkingKey } from '@/words/workings/answerWorkings'
import { useHousehold, useScenario } from '../household/HouseholdContext'
import { WorkingDialog } from '../shell/lazy'
import { AnswerSentence } from './AnswerSentence'
import styles from './AnswerStrip.module.css'
import { foldedWords } from './foldedWords'
import { GateView } from './GateView'
import { gateFigures } from './gateFigures'
import { HeldTexts } from './HeldTexts'

const say = wordsOf(answerStrip)

/** The answer on every planning page: one sentence, four gates, and the working behind each figure. */
export function AnswerStrip() {
  const evaluation = useHousehold((state) => state.evaluation)
  const failure = useHousehold((state) => state.failure)
  const [open, setOpen] = useState<WorkingKey | null>(null)
  const scenario = useScenario()
  const { clock } = useUnits()
  // on a phone the answer is a line until it is asked for; wider screens show all of it
  const [isOpen, setOpenStrip] = useState(false)
  const folded = evaluation && foldedWords(scenario, clock, evaluation)
  return (
    <section
      className={styles.strip}
      aria-label={say('theAnswer')}
      data-open={isOpen}
      suppressHydrationWarning
    >
      <h1 className={styles.folded}>
        <ButtonBase
          className={styles.fold}
          aria-expanded={isOpen}
          data-unfolds
          suppressHydrationWarning
          data-short={folded?.isShort}
          onClick={() => setOpenStrip(!isOpen)}
        >
          <span>{failure ? say('outOfDateOpenForWhy') : (folded?.words ?? say('workingOutTheAnswer'))}</span>
          <ExpandMore aria-hidden />
        </ButtonBase>
      </h1>
      <div className={styles.whole}>
        {failure && (
          <Alert severity="error" data-testid="out-of-date">
            <b>{evaluation ? say('outOfDate') : say('noAnswer')}</b> {failure}{' '}
            {evaluation && say('theAnswerOnShowIsOf')}
          </Alert>
        )}
        {evaluation ? (
          <AnswerSentence parts={evaluation.answer} openWorking={setOpen} />
        ) : (
          !failure && <Waiting />
        )}
        <HeldTexts />
      </div>
      <div className={`${styles.gates} ${styles.whole}`} data-stale={failure !== null}>
        {evaluation &&
          gateFigures(evaluation).map((gate) => <GateView key={gate.name} gate={gate} open={setOpen} />)}
      </div>
      {open && evaluation && (
        <WorkingDialog working={evaluation.workings[open]} onClose={() => setOpen(null)} />
      )}
    </section>
  )
}

function Waiting() {
  return (
    <div className={styles.sentence} role="status" aria-label={say('workingOutTheAnswer2')}>
      <Skeleton width="92%" />
      <Skeleton width="84%" />
      <Skeleton width="40%" />
    </div>
  )
}
