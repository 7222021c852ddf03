'use client'
import InputBase from '@mui/material/InputBase'
import dynamic from 'next/dynamic'
import { later, part } from '@/ui/shell/part'
import { type ClipboardEvent, type KeyboardEvent, useId, useState } from 'react'
import type { Household } from '@/core/plan/household'
import { LIMITS } from '@/core/plan/limits'
import { useUnits } from '@/ui/field/units'
import { addLoad } from '@/ui/household/edits'
import { useHouseholdStore, useScenario } from '@/ui/household/HouseholdContext'
import type { SaidLine } from '@/ui/household/lineReader'
import { rich } from '@/ui/rich'
import { useLoaded } from '@/ui/shell/useLoaded'
import { quickLine } from '@/words/en/pages/loads'
import { wordsOf } from '@/words/translate'
import { Meant } from './Meant'
import type { PastedLine } from './PastedLines'
import styles from './QuickLine.module.css'

const say = wordsOf(quickLine)

const PastedLines = part(
  dynamic(() => import('./PastedLines').then((module) => module.PastedLines), {
    ssr: false,
  }),
  () => import('./PastedLines').then((module) => module.PastedLines),
)

const loadReader = later(() => import('@/ui/household/lineReader'))
const loadMaker = later(() => import('@/ui/household/loadOfLine'))
const tools = () => Promise.all([loadReader(), loadMaker()])
type LineReader = Awaited<ReturnType<typeof loadReader>>
type LoadMaker = Awaited<ReturnType<typeof loadMaker>>

/** A load as one line: what was understood, and what was not, stands below it before Enter keeps it; several lines may be pasted. */
export function QuickLine({ onAdded }: { onAdded: (id: string) => void }) {
  const store = useHouseholdStore()
  const { indoorC } = useScenario()
  const units = useUnits()
  const id = useId()
  const [text, setText] = useState('')
  const [pasted, setPasted] = useState<PastedLine[]>([])
  const reader = useLoaded(loadReader)
  useLoaded(loadMaker)
  const readWith = ({ readLine }: LineReader, line: string): SaidLine =>
    readLine(line, store.getState().household.profile.mains === '230 V' ? 230 : 120, indoorC, units)
  const read = (line: string): SaidLine | null => reader && readWith(reader, line)
  const reading = text.trim() ? read(text) : null

  /** Adds what could be read; what must be asked or cannot be stays. */
  const keep = (lines: readonly PastedLine[], { loadOfLine }: LoadMaker, by: LineReader): PastedLine[] => {
    const left: PastedLine[] = []
    let next: Household = store.getState().household
    let lastId: string | null = null
    for (const line of lines) {
      const found = readWith(by, line.text)
      if (found.status !== 'read') left.push(line)
      else if (next.loads.length >= LIMITS.loads) left.push({ ...line, isFull: true })
      else {
        const load = loadOfLine(found.load, next)
        lastId = load.id
        next = addLoad(load)(next)
      }
    }
    if (lastId) {
      store.getState().edit(() => next)
      onAdded(lastId)
    }
    return left
  }
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Escape') setText('')
    if (event.key !== 'Enter' || !text.trim()) return
    event.preventDefault()
    // a key pressed before what reads the line has come counts too
    void tools().then(([by, maker]) => {
      const found = readWith(by, text)
      if (found.status === 'ask' && found.question.meant[0]) setText(found.question.meant[0].text)
      if (found.status === 'read' && keep([{ line: 1, text }], maker, by).length === 0) setText('')
    })
  }
  const onPaste = (event: ClipboardEvent) => {
    const lines = event.clipboardData
      .getData('text')
      .split(/\r\n|\r|\n/)
      .map((line, i) => ({ line: i + 1, text: line.trim() }))
      .filter((line) => line.text)
    if (lines.length < 2) return
    event.preventDefault()
    void tools().then(([by, maker]) => setPasted(keep(lines, maker, by)))
    setText('')
  }
  return (
    <div className={styles.quick}>
      <InputBase
        className={styles.line}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={onKeyDown}
        onPaste={onPaste}
        placeholder={say('orOneLineFridge150w1')}
        inputProps={{
          'aria-label': say('aLoadInOneLine'),
          'aria-describedby': id,
          'aria-invalid': reading?.status === 'refuse',
          autoComplete: 'off',
          spellCheck: false,
        }}
      />
      <div id={id} className={`hint ${styles.said}`} aria-live="polite" data-testid="understood">
        {reading && <Said reading={reading} pick={setText} />}
      </div>
      {pasted.length > 0 && (
        <PastedLines
          lines={pasted}
          read={read}
          pick={(line, meant) => {
            const rest = pasted.filter((one) => one !== line)
            void tools().then(([by, maker]) => {
              const left = keep([{ ...line, text: meant }], maker, by)
              setPasted([...rest, ...left].sort((a, b) => a.line - b.line))
            })
          }}
          close={() => setPasted([])}
        />
      )}
    </div>
  )
}

function Said({ reading, pick }: { reading: SaidLine; pick: (text: string) => void }) {
  if (reading.status === 'refuse') return <p className="fault">{reading.message}</p>
  if (reading.status === 'ask') return <Meant question={reading.question} pick={pick} />
  return (
    <p>{rich(say, 'enterKeepsIt', { understood: reading.understood, kbd: (text) => <kbd>{text}</kbd> })}</p>
  )
}
