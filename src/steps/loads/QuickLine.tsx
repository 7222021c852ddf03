'use client'
import { type ClipboardEvent, type KeyboardEvent, useId, useState } from 'react'
import type { QuickLoad } from '@/core/load/quickEntry'
import { LIMITS } from '@/core/plan/limits'
import type { Household } from '@/core/plan/household'
import { addLoad, freshId, freshName } from '@/ui/household/edits'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { useLoaded } from '@/ui/shell/useLoaded'
import styles from './QuickLine.module.css'
import { blankLoad, withStart } from './loadForm'

const loadReader = () => import('@/core/load/quickEntry')

interface Refused {
  line: number
  text: string
  message: string
}

/** A load as one line: what was understood stands beside it before Enter keeps it; several lines may be pasted. */
export function QuickLine({ onAdded }: { onAdded: (id: string) => void }) {
  const store = useHouseholdStore()
  const id = useId()
  const [text, setText] = useState('')
  const [refused, setRefused] = useState<Refused[]>([])
  const mainsVolts = () => (store.getState().household.profile.mains === '230 V' ? 230 : 120)
  const reader = useLoaded(loadReader)
  const reading = text.trim() && reader ? reader.readQuickLoad(text, mainsVolts()) : null

  const keep = async (lines: { line: number; text: string }[]) => {
    const { readQuickLoad } = await loadReader()
    const faults: Refused[] = []
    let next: Household = store.getState().household
    let lastId: string | null = null
    for (const { line, text: one } of lines) {
      const read = readQuickLoad(one, mainsVolts())
      if (!read.ok) faults.push({ line, text: one, message: read.message })
      else if (next.loads.length >= LIMITS.loads)
        faults.push({ line, text: one, message: `A household has ${LIMITS.loads} loads at most.` })
      else {
        const load = loadOf(read.load, next, mainsVolts())
        lastId = load.id
        next = addLoad(load)(next)
      }
    }
    if (lastId) {
      store.getState().edit(() => next)
      onAdded(lastId)
    }
    setRefused(lines.length > 1 ? faults : [])
    return faults
  }
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Escape') setText('')
    if (event.key !== 'Enter' || !reading?.ok) return
    void keep([{ line: 1, text }]).then((faults) => {
      if (faults.length === 0) setText('')
    })
  }
  const onPaste = (event: ClipboardEvent) => {
    const lines = event.clipboardData
      .getData('text')
      .split(/\r?\n/)
      .map((line, i) => ({ line: i + 1, text: line.trim() }))
      .filter((line) => line.text)
    if (lines.length < 2) return
    event.preventDefault()
    void keep(lines)
    setText('')
  }
  return (
    <>
      <div className={styles.line}>
        <input
          className={styles.input}
          value={text}
          onChange={(event) => setText(event.target.value)}
          onKeyDown={onKeyDown}
          onPaste={onPaste}
          placeholder="or one line: drain pump 600W 17s every 8min"
          aria-label="A load in one line"
          aria-describedby={id}
          aria-invalid={reading !== null && !reading.ok}
          autoComplete="off"
          spellCheck={false}
        />
        <span
          id={id}
          className={styles.understood}
          data-ok={reading?.ok ?? true}
          aria-live="polite"
          data-testid="understood"
        >
          {reading?.ok ? `${reading.load.understood} · Enter keeps it` : reading?.message}
        </span>
      </div>
      {refused.length > 0 && (
        <div className={styles.refused} role="alert">
          <p>{refused.length} of the pasted lines could not be read; the others were added.</p>
          <ul>
            {refused.map(({ line, text: one, message }) => (
              <li key={line}>
                Line {line}, “{one.slice(0, 60)}”: {message}
              </li>
            ))}
          </ul>
          <button className="text-button" onClick={() => setRefused([])}>
            Close
          </button>
        </div>
      )}
    </>
  )
}

function loadOf(quick: QuickLoad, household: Household, mains: 120 | 230) {
  const name = freshName(quick.name[0].toUpperCase() + quick.name.slice(1), household.loads)
  const load = blankLoad(freshId(name, household.loads), name, mains)
  const volts =
    quick.volts === 12 || quick.volts === 120 || quick.volts === 230 || quick.volts === 240
      ? quick.volts
      : load.volts
  return {
    ...load,
    volts,
    leg: volts === 240 ? ('both' as const) : load.leg,
    behaviour: quick.behaviour,
    start: quick.startW === null ? null : withStart(quick.startW, 'label'),
  }
}
