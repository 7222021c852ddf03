'use client'
import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { type FormEvent, useState } from 'react'
import { parseClock } from '@/core/reading/clock'
import { doubtsOf } from '@/core/run/doubts'
import type { Entry, Reading, RunHead } from '@/core/run/runDocument'
import { DialogFrame } from '@/ui/shell/DialogFrame'
import { momentOfClock, stampAt } from '@/ui/runs/stamp'
import { doubtWords } from '@/words/run/runWords'
import { READING_ROWS, type ReadingField, type ReadingTexts, readReading, textsOf } from './readingForm'
import styles from './run.module.css'

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
  const [texts, setTexts] = useState<ReadingTexts>(corrected ? textsOf(corrected) : {})
  const [clock, setClock] = useState('')
  const [trouble, setTrouble] = useState<{ field: ReadingField | 'clock' | null; message: string } | null>(
    null,
  )
  const [asked, setAsked] = useState<{ entry: Entry; words: string[] } | null>(null)
  const [peakOf, setPeakOf] = useState(corrected?.peakOf ?? '')
  const [all, setAll] = useState(corrected !== undefined)
  const shown = READING_ROWS.filter(({ first, field }) => all || first || texts[field])
  const put = (field: ReadingField, text: string) => {
    setTexts({ ...texts, [field]: text })
    setTrouble(null)
    setAsked(null)
  }
  const submit = (event: FormEvent) => {
    event.preventDefault()
    const read = readReading(texts)
    if (!read.ok) return setTrouble(read)
    const now = new Date()
    let at = corrected ? new Date(corrected.at) : now
    if (clock.trim()) {
      const parsed = parseClock(clock)
      if (!parsed.ok) return setTrouble({ field: 'clock', message: parsed.message })
      at = momentOfClock(parsed.clock, now)
    }
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
  return (
    <DialogFrame
      title={corrected ? 'Correct a reading' : 'What does the display say?'}
      onClose={onClose}
      width="xs"
      actions={
        <Button type="submit" form="reading" variant="contained" color="primary" size="large" fullWidth>
          {asked ? 'It is so: keep it' : 'Save'}
        </Button>
      }
    >
      <form id="reading" onSubmit={submit} className={styles.form} noValidate>
        {shown.map(({ field, label, unit }, i) => (
          <TextField
            key={field}
            label={`${label}, ${unit}`}
            value={texts[field] ?? ''}
            onChange={(event) => put(field, event.target.value)}
            autoFocus={i === 0}
            error={trouble?.field === field}
            helperText={trouble?.field === field ? trouble.message : undefined}
            slotProps={{ htmlInput: { inputMode: 'decimal', autoComplete: 'off' } }}
          />
        ))}
        {texts.peakW?.trim() && (
          <TextField
            select
            label="Start of"
            value={peakOf}
            onChange={(event) => setPeakOf(event.target.value)}
            helperText="With everything else off, so that the peak is this start alone."
          >
            <MenuItem value="">several at once</MenuItem>
            {head.plan.loads.map(({ id, name }) => (
              <MenuItem key={id} value={id}>
                {name}
              </MenuItem>
            ))}
          </TextField>
        )}
        {!all && (
          <Button variant="text" onClick={() => setAll(true)}>
            Volts, amp-hours, watt-hours, a meter, a peak
          </Button>
        )}
        <TextField
          label="When, if not now"
          placeholder="such as 18:30"
          value={clock}
          onChange={(event) => {
            setClock(event.target.value)
            setTrouble(null)
            setAsked(null)
          }}
          error={trouble?.field === 'clock'}
          helperText={trouble?.field === 'clock' ? trouble.message : undefined}
          slotProps={{ htmlInput: { autoComplete: 'off' } }}
        />
        {trouble?.field === null && <Alert severity="error">{trouble.message}</Alert>}
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
