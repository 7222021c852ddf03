import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import type { Understood } from '@/words/reading/understoodRow'

/** A row of a table of lines: what is typed, and what counts as understood. */
export interface LineRow {
  text: string
  as: string
  runningW: string
  whDay: string
  starts: string
  kind: string
  medical: string
}

export function lineRows(name: string): LineRow[] {
  return readFileSync(join(__dirname, '../fixtures', name), 'utf8')
    .split('\n')
    .slice(1)
    .filter((row) => row.trim())
    .map((row) => {
      const [text, as, runningW, whDay, starts, kind, medical] = row.split('\t')
      return { text, as, runningW, whDay, starts, kind, medical }
    })
}

const within = (value: number | null, range: string) => {
  if (range === '-') return true
  const [low, high] = range.split('..').map(Number)
  return value !== null && value >= low - 1e-9 && value <= high + 1e-9
}

/** Whether a row was understood: an ask counts where its first proposal fits. */
export function isRight(row: LineRow, found: Understood): boolean {
  if (row.runningW === 'ask') return found.status === 'ask'
  if (row.runningW === 'refuse') return found.status === 'refuse'
  const starts = found.startW !== null && found.startW > (found.runningW ?? 0)
  return (
    found.status !== 'refuse' &&
    within(found.runningW, row.runningW) &&
    within(found.whDay, row.whDay) &&
    (row.starts === '-' || (row.starts === 'yes') === starts) &&
    (row.kind === '-' || row.kind === found.kind) &&
    (row.medical === '-' || (row.medical === 'yes') === found.medical)
  )
}
