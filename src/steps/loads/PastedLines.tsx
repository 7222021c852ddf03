'use client'
import Button from '@mui/material/Button'
import { LIMITS } from '@/core/plan/limits'
import type { SaidLine } from '@/ui/household/lineReader'
import { pastedLines } from '@/words/en/pages/addLoad'
import { wordsOf } from '@/words/translate'
import { Meant } from './Meant'

const say = wordsOf(pastedLines)

/** A pasted line that was not added yet. */
export interface PastedLine {
  line: number
  text: string
  /** the household has no room for it */
  isFull?: boolean
}

interface PastedLinesProps {
  lines: readonly PastedLine[]
  read: (text: string) => SaidLine | null
  pick: (line: PastedLine, meant: string) => void
  close: () => void
}

/** Pasted lines that must be asked about, or cannot be read: each with its reason and what was probably meant. */
export function PastedLines({ lines, read, pick, close }: PastedLinesProps) {
  return (
    <div className="box" role="alert">
      <p>{say('ofThePastedLinesNotAdded', { nLines: lines.length })}</p>
      <ul className="points">
        {lines.map((line) => {
          const reading = read(line.text)
          return (
            <li key={line.line}>
              {say('line', { line: line.line, line2: line.text.slice(0, 60) })}{' '}
              {line.isFull && say('aHouseholdHasLoadsAtMost', { loads: LIMITS.loads })}
              {!line.isFull && reading?.status === 'refuse' && reading.message}
              {!line.isFull && reading?.status === 'ask' && (
                <Meant question={reading.question} pick={(meant) => pick(line, meant)} />
              )}
            </li>
          )
        })}
      </ul>
      <Button onClick={close}>{say('leaveThemOut')}</Button>
    </div>
  )
}
