'use client'
import FormControlLabel from '@mui/material/FormControlLabel'
import Radio from '@mui/material/Radio'
import RadioGroup from '@mui/material/RadioGroup'
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
export function EvidencePicker(props: { evidence: Evidence; onChange: (evidence: Evidence) => void }) {
  return (
    <RadioGroup
      className={styles.evidence}
      aria-label={say('howItsEnergyIsKnown')}
      value={props.evidence}
      onChange={(_, evidence) => props.onChange(evidence as Evidence)}
    >
      {EVIDENCE_STEPS.map((step) => {
        const mark = <EvidenceMark evidence={step} />
        return (
          <FormControlLabel
            key={step}
            className={styles.step}
            value={step}
            control={<Radio icon={mark} checkedIcon={mark} />}
            label={
              <>
                {WORDS[step]} <small>{spreadText(step)}</small>
              </>
            }
          />
        )
      })}
    </RadioGroup>
  )
}
