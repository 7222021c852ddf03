'use client'
import { zodResolver } from '@hookform/resolvers/zod'
import Button from '@mui/material/Button'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { Controller, useForm, useWatch } from 'react-hook-form'
import type { Entry, RunHead } from '@/core/run/runDocument'
import { stampAt } from '@/ui/runs/stamp'
import { DialogFrame } from '@/ui/shell/DialogFrame'
import { type EventKind, eventEntry } from './eventEntry'
import { type EventForm, eventFormSchema } from './runForms'
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
  const first: Record<EventKind, string> = {
    switch: loads[0]?.id ?? '',
    source: sourceId,
    end: 'empty',
    temperature: 'room',
    note: '',
  }
  const { control, register, handleSubmit, formState } = useForm<EventForm>({
    defaultValues: { which: first[kind], how: 'off', text: '' },
    resolver: zodResolver(eventFormSchema(head, kind, sourceId)),
  })
  const where = useWatch({ control, name: 'which' })
  const save = (form: EventForm) => {
    const now = new Date()
    const entry = eventEntry(head, kind, { ...form, sourceId }, stampAt(now, now))
    if (typeof entry === 'string') return
    onAdd(entry)
    onClose()
  }
  const choice = (label: string, name: 'which' | 'how', options: [string, string][]) => (
    <Controller
      name={name}
      control={control}
      render={({ field: { ref, ...chosen } }) => (
        <TextField select label={label} {...chosen} inputRef={ref}>
          {options.map(([id, words]) => (
            <MenuItem key={id} value={id}>
              {words}
            </MenuItem>
          ))}
        </TextField>
      )}
    />
  )
  const typed = (label: string, isNumber: boolean) => {
    const { ref, ...rest } = register('text')
    const trouble = formState.errors.text
    return (
      <TextField
        label={label}
        autoFocus
        multiline={!isNumber}
        {...rest}
        inputRef={ref}
        error={trouble !== undefined}
        helperText={trouble?.message}
        slotProps={{ htmlInput: { inputMode: isNumber ? 'decimal' : 'text', autoComplete: 'off' } }}
      />
    )
  }
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
      <form id="event" onSubmit={handleSubmit(save)} className={styles.form} noValidate>
        {kind === 'switch' && (
          <>
            {choice(
              'Which',
              'which',
              loads.map(({ id, name }) => [id, name]),
            )}
            {choice('What', 'how', [
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
              'which',
              powerSystem.sources.map(({ id, name }) => [id, name]),
            )}
            {typed('Its charge now, %', true)}
          </>
        )}
        {kind === 'temperature' && (
          <>
            {choice('Where', 'which', Object.entries(PLACES))}
            {typed(
              where === 'water level' ? 'Below the rim, cm' : head.plan.household.units.temperature,
              true,
            )}
          </>
        )}
        {kind === 'note' && typed('What happened', false)}
        {kind === 'end' && (
          <>
            {choice('It ended because', 'which', [
              ['empty', 'the battery was empty'],
              ['stopped', 'it was stopped early'],
              ['grid back', 'the grid came back'],
            ])}
          </>
        )}
      </form>
    </DialogFrame>
  )
}
