'use client'
import CalendarMonth from '@mui/icons-material/CalendarMonthOutlined'
import dynamic from 'next/dynamic'
import { part } from '@/ui/shell/part'
import { parseDate } from '@/core/plan/dateText'
import { formatDate } from '@/words/clock'
import { dateField } from '@/words/en/ui/fields'
import { sayField } from '@/words/reading/sayField'
import { wordsOf } from '@/words/translate'
import { PickerKey } from './PickerKey'
import { TypedInput } from './TypedInput'
import { useUnits } from './units'
import { useTyped } from './useTyped'

const say = wordsOf(dateField)

const DatePanel = part(
  dynamic(() => import('./DatePanel'), { ssr: false }),
  () => import('./DatePanel'),
)

interface DateFieldProps {
  label: string
  /** "YYYY-MM-DD" */
  value: string
  onChange: (date: string) => void
}

/** A date, typed as people write it or picked from a month. What cannot be read stays, and the old one counts. */
export function DateField({ label, value, onChange }: DateFieldProps) {
  const units = useUnits()
  const field = useTyped<string>({
    label,
    shown: formatDate(value),
    value,
    read: (text) => {
      const reading = parseDate(text)
      return reading.ok
        ? { ok: true, value: reading.date }
        : { ok: false, message: sayField(reading.message, units) }
    },
    onChange,
  })
  return (
    <TypedInput
      label={label}
      field={field}
      cell
      picker={
        <PickerKey
          label={say('pickADay')}
          of={label}
          icon={<CalendarMonth sx={{ fontSize: 18 }} />}
          panel={(close) => (
            <DatePanel
              value={value}
              pick={(date) => {
                onChange(date)
                close()
              }}
            />
          )}
        />
      }
    />
  )
}
