'use client'
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
  const [open, setOpen] = useState<WorkingKey | null>(null)
  return (
    <section className={styles.strip} aria-label="The answer">
      <div>
        <AnswerSentence parts={evaluation.answer} openWorking={setOpen} />
        <HeldTexts />
      </div>
      <div className={styles.gates}>
        {gateFigures(evaluation).map((gate) => (
          <GateView key={gate.name} gate={gate} open={() => setOpen(gate.working)} />
        ))}
      </div>
      {open && <WorkingDialog working={evaluation.workings[open]} onClose={() => setOpen(null)} />}
    </section>
  )
}
