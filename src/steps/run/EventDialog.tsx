'use client'
import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { type FormEvent, useState } from 'react'
import type { Entry, RunHead } from '@/core/run/runDocument'
import { stampAt } from '@/ui/runs/stamp'
import { DialogFrame } from '@/ui/shell/DialogFrame'
import { type EventKind, eventEntry } from './eventEntry'
import styles from './run.module.css'

const TITLES: Record<EventKind, string> = {
  switch: 'What was switched?',
  source: 'Charged, or another took over?',
  temperature: 'A temperature, or the water’s level',
  note: 'A note',
  end: 'How did it end?',
}

const PLACES = {
  room: 'the room',
  outdoors: 'outdoors',
  refrigerator: 'in a refrigerator',
  freezer: 'in a freezer',
  'water level': 'water in the pit',
}

interface EventDialogProps {
  head: RunHead
  kind: EventKind
  sourceId: string
  onClose: () => void
  onAdd: (entry: Entry) => void
}

/** Everything that is no reading: what was switched or charged, a temperature, a note, the end. */
export function EventDialog({ head, kind, sourceId, onClose, onAdd }: EventDialogProps) {
  const { loads, powerSystem } = head.plan
  const [which, setWhich] = useState(
    kind === 'switch'
      ? (loads[0]?.id ?? '')
      : kind === 'source'
        ? sourceId
        : kind === 'end'
          ? 'empty'
          : 'room',
  )
  const [how, setHow] = useState('off')
  const [text, setText] = useState('')
  const [trouble, setTrouble] = useState<string | null>(null)
  const submit = (event: FormEvent) => {
    event.preventDefault()
    const now = new Date()
    const entry = eventEntry(head, kind, { which, how, text, sourceId }, stampAt(now, now))
    if (typeof entry === 'string') return setTrouble(entry)
    onAdd(entry)
    onClose()
  }
  const choice = (
    label: string,
    value: string,
    put: (value: string) => void,
    options: [string, string][],
  ) => (
    <TextField select label={label} value={value} onChange={(event) => put(event.target.value)}>
      {options.map(([id, words]) => (
        <MenuItem key={id} value={id}>
          {words}
        </MenuItem>
      ))}
    </TextField>
  )
  const typed = (label: string, isNumber: boolean) => (
    <TextField
      label={label}
      value={text}
      autoFocus
      multiline={!isNumber}
      onChange={(event) => {
        setText(event.target.value)
        setTrouble(null)
      }}
      slotProps={{ htmlInput: { inputMode: isNumber ? 'decimal' : 'text', autoComplete: 'off' } }}
    />
  )
  return (
    <DialogFrame
      title={TITLES[kind]}
      onClose={onClose}
      width="xs"
      actions={
        <Button type="submit" form="event" variant="contained" color="primary" size="large" fullWidth>
          Save
        </Button>
      }
    >
      <form id="event" onSubmit={submit} className={styles.form} noValidate>
        {kind === 'switch' && (
          <>
            {choice(
              'Which',
              which,
              setWhich,
              loads.map(({ id, name }) => [id, name]),
            )}
            {choice('What', how, setHow, [
              ['off', 'switched off or pulled'],
              ['on', 'switched on or plugged in'],
              ['used', 'used once'],
            ])}
          </>
        )}
        {kind === 'source' && (
          <>
            {choice(
              'Which',
              which,
              setWhich,
              powerSystem.sources.map(({ id, name }) => [id, name]),
            )}
            {typed('Its charge now, %', true)}
          </>
        )}
        {kind === 'temperature' && (
          <>
            {choice('Where', which, setWhich, Object.entries(PLACES))}
            {typed(
              which === 'water level' ? 'Below the rim, cm' : head.plan.household.units.temperature,
              true,
            )}
          </>
        )}
        {kind === 'note' && typed('What happened', false)}
        {kind === 'end' && (
          <>
            {choice('It ended because', which, setWhich, [
              ['empty', 'the battery was empty'],
              ['stopped', 'it was stopped early'],
              ['grid back', 'the grid came back'],
            ])}
          </>
        )}
        {trouble && <Alert severity="error">{trouble}</Alert>}
      </form>
    </DialogFrame>
  )
}
