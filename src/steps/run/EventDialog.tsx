'use client'
import { zodResolver } from '@hookform/resolvers/zod'
import Button from '@mui/material/Button'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { Controller, useForm, useWatch } from 'react-hook-form'
import type { Entry, RunHead } from '@/core/run/runDocument'
import { stampAt } from '@/ui/runs/stamp'
import { DialogFrame } from '@/ui/shell/DialogFrame'
import { eventDialog } from '@/words/en/pages/runDialogs'
import { wordsOf } from '@/words/translate'
import { type EventKind, eventEntry } from './eventEntry'
import { type EventForm, eventFormSchema } from './runForms'
import styles from './run.module.css'

const say = wordsOf(eventDialog)

const TITLES: Record<EventKind, string> = {
  switch: say('whatWasSwitched'),
  source: say('chargedOrAnotherTookOver'),
  temperature: say('aTemperatureOrTheWatersLevel'),
  note: say('aNote'),
  end: say('howDidItEnd'),
}

const PLACES = {
  room: say('theRoom'),
  outdoors: say('outdoors'),
  refrigerator: say('inARefrigerator'),
  freezer: say('inAFreezer'),
  'water level': say('waterInThePit'),
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
          {say('save')}
        </Button>
      }
    >
      <form id="event" onSubmit={handleSubmit(save)} className={styles.form} noValidate>
        {kind === 'switch' && (
          <>
            {choice(
              say('which'),
              'which',
              loads.map(({ id, name }) => [id, name]),
            )}
            {choice(say('what'), 'how', [
              ['off', say('switchedOffOrPulled')],
              ['on', say('switchedOnOrPluggedIn')],
              ['used', say('usedOnce')],
            ])}
          </>
        )}
        {kind === 'source' && (
          <>
            {choice(
              say('which'),
              'which',
              powerSystem.sources.map(({ id, name }) => [id, name]),
            )}
            {typed(say('itsChargeNow'), true)}
          </>
        )}
        {kind === 'temperature' && (
          <>
            {choice(say('where'), 'which', Object.entries(PLACES))}
            {typed(
              where === 'water level' ? say('belowTheRimCm') : head.plan.household.units.temperature,
              true,
            )}
          </>
        )}
        {kind === 'note' && typed(say('whatHappened'), false)}
        {kind === 'end' && (
          <>
            {choice(say('itEndedBecause'), 'which', [
              ['empty', say('theBatteryWasEmpty')],
              ['stopped', say('itWasStoppedEarly')],
              ['grid back', say('theGridCameBack')],
            ])}
          </>
        )}
      </form>
    </DialogFrame>
  )
}
