'use client'
import MuiTextField from '@mui/material/TextField'
import { type KeyboardEvent, useState } from 'react'
import { type BankLine as Line, readBankLine } from '@/core/storage/bankLine'
import fields from '@/ui/field/field.module.css'
import { useUnits } from '@/ui/field/units'
import { sayBankLine } from '@/words/reading/sayBankLine'
import { bankLine } from '@/words/en/pages/bank'
import { wordsOf } from '@/words/translate'
import styles from './bank.module.css'

const say = wordsOf(bankLine)

/** A bank in one line, such as "4 × 12 V 100 Ah AGM": what is understood is said while it is typed, Enter takes it. */
export function BankLine({ take }: { take: (line: Line) => void }) {
  const units = useUnits()
  const [text, setText] = useState('')
  const reading = text.trim() ? readBankLine(text) : null
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Escape') setText('')
    if (event.key !== 'Enter' || !reading?.ok) return
    take(reading.line)
    setText('')
  }
  return (
    <div className={fields.row}>
      <label className={fields.label} htmlFor="bank-line">
        {say('inOneLine')}
      </label>
      <span className={fields.control}>
        <MuiTextField
          id="bank-line"
          className={styles.line}
          variant="standard"
          hiddenLabel
          value={text}
          placeholder={say('text412V100AhAgm')}
          error={reading !== null && !reading.ok}
          onChange={(event) => setText(event.target.value)}
          onKeyDown={onKeyDown}
          slotProps={{
            htmlInput: { autoComplete: 'off', spellCheck: false, 'aria-describedby': 'bank-line-said' },
          }}
        />
        <span
          id="bank-line-said"
          className={reading && !reading.ok ? 'fault' : 'hint'}
          aria-live="polite"
          data-testid="bank-line-said"
        >
          {reading?.ok
            ? say('enterTakesIt', { count: reading.line.count, battery: reading.line.battery.name })
            : reading && sayBankLine(reading.message, units)}
        </span>
      </span>
    </div>
  )
}
