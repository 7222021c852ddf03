'use client'
import { type KeyboardEvent, useId, useState } from 'react'
import type { LabelResult, PlateKind } from '@/core/load/label'
import type { HouseholdLoad } from '@/core/plan/schema'
import { formatEnergy, formatWatts } from '@/core/quantity/format'
import fields from '@/ui/field/field.module.css'
import { useLoaded } from '@/ui/shell/useLoaded'
import { applyLabel, plateKindOf } from './applyLabel'
import styles from './LabelReader.module.css'

const KINDS: { value: PlateKind; words: string }[] = [
  { value: 'electronics', words: 'electronics' },
  { value: 'motor', words: 'a motor' },
  { value: 'cold box', words: 'a refrigerator or freezer' },
  { value: 'heat', words: 'heat' },
]

const loadReader = () => import('@/core/load/label')

/** What the plate says, in one line; what follows from it, and a question where a usual confusion is likely. */
export function LabelReader(props: {
  load: HouseholdLoad
  change: (part: Partial<HouseholdLoad>, field: string) => void
}) {
  const { load, change } = props
  const id = useId()
  const [text, setText] = useState('')
  const [kind, setKind] = useState<PlateKind>(() => plateKindOf(load))
  const reader = useLoaded(loadReader)
  const reading = reader?.readLabel(text, kind, load.volts) ?? { kind: 'empty' as const }
  const take = (result: LabelResult) => {
    change(applyLabel(load, result, kind), 'label')
    setText('')
  }
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Escape') setText('')
    if (event.key !== 'Enter') return
    event.preventDefault()
    if (reading.kind === 'question') setText(reading.question.meant[0].text)
    if (reading.kind === 'read') take(reading.result)
  }
  return (
    <div className={styles.reader}>
      <div className={fields.row}>
        <label className={fields.label} htmlFor={id}>
          The plate says
        </label>
        <span className={fields.control}>
          <input
            id={id}
            className={`${fields.input} ${styles.line}`}
            value={text}
            placeholder="120 V 6.5 A · 1/3 hp · 412 kWh/year"
            autoComplete="off"
            spellCheck={false}
            aria-describedby={`${id}-said`}
            aria-invalid={reading.kind === 'refused'}
            onChange={(event) => setText(event.target.value)}
            onKeyDown={onKeyDown}
          />
          <label className={styles.kind}>
            on{' '}
            <select value={kind} onChange={(event) => setKind(event.target.value as PlateKind)}>
              {KINDS.map(({ value, words }) => (
                <option key={value} value={value}>
                  {words}
                </option>
              ))}
            </select>
          </label>
        </span>
      </div>
      <div id={`${id}-said`} aria-live="polite" data-testid="label-said">
        {reading.kind === 'refused' && <p className={styles.refused}>{reading.message}</p>}
        {reading.kind === 'question' && (
          <div className={styles.question}>
            <p>{reading.question.message}</p>
            <p>
              {reading.question.meant.map(({ words, text: meant }, i) => (
                <button key={meant} className={styles.meant} onClick={() => setText(meant)}>
                  {words}
                  {i === 0 && <kbd>Enter</kbd>}
                </button>
              ))}
            </p>
          </div>
        )}
        {reading.kind === 'read' && <Read result={reading.result} take={() => take(reading.result)} />}
      </div>
    </div>
  )
}

function Read({ result, take }: { result: LabelResult; take: () => void }) {
  const { limitW, runningW, averageW, whCycle, startVa, steps } = result
  const found = [
    runningW && `${formatWatts(runningW.value)} running`,
    limitW && `at most ${formatWatts(limitW.value)}`,
    averageW && `${formatWatts(averageW.value)} on average`,
    whCycle && `${formatEnergy(whCycle.value)} each time`,
    startVa && `starts at ${formatWatts(startVa)}`,
  ].filter(Boolean)
  return (
    <div className={styles.question}>
      <p>
        {found.join(', ')}.{' '}
        <button className={styles.meant} onClick={take}>
          Use it <kbd>Enter</kbd>
        </button>
      </p>
      <ul className={styles.steps}>
        {steps.map(({ label, formula, values, result: outcome }) => (
          <li key={label}>
            {label}: {formula}
            {values.length > 0 && `: ${values.map(({ value }) => value).join(' and ')}`} = <b>{outcome}</b>
          </li>
        ))}
      </ul>
    </div>
  )
}
