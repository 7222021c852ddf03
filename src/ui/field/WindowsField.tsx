'use client'
import Button from '@mui/material/Button'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import { useId } from 'react'
import { type DayWindow, WEEKDAYS, type Weekday } from '@/core/plan/clock'
import { windowsField } from '@/words/en/ui/fields'
import { wordsOf } from '@/words/translate'
import { ClockInput } from './ClockInput'
import fields from './field.module.css'
import styles from './WindowsField.module.css'

const say = wordsOf(windowsField)

interface WindowsFieldProps {
  label: string
  windows: DayWindow[]
  onChange: (windows: DayWindow[]) => void
  /** what a new stretch begins as */
  fresh: DayWindow
  /** whether the last one may be removed */
  optional?: boolean
}

const DAY_NAMES: Record<Weekday, string> = {
  mon: say('monday'),
  tue: say('tuesday'),
  wed: say('wednesday'),
  thu: say('thursday'),
  fri: say('friday'),
  sat: say('saturday'),
  sun: say('sunday'),
}
const DAY_LETTERS: Record<Weekday, string> = {
  mon: say('mo'),
  tue: say('tu'),
  wed: say('we'),
  thu: say('th'),
  fri: say('fr'),
  sat: say('sa'),
  sun: say('su'),
}

/** Stretches of the day, each with the days on which it begins. */
export function WindowsField({ label, windows, onChange, fresh, optional }: WindowsFieldProps) {
  const id = useId()
  const change = (at: number, part: Partial<DayWindow>) =>
    onChange(windows.map((window, i) => (i === at ? { ...window, ...part } : window)))
  return (
    <div className={fields.row} role="group" aria-labelledby={id}>
      <span id={id} className={fields.label}>
        {label}
      </span>
      <div className={styles.windows}>
        {windows.map((window, i) => (
          <div key={i} className={styles.window}>
            <ClockInput
              label={say('from', { label, i: i + 1 })}
              value={window.from}
              onChange={(from) => change(i, { from })}
            />
            <span aria-hidden>–</span>
            <ClockInput
              label={say('until', { label, i: i + 1 })}
              value={window.to}
              endOfDay
              onChange={(to) => change(i, { to })}
            />
            <Days days={window.days} label={`${label} ${i + 1}`} onChange={(days) => change(i, { days })} />
            {(optional || windows.length > 1) && (
              <Button
                variant="text"
                aria-label={say('remove2', { label, i: i + 1 })}
                onClick={() => onChange(windows.filter((_, k) => k !== i))}
              >
                {say('remove')}
              </Button>
            )}
          </div>
        ))}
        <Button variant="text" onClick={() => onChange([...windows, fresh])}>
          {say('addHours')}
        </Button>
      </div>
    </div>
  )
}

function Days({
  days,
  label,
  onChange,
}: {
  days?: Weekday[]
  label: string
  onChange: (days?: Weekday[]) => void
}) {
  const chosen = days ?? [...WEEKDAYS]
  return (
    <ToggleButtonGroup
      size="small"
      value={chosen}
      aria-label={say('days', { label })}
      onChange={(_, next: Weekday[]) => {
        // the last day stays
        if (next.length > 0)
          onChange(next.length === 7 ? undefined : WEEKDAYS.filter((day) => next.includes(day)))
      }}
    >
      {WEEKDAYS.map((day) => (
        <ToggleButton
          key={day}
          value={day}
          aria-label={say('onDay', { label, short: DAY_LETTERS[day], day: DAY_NAMES[day] })}
        >
          {DAY_LETTERS[day]}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  )
}
