'use client'
import { AdapterDateFns } from '@mui/x-date-pickers/AdapterDateFns'
import { DateCalendar } from '@mui/x-date-pickers/DateCalendar'
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider'
import { format, parseISO } from 'date-fns'

const FIRST = new Date(2000, 0, 1)
const LAST = new Date(2099, 11, 31)

/** A month to pick a day from. @param props.value "YYYY-MM-DD" */
export default function DatePanel(props: { value: string; pick: (date: string) => void }) {
  return (
    <LocalizationProvider dateAdapter={AdapterDateFns}>
      <DateCalendar
        autoFocus
        sx={{ '& .MuiPickerDay-root, & .MuiPickersDay-root': { borderRadius: '2px', fontSize: 14 } }}
        reduceAnimations
        minDate={FIRST}
        maxDate={LAST}
        value={parseISO(props.value)}
        onChange={(day: Date | null, state) => {
          if (day && state === 'finish') props.pick(format(day, 'yyyy-MM-dd'))
        }}
      />
    </LocalizationProvider>
  )
}
