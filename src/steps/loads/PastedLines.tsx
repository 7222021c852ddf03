'use client'
import Button from '@mui/material/Button'
import type { LineReading } from '@/core/load/loadLine'
import { LIMITS } from '@/core/plan/limits'
import { Meant } from './Meant'
import styles from './QuickLine.module.css'

/** A pasted line that was not added yet. */
export interface PastedLine {
  line: number
  text: string
  /** the household has no room for it */
  isFull?: boolean
}

interface PastedLinesProps {
  lines: readonly PastedLine[]
  read: (text: string) => LineReading | null
  pick: (line: PastedLine, meant: string) => void
  close: () => void
}

/** Pasted lines that must be asked about, or cannot be read: each with its reason and what was probably meant. */
export function PastedLines({ lines, read, pick, close }: PastedLinesProps) {
  return (
    <div className={styles.pasted} role="alert">
      <p>
        {lines.length} of the pasted lines {lines.length === 1 ? 'is' : 'are'} not added yet; the others are.
      </p>
      <ul>
        {lines.map((line) => {
          const reading = read(line.text)
          return (
            <li key={line.line}>
              Line {line.line}, “{line.text.slice(0, 60)}”:{' '}
              {line.isFull && `A household has ${LIMITS.loads} loads at most.`}
              {!line.isFull && reading?.status === 'refuse' && reading.message}
              {!line.isFull && reading?.status === 'ask' && (
                <Meant question={reading.question} pick={(meant) => pick(line, meant)} />
              )}
            </li>
          )
        })}
      </ul>
      <Button onClick={close}>Leave them out</Button>
    </div>
  )
}
