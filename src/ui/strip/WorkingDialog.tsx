'use client'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import type { Working } from '@/core/quantity/working'
import { EvidenceMark } from '../field/EvidenceMark'
import styles from './WorkingDialog.module.css'

/** How a figure came about: every step with its formula, its values, how each is known, and its result. */
export function WorkingDialog({ working, onClose }: { working: Working; onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} maxWidth="md" aria-labelledby="working-title">
      <div className={styles.working}>
        <h2 id="working-title" className={styles.title}>
          {working.title}
        </h2>
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
        <div className={styles.actions}>
          <Button onClick={onClose}>Close</Button>
        </div>
      </div>
    </Dialog>
  )
}
