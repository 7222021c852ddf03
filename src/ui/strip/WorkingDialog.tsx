'use client'
import type { Working } from '@/words/workings/working'
import { EvidenceMark } from '../field/EvidenceMark'
import { DialogFrame } from '../shell/DialogFrame'
import styles from './WorkingDialog.module.css'

/** How a figure came about: every step with its formula, its values, how each is known, and its result. */
export function WorkingDialog({ working, onClose }: { working: Working; onClose: () => void }) {
  return (
    <DialogFrame title={working.title} onClose={onClose} width="md">
      <div className={styles.working}>
        <ol className={styles.steps}>
          {working.steps.map((step, i) => (
            <li key={i} className={styles.step}>
              <div className={styles.line}>
                <h3>{step.label}</h3>
                <span className={styles.result}>{step.result}</span>
              </div>
              <p className={styles.formula}>{step.formula}</p>
              <ul className={styles.values}>
                {step.values.map((value) => (
                  <li key={value.name}>
                    <span>
                      {value.name}
                      {value.source && <span className={styles.source}> · {value.source}</span>}
                    </span>
                    <span className={styles.value}>{value.value}</span>
                    <span className={styles.mark}>
                      {value.evidence && <EvidenceMark evidence={value.evidence} />}
                    </span>
                  </li>
                ))}
              </ul>
            </li>
          ))}
        </ol>
        {working.note && <p className={styles.note}>{working.note}</p>}
      </div>
    </DialogFrame>
  )
}
