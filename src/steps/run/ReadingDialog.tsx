'use client'
import { zodResolver } from '@hookform/resolvers/zod'
import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { Controller, useForm, useWatch } from 'react-hook-form'
import { parseClock } from '@/core/reading/clock'
import { doubtsOf } from '@/core/run/doubts'
import type { Entry, Reading, RunHead } from '@/core/run/runDocument'
import { DialogFrame } from '@/ui/shell/DialogFrame'
import { momentOfClock, stampAt } from '@/ui/runs/stamp'
import { readingDialog } from '@/words/en/pages/runDialogs'
import { doubtWords } from '@/words/run/runWords'
import { wordsOf } from '@/words/translate'
import { READING_ROWS, readReading, textsOf } from './readingForm'
import { type ReadingForm, readingFormSchema } from './runForms'
import styles from './run.module.css'

const say = wordsOf(readingDialog)

interface ReadingDialogProps {
  head: RunHead
  entries: readonly Entry[]
  sourceId: string
  /** the reading that is corrected */
  corrected?: Reading
  onClose: () => void
  onAdd: (entry: Entry) => void
}

/** A reading of the display: one figure is enough, and what seems impossible is asked about. */
export function ReadingDialog({ head, entries, sourceId, corrected, onClose, onAdd }: ReadingDialogProps) {
  const [asked, setAsked] = useState<{ entry: Entry; words: string[] } | null>(null)
  const [all, setAll] = useState(corrected !== undefined)
  const { register, control, handleSubmit, formState } = useForm<ReadingForm>({
    defaultValues: { ...(corrected && textsOf(corrected)), clock: '', peakOf: corrected?.peakOf ?? '' },
    resolver: zodResolver(readingFormSchema),
  })
  const { errors } = formState
  const peak = useWatch({ control, name: 'peakW' })
  // what is asked about is what stood there
  const field = (name: Exclude<keyof ReadingForm, 'peakOf'>) => {
    const { ref, ...rest } = register(name, { onChange: () => setAsked(null) })
    return {
      ...rest,
      inputRef: ref,
      error: errors[name] !== undefined,
      helperText: errors[name]?.message,
    }
  }
  const save = ({ clock, peakOf, ...texts }: ReadingForm) => {
    const read = readReading(texts)
    if (!read.ok) return
    const now = new Date()
    const parsed = clock.trim() ? parseClock(clock) : null
    const at = parsed?.ok ? momentOfClock(parsed.clock, now) : corrected ? new Date(corrected.at) : now
    const entry: Reading = {
      ...stampAt(at, now),
      kind: 'reading',
      sourceId,
      ...read.figures,
      ...(peakOf && read.figures.peakW !== undefined && { peakOf }),
      ...(corrected && { replaces: corrected.id }),
    }
    const doubts = doubtsOf(head, entries, entry, now.toISOString())
    if (doubts.length > 0 && !asked) return setAsked({ entry, words: doubts.map(doubtWords) })
    onAdd(doubts.length > 0 ? { ...entry, confirmed: true } : entry)
    onClose()
  }
  const shown = READING_ROWS.filter(
    ({ first, field: name }) => all || first || corrected?.[name] !== undefined,
  )
  return (
    <DialogFrame
      title={corrected ? say('correctAReading') : say('whatDoesTheDisplaySay')}
      onClose={onClose}
      width="xs"
      actions={
        <Button type="submit" form="reading" variant="contained" color="primary" size="large" fullWidth>
          {asked ? say('itIsSoKeepIt') : say('save')}
        </Button>
      }
    >
      <form id="reading" onSubmit={handleSubmit(save)} className={styles.form} noValidate>
        {shown.map(({ field: name, label, unit }, i) => (
          <TextField
            key={name}
            label={`${label}, ${unit}`}
            autoFocus={i === 0}
            {...field(name)}
            slotProps={{ htmlInput: { inputMode: 'decimal', autoComplete: 'off' } }}
          />
        ))}
        {peak?.trim() && (
          <Controller
            name="peakOf"
            control={control}
            render={({ field: { ref, ...chosen } }) => (
              <TextField
                select
                label={say('startOf')}
                {...chosen}
                inputRef={ref}
                helperText={say('withEverythingElseOffSoThat')}
              >
                <MenuItem value="">{say('severalAtOnce')}</MenuItem>
                {head.plan.loads.map(({ id, name }) => (
                  <MenuItem key={id} value={id}>
                    {name}
                  </MenuItem>
                ))}
              </TextField>
            )}
          />
        )}
        {!all && (
          <Button variant="text" onClick={() => setAll(true)}>
            {say('voltsAmpHoursWattHoursA')}
          </Button>
        )}
        <TextField
          label={say('whenIfNotNow')}
          placeholder={say('suchAs1830')}
          {...field('clock')}
          slotProps={{ htmlInput: { autoComplete: 'off' } }}
        />
        {errors.root && <Alert severity="error">{errors.root.message}</Alert>}
        {asked && (
          <Alert severity="warning">
            {asked.words.map((words) => (
              <p key={words}>{words}</p>
            ))}
          </Alert>
        )}
      </form>
    </DialogFrame>
  )
}
