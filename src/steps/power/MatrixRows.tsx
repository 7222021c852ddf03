import TableCell from '@mui/material/TableCell'
import TableRow from '@mui/material/TableRow'
import { formatDuration, formatNumber } from '@/core/quantity/format'
import type { PowerSystem, Scenario } from '@/core/plan/schema'
import styles from './PowerPage.module.css'
import { type MatrixOutcome, cellKey } from './useScenarioMatrix'

/** Each option in each outage of the household: how long, or that it does not even carry it. */
export function MatrixRows(props: {
  scenarios: readonly Scenario[]
  systems: readonly PowerSystem[]
  cells: ReadonlyMap<string, MatrixOutcome>
  flags: (system: PowerSystem) => Record<string, boolean>
}) {
  const { scenarios, systems, cells, flags } = props
  return (
    <>
      <TableRow className={styles.group}>
        <TableCell component="th" scope="row" colSpan={2 + systems.length}>
          In every outage
        </TableCell>
      </TableRow>
      {scenarios.map(({ id, name, durationH }) => (
        <TableRow key={id} data-testid="matrix-row">
          <TableCell component="th" scope="row" dir="auto">
            {name}
          </TableCell>
          <TableCell className={styles.need}>{formatNumber(durationH, 1)} h</TableCell>
          {systems.map((system) => {
            const cell = cells.get(cellKey(id, system.id))
            return (
              <TableCell
                key={system.id}
                className={fails(cell) ? styles.fails : ''}
                data-holds={!fails(cell)}
                title={cell && 'failure' in cell ? cell.failure : undefined}
                {...flags(system)}
              >
                {cell ? wordsFor(cell) : '…'}
              </TableCell>
            )
          })}
        </TableRow>
      ))}
    </>
  )
}

const fails = (cell: MatrixOutcome | undefined) => cell !== undefined && !('failure' in cell) && !cell.holds

function wordsFor(cell: MatrixOutcome): string {
  if ('failure' in cell) return 'not computed'
  const { carries, holds, runtimeMin } = cell
  if (!carries) return 'not carried'
  const time = runtimeMin === Infinity ? 'beyond' : formatDuration(runtimeMin)
  return holds ? time : `short: ${time}`
}
