'use client'
import Schedule from '@mui/icons-material/ScheduleOutlined'
import dynamic from 'next/dynamic'
import { part } from '@/ui/shell/part'
import { clockInput } from '@/words/en/ui/fields'
import { sayField } from '@/words/reading/sayField'
import { wordsOf } from '@/words/translate'
import { useUnits } from './units'
import { formatClock } from '@/words/clock'
import { parseClock } from '@/core/reading/clock'
import { PickerKey } from './PickerKey'
import { TypedInput } from './TypedInput'
import { useTyped } from './useTyped'

const say = wordsOf(clockInput)

const ClockPanel = part(
  dynamic(() => import('./ClockPanel'), { ssr: false }),
  () => import('./ClockPanel'),
)

interface ClockInputProps {
  label: string
  /** "HH:MM" */
  value: string
  onChange: (clock: string) => void
  /** whether midnight means the end of the day */
  endOfDay?: boolean
  /** belongs to no household: not tried out while it is typed */
  local?: boolean
}

/** A time of day, typed as people write it. */
export function ClockInput({ label, value, onChange, endOfDay, local }: ClockInputProps) {
  const units = useUnits()
  const field = useTyped<string>({
    label,
    shown: formatClock(value, units.clock),
    value,
    read: (text) => {
      const reading = parseClock(text, endOfDay)
      return reading.ok
        ? { ok: true, value: reading.clock }
        : { ok: false, message: sayField(reading.message, units) }
    },
    onChange,
    local,
  })
  return (
    <TypedInput
      label={label}
      field={field}
      cell
      width={units.clock === '12 h' ? 'longClock' : 'clock'}
      picker={
        <PickerKey
          label={say('pickATime')}
          of={label}
          icon={<Schedule sx={{ fontSize: 18 }} />}
          panel={() => (
            <ClockPanel
              value={value}
              clock={units.clock}
              put={(picked) => onChange(endOfDay && picked === '00:00' ? '24:00' : picked)}
            />
          )}
        />
      }
    />
  )
}
