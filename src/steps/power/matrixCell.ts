import { formatDuration } from '@/words/format'
import { matrixCell } from '@/words/en/pages/power'
import { wordsOf } from '@/words/translate'
import type { MatrixOutcome } from './useScenarioMatrix'

const say = wordsOf(matrixCell)

/** How long an option lasts in one outage of the household, or that it does not even carry it. */
export function matrixWords(cell: MatrixOutcome | undefined): string {
  if (!cell) return '…'
  if ('failure' in cell) return say('notComputed')
  const { carries, holds, runtimeMin } = cell
  if (!carries) return say('notCarried')
  const time = runtimeMin === Infinity ? say('pastItsEnd') : formatDuration(runtimeMin)
  return holds ? time : say('short', { time })
}

export function matrixCellProps(cell: MatrixOutcome | undefined) {
  const fails = cell !== undefined && !('failure' in cell) && !cell.holds
  return {
    className: fails ? 'strong fault' : '',
    'data-holds': !fails,
    title: cell && 'failure' in cell ? cell.failure : undefined,
  }
}
