'use client'
import { AdapterDateFns } from '@mui/x-date-pickers/AdapterDateFns'
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider'
import { MultiSectionDigitalClock } from '@mui/x-date-pickers/MultiSectionDigitalClock'
import { format } from 'date-fns'
import type { ClockStyle } from '@/core/plan/clock'

const STEPS = { minutes: 5 }

/** Hours and minutes to pick from; any minute can be typed. @param props.value "HH:MM" */
export default function ClockPanel(props: {
  value: string
  clock: ClockStyle
  put: (clock: string) => void
}) {
  const [hours, minutes] = props.value.split(':').map(Number)
  return (
    <LocalizationProvider dateAdapter={AdapterDateFns}>
      <MultiSectionDigitalClock
        autoFocus
        ampm={props.clock === '12 h'}
        timeSteps={STEPS}
        value={new Date(2000, 0, 1, hours % 24, minutes)}
        onChange={(time: Date | null) => {
          if (time) props.put(format(time, 'HH:mm'))
        }}
      />
    </LocalizationProvider>
  )
}
