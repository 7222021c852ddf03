'use client'
import Button from '@mui/material/Button'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableRow from '@mui/material/TableRow'
import type { LabelResult } from '@/core/load/label'
import type { Change, LabelChanges } from '@/core/load/labelChanges'
import { formatEnergy, formatExactDuration, formatWatts } from '@/words/format'
import type { Told } from '@/core/quantity/told'
import { useUnits } from '@/ui/field/units'
import { rich } from '@/ui/rich'
import { labelRead } from '@/words/en/pages/labelRead'
import { sayTold } from '@/words/sayTold'
import { wordsOf } from '@/words/translate'

const say = wordsOf(labelRead)

const CHANGED: Record<Change['what'], string> = {
  start: say('startingWatts'),
  running: say('runningWatts'),
  average: say('averageWatts'),
  defrost: say('defrostWatts'),
  betweenCycles: say('wattsBetweenCycles'),
  idle: say('idleWatts'),
  minutesEach: say('minutesEachTime'),
}
const shown = (what: Change['what'], value: number) =>
  what === 'minutesEach' ? formatExactDuration(value) : formatWatts(value)

/** What a label changes of a load, and how its figures come about. */
export function LabelRead(props: {
  result: LabelResult
  unread: string[]
  changes: LabelChanges
  take: () => void
}) {
  const { result, unread, changes, take } = props
  const units = useUnits()
  const tell = (fact: Told) => sayTold(fact, { units, startsAt: '' })
  return (
    <div className="box">
      {changes.changes.length > 0 ? (
        <Table data-columns="figures">
          <TableBody>
            {changes.changes.map(({ what, before, after }) => (
              <TableRow key={what}>
                <TableCell component="th" scope="row">
                  {CHANGED[what]}
                </TableCell>
                <TableCell>{before === null ? say('noneWord') : shown(what, before)}</TableCell>
                <TableCell aria-hidden>→</TableCell>
                <TableCell>
                  <b>{shown(what, after)}</b>
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      ) : (
        <p>{say('nothingOfItDiffersFromWhat')}</p>
      )}
      {changes.note && <p>{tell(changes.note)}</p>}
      {result.isLimitOnly && result.limitW && !changes.note && (
        <p>{say('voltsAmpsAreALimitAt', { watts: formatWatts(result.limitW.value) })}</p>
      )}
      {unread.length > 0 && (
        <p className="fault">
          {say('notUnderstood', { unread: unread.map((piece) => `“${piece}”`).join(', ') })}
        </p>
      )}
      <p>
        <Button onClick={take}>{rich(say, 'useItEnter', { kbd: (text) => <kbd>{text}</kbd> })}</Button>
      </p>
      <ul className="points soft">
        {result.steps.map(({ step, result: outcome, unit }) => (
          <li key={step.what}>
            {tell(step)} ={' '}
            <b>{unit === 'Wh' ? formatEnergy(outcome) : formatWatts(outcome).replace(/W$/, unit)}</b>
          </li>
        ))}
      </ul>
    </div>
  )
}
