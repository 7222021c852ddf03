'use client'
import Button from '@mui/material/Button'
import { useId } from 'react'
import { ClockInput } from '@/ui/field/ClockInput'
import fields from '@/ui/field/field.module.css'
import windows from '@/ui/field/WindowsField.module.css'
import { fixedHours } from '@/words/en/pages/behaviourFields'
import { wordsOf } from '@/words/translate'

const say = wordsOf(fixedHours)

/** Hours of the day at which something begins. */
export function FixedHours({ at, onChange }: { at: string[]; onChange: (at: string[]) => void }) {
  const id = useId()
  return (
    <div className={fields.row} role="group" aria-labelledby={id}>
      <span id={id} className={fields.label}>
        {say('beginsAt')}
      </span>
      <span className={fields.control}>
        {at.map((clock, i) => (
          <span key={i} className={windows.window}>
            <ClockInput
              label={say('beginsAt2', { i: i + 1 })}
              value={clock}
              onChange={(next) => onChange(at.map((other, k) => (k === i ? next : other)))}
            />
            {at.length > 1 && (
              <Button
                variant="text"
                size="small"
                aria-label={say('removeHour', { i: i + 1 })}
                onClick={() => onChange(at.filter((_, k) => k !== i))}
              >
                {say('remove')}
              </Button>
            )}
          </span>
        ))}
        {at.length < 24 && (
          <Button variant="text" size="small" onClick={() => onChange([...at, '18:00'])}>
            {say('addAnHour')}
          </Button>
        )}
      </span>
    </div>
  )
}
