'use client'
import Button from '@mui/material/Button'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import type { StationWish } from '@/ui/runs/useStation'
import { DialogFrame } from '@/ui/shell/DialogFrame'
import styles from './run.module.css'

const SPEEDS: [number, string][] = [
  [1, 'as it is'],
  [60, 'an hour in a minute'],
  [600, 'ten hours in a minute'],
  [3600, 'an hour in a second'],
]
const GAUGES: [number, string][] = [
  [0, 'shows what is there'],
  [0.03, 'shows 3 points too much'],
  [-0.03, 'shows 3 points too little'],
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
      title="Let the station log by itself"
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
          Start logging
        </Button>
      }
    >
      <div className={styles.form}>
        <p className={styles.note}>
          With no hardware: a simulated station runs these loads by chance and tells its charge and watts as a
          real one would. What it tells is made up; try it in a test run of its own.
        </p>
        {choice('Its clock', speed, setSpeed, SPEEDS)}
        {choice('Its display', gaugeOff, setGaugeOff, GAUGES)}
      </div>
    </DialogFrame>
  )
}
