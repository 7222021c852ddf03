'use client'
import TextField from '@mui/material/TextField'
import dynamic from 'next/dynamic'
import { later, part } from '@/ui/shell/part'
import { type KeyboardEvent, useId, useState } from 'react'
import type { LabelChanges } from '@/core/load/labelChanges'
import { plateKindOf } from '@/core/load/plateKind'
import { LABEL_LENGTH, PLATE_KINDS, type PlateKind } from '@/core/plan/limits'
import type { HouseholdLoad } from '@/core/plan/schema'
import fields from '@/ui/field/field.module.css'
import { SelectField } from '@/ui/field/SelectField'
import { useUnits } from '@/ui/field/units'
import { useLoaded } from '@/ui/shell/useLoaded'
import { labelReader } from '@/words/en/pages/loadFields'
import { wordsOf } from '@/words/translate'
import styles from './LabelReader.module.css'
import { Meant } from './Meant'

const say = wordsOf(labelReader)
const LabelRead = part(
  dynamic(() => import('./LabelRead').then((module) => module.LabelRead), { ssr: false }),
  () => import('./LabelRead').then((module) => module.LabelRead),
)

const KIND_WORDS: Record<PlateKind, string> = {
  motor: say('onAMotor'),
  heat: say('onSomethingThatHeats'),
  electronics: say('onElectronics'),
  'cold box': say('onARefrigeratorOrFreezer'),
}

const loadReader = later(() => import('@/ui/household/labelReader'))

/** What the label says, in one line; what it changes, before and after; and a question where a usual confusion is likely. */
export function LabelReader(props: { load: HouseholdLoad; change: (part: Partial<HouseholdLoad>) => void }) {
  const { load, change } = props
  const id = useId()
  const units = useUnits()
  const [text, setText] = useState<string | null>(null)
  const [kind, setKind] = useState<PlateKind>(
    () =>
      load.label?.on ??
      plateKindOf({ name: load.name, behaviour: load.behaviour, hasStart: load.start !== null }),
  )
  const reader = useLoaded(loadReader)
  const reading = (text !== null && reader?.readLabelInWords(text, kind, load.volts, units)) || {
    kind: 'empty' as const,
  }
  const changes = reading.kind === 'read' ? reader!.labelChanges(load, reading.result, kind) : null
  const take = ({ part }: LabelChanges) => {
    change({ ...part, label: { text: text!.trim().slice(0, LABEL_LENGTH), on: kind } })
    setText(null)
  }
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Escape' && text !== null) {
      event.stopPropagation()
      setText(null)
    }
    if (event.key !== 'Enter') return
    event.preventDefault()
    if (reading.kind === 'question' && reading.question.meant[0]) setText(reading.question.meant[0].text)
    if (changes) take(changes)
    // an emptied line takes the label off
    if (text?.trim() === '') {
      change({ label: undefined })
      setText(null)
    }
  }
  return (
    <div className={styles.reader}>
      <div className={fields.row}>
        <label className={fields.label} htmlFor={id}>
          {say('labelNameplate')}
        </label>
        <span className={fields.control}>
          <TextField
            id={id}
            variant="standard"
            hiddenLabel
            className={styles.line}
            value={text ?? load.label?.text ?? ''}
            placeholder={say('text120V65A1')}
            error={reading.kind === 'refused'}
            onChange={(event) => setText(event.target.value)}
            onKeyDown={onKeyDown}
            slotProps={{
              htmlInput: { autoComplete: 'off', spellCheck: false, 'aria-describedby': `${id}-said` },
            }}
          />
          <span className={`hint ${styles.kind}`}>
            <SelectField
              cell
              label={say('whatTheLabelIsOn')}
              value={kind}
              options={PLATE_KINDS.map((value) => ({ value, words: KIND_WORDS[value] }))}
              onChange={setKind}
            />
          </span>
        </span>
      </div>
      <div id={`${id}-said`} aria-live="polite" data-testid="label-said">
        {reading.kind === 'refused' && <p className="fault">{reading.message}</p>}
        {reading.kind === 'question' && <Meant question={reading.question} pick={setText} />}
        {reading.kind === 'read' && changes && (
          <LabelRead
            result={reading.result}
            unread={reading.unread}
            changes={changes}
            take={() => take(changes)}
          />
        )}
      </div>
    </div>
  )
}
