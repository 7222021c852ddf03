'use client'
import ButtonBase from '@mui/material/ButtonBase'
import type { KeyboardEvent } from 'react'
import { EVIDENCE_STEPS, type Evidence, usualSpread } from '@/core/quantity/quantity'
import { EvidenceMark } from '@/ui/field/EvidenceMark'
import { evidencePicker } from '@/words/en/pages/loadFields'
import { wordsOf } from '@/words/translate'
import styles from './LoadsPage.module.css'

const say = wordsOf(evidencePicker)

const WORDS: Record<Evidence, string> = {
  typical: say('typical'),
  label: say('label'),
  measured: say('measured'),
  tested: say('tested'),
}

const spreadText = (evidence: Evidence) => {
  const spread = usualSpread(evidence)
  if (!('times' in spread)) return ''
  return spread.times < 1.2
    ? `±${Math.round((spread.times - 1) * 100)} %`
    : say('upToTimesMoreOrLess', { times: spread.times })
}

/** How the load's energy is known; better evidence narrows the band. */
export function EvidencePicker({
  evidence,
  onChange,
}: {
  evidence: Evidence
  onChange: (evidence: Evidence) => void
}) {
  const onKeyDown = (event: KeyboardEvent<HTMLDivElement>) => {
    const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key]
    if (!by) return
    event.preventDefault()
    const at = (EVIDENCE_STEPS.indexOf(evidence) + by + EVIDENCE_STEPS.length) % EVIDENCE_STEPS.length
    onChange(EVIDENCE_STEPS[at])
    event.currentTarget.querySelectorAll('button')[at].focus()
  }
  return (
    <div
      className={styles.evidence}
      role="radiogroup"
      aria-label={say('howItsEnergyIsKnown')}
      onKeyDown={onKeyDown}
    >
      {EVIDENCE_STEPS.map((step) => (
        <ButtonBase
          key={step}
          className={styles.step}
          role="radio"
          aria-checked={step === evidence}
          tabIndex={step === evidence ? 0 : -1}
          onClick={() => onChange(step)}
        >
          <span>
            <EvidenceMark evidence={step} /> {WORDS[step]}
          </span>
          <small>{spreadText(step)}</small>
        </ButtonBase>
      ))}
    </div>
  )
}
