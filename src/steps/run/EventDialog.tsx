'use client'
import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { type FormEvent, useState } from 'react'
import { plainNumber } from '@/core/reading/plainNumber'
import type { Entry, RunHead } from '@/core/run/runDocument'
import { stampAt } from '@/ui/runs/stamp'
import { DialogFrame } from '@/ui/shell/DialogFrame'
import styles from './run.module.css'

export type EventKind = 'switch' | 'source' | 'temperature' | 'note' | 'end'

const TITLES: Record<EventKind, string> = {
  switch: 'What was switched?',
  source: 'Charged, or another took over?',
  temperature: 'A temperature',
  note: 'A note',
  end: 'How did it end?',
}

const PLACES = {
  room: 'the room',
  outdoors: 'outdoors',
  refrigerator: 'in a refrigerator',
  freezer: 'in a freezer',
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
    const entry = entryOf(kind, { which, how, text, sourceId, stamp: stampAt(now, now) })
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
            {typed(head.plan.household.units.temperature, true)}
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

  function entryOf(
    what: EventKind,
    typedIn: {
      which: string
      how: string
      text: string
      sourceId: string
      stamp: ReturnType<typeof stampAt>
    },
  ): Entry | string {
    const { stamp } = typedIn
    const number = plainNumber(typedIn.text.replace(/\s*(?:%|°?[CF])$/i, ''))
    switch (what) {
      case 'switch':
        return { ...stamp, kind: 'switch', loadId: typedIn.which, to: typedIn.how as 'on' }
      case 'source':
        if (number === null || number < 0 || number > 100)
          return 'Its charge in percent, 0 to 100, as the display has it now.'
        return {
          ...stamp,
          kind: 'source',
          sourceId: typedIn.which,
          what: typedIn.which === typedIn.sourceId ? 'charged' : 'takes over',
          toFraction: number / 100,
        }
      case 'temperature': {
        if (number === null) return 'A number of degrees, such as 4.'
        const celsius = head.plan.household.units.temperature === '°F' ? (number - 32) / 1.8 : number
        if (celsius < -60 || celsius > 90) return `${typedIn.text} is no temperature of a house.`
        return { ...stamp, kind: 'temperature', where: typedIn.which as 'room', celsius }
      }
      case 'note':
        return typedIn.text.trim()
          ? { ...stamp, kind: 'note', text: typedIn.text.trim() }
          : 'Nothing was written.'
      case 'end':
        return { ...stamp, kind: 'end', how: typedIn.which as 'empty' }
    }
  }
}
