'use client'
import Button from '@mui/material/Button'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import type { StationWish } from '@/ui/runs/useStation'
import { DialogFrame } from '@/ui/shell/DialogFrame'
import { stationDialog } from '@/words/en/pages/runDialogs'
import { wordsOf } from '@/words/translate'
import styles from './run.module.css'

const say = wordsOf(stationDialog)

const SPEEDS: [number, string][] = [
  [1, say('asItIs')],
  [60, say('anHourInAMinute')],
  [600, say('tenHoursInAMinute')],
  [3600, say('anHourInASecond')],
]
const GAUGES: [number, string][] = [
  [0, say('showsWhatIsThere')],
  [0.03, say('shows3PointsTooMuch')],
  [-0.03, say('shows3PointsTooLittle')],
]

interface StationDialogProps {
  /** minutes of the run that are over */
  fromMin: number
  onStart: (wish: StationWish) => void
  onClose: () => void
}

/** Begins logging from the simulated station. */
export function StationDialog({ fromMin, onStart, onClose }: StationDialogProps) {
  const [speed, setSpeed] = useState(1)
  const [gaugeOff, setGaugeOff] = useState(0)
  const choice = (
    label: string,
    value: number,
    put: (value: number) => void,
    options: [number, string][],
  ) => (
    <TextField select label={label} value={value} onChange={(event) => put(Number(event.target.value))}>
      {options.map(([one, words]) => (
        <MenuItem key={one} value={one}>
          {words}
        </MenuItem>
      ))}
    </TextField>
  )
  return (
    <DialogFrame
      title={say('letTheStationLogByItself')}
      width="xs"
      onClose={onClose}
      actions={
        <Button
          variant="contained"
          color="primary"
          size="large"
          fullWidth
          onClick={() => {
            onStart({ speed, gaugeOff, fromMin })
            onClose()
          }}
        >
          {say('startLogging')}
        </Button>
      }
    >
      <div className={styles.form}>
        <p className="hint">{say('withNoHardwareASimulatedStation')}</p>
        {choice(say('itsClock'), speed, setSpeed, SPEEDS)}
        {choice(say('itsDisplay'), gaugeOff, setGaugeOff, GAUGES)}
      </div>
    </DialogFrame>
  )
}
