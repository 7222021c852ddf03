import { formatDuration, formatNumber } from '@/core/quantity/format'
import type { PowerSystem, Scenario } from '@/core/plan/schema'
import styles from './PowerPage.module.css'
import { type MatrixOutcome, cellKey } from './useScenarioMatrix'

/** Each candidate in each outage of the household: how long, or that it does not even carry it. */
export function MatrixRows(props: {
  scenarios: readonly Scenario[]
  systems: readonly PowerSystem[]
  cells: ReadonlyMap<string, MatrixOutcome>
  flags: (system: PowerSystem) => Record<string, boolean>
}) {
  const { scenarios, systems, cells, flags } = props
  return (
    <>
      <tr className={styles.group}>
        <th scope="row" colSpan={2 + systems.length}>
          In every outage
        </th>
      </tr>
      {scenarios.map(({ id, name, durationH }) => (
        <tr key={id} data-testid="matrix-row">
          <th scope="row" dir="auto">
            {name}
          </th>
          <td className={styles.need}>{formatNumber(durationH, 1)} h</td>
          {systems.map((system) => {
            const cell = cells.get(cellKey(id, system.id))
            return (
              <td
                key={system.id}
                className={fails(cell) ? styles.fails : ''}
                data-holds={!fails(cell)}
                title={cell && 'failure' in cell ? cell.failure : undefined}
                {...flags(system)}
              >
                {cell ? wordsFor(cell) : '…'}
              </td>
            )
          })}
        </tr>
      ))}
    </>
  )
}

const fails = (cell: MatrixOutcome | undefined) => cell !== undefined && !('failure' in cell) && !cell.holds

function wordsFor(cell: MatrixOutcome): string {
  if ('failure' in cell) return 'not computed'
  const { carries, holds, runtimeMin } = cell
  if (!carries) return '× not carried'
  const time = runtimeMin === Infinity ? 'beyond' : formatDuration(runtimeMin)
  return holds ? time : `× ${time}`
}
