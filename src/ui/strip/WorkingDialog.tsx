'use client'
import type { Working } from '@/words/workings/working'
import { EvidenceMark } from '../field/EvidenceMark'
import { DialogFrame } from '../shell/DialogFrame'
import styles from './WorkingDialog.module.css'

/** How a figure came about: every step with its formula, its values, how each is known, and its result. */
export function WorkingDialog({ working, onClose }: { working: Working; onClose: () => void }) {
  return (
    <DialogFrame title={working.title} onClose={onClose} width="md">
      <div className="figures">
        <ol className="lines">
          {working.steps.map((step, i) => (
            <li key={i}>
              <div className="in-line apart">
                <h3>{step.label}</h3>
                <span className={styles.result}>{step.result}</span>
              </div>
              <p className="soft">{step.formula}</p>
              <ul className={styles.values}>
                {step.values.map((value) => (
                  <li key={value.name}>
                    <span>
                      {value.name}
                      {value.source && <span className="soft"> · {value.source}</span>}
                    </span>
                    <span className="figures">{value.value}</span>
                    <span>{value.evidence && <EvidenceMark evidence={value.evidence} />}</span>
                  </li>
                ))}
              </ul>
            </li>
          ))}
        </ol>
        {working.note && <p className="ruled soft">{working.note}</p>}
      </div>
    </DialogFrame>
  )
}
