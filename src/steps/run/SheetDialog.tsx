'use client'
import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import MenuItem from '@mui/material/MenuItem'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { doubtsOf } from '@/core/run/doubts'
import { type ReadingColumn, entriesOfRows, guessReadingColumns } from '@/core/run/entriesCsv'
import type { Entry, RunHead } from '@/core/run/runDocument'
import { useUnits } from '@/ui/field/units'
import { DialogFrame } from '@/ui/shell/DialogFrame'
import { sheetDialog } from '@/words/en/pages/runDialogs'
import { saySheet } from '@/words/reading/saySheet'
import { wordsOf } from '@/words/translate'

const say = wordsOf(sheetDialog)

const COLUMNS: Record<Exclude<ReadingColumn, null> | 'none', string> = {
  none: say('notRead'),
  clock: say('timeOfDay'),
  moment: say('dateAndTime'),
  hours: say('hoursSinceTheStart'),
  chargeFraction: say('chargePercent'),
  nowW: say('wattsNow'),
  outWh: say('wattHoursOut'),
  outAh: say('ampHoursOut'),
  meterWh: say('plugInMeterKwh'),
  loadedV: say('voltsUnderLoad'),
  restV: say('voltsAtRest'),
  peakW: say('peakW'),
  note: say('note'),
}
const PREVIEW = 4
const TIMES: ReadingColumn[] = ['clock', 'moment', 'hours']

interface SheetDialogProps {
  head: RunHead
  rows: string[][]
  onClose: () => void
  onAdd: (entries: Entry[]) => void
}

/** A sheet of readings: what each column holds is guessed and can be changed; what cannot be read is told before it is kept. */
export function SheetDialog({ head, rows, onClose, onAdd }: SheetDialogProps) {
  const units = useUnits()
  const [header, ...data] = rows
  const [columns, setColumns] = useState<ReadingColumn[]>(() => guessReadingColumns(header))
  const [now] = useState(() => new Date().toISOString())
  const hasTime = TIMES.some((time) => columns.includes(time))
  const utcOffsetMin = Math.round(
    (Date.parse(`${head.startsLocal}:00.000Z`) - Date.parse(head.startedAt)) / 60_000,
  )
  const { entries, refused } = hasTime
    ? entriesOfRows(head, data, columns, { utcOffsetMin })
    : { entries: [], refused: [] }
  const doubts = entries
    .flatMap((entry) => doubtsOf(head, [], entry, now))
    .filter(({ kind }) => kind === 'in the future' || kind === 'before the start')
  return (
    <DialogFrame
      title={say('aSheetOfReadings')}
      onClose={onClose}
      width="md"
      actions={
        <Button
          variant="contained"
          color="primary"
          disabled={entries.length === 0}
          onClick={() => {
            onAdd(entries)
            onClose()
          }}
        >
          {entries.length === 1 ? say('add1Entry') : say('addEntries', { nEntries: entries.length })}
        </Button>
      }
    >
      <div className="scroll-x">
        <Table size="small">
          <TableHead>
            <TableRow>
              {header.map((name, i) => (
                <TableCell key={i}>
                  <TextField
                    select
                    label={name || say('column', { i: i + 1 })}
                    value={columns[i] ?? 'none'}
                    onChange={({ target: { value } }) =>
                      setColumns(
                        columns.map((column, k) =>
                          k === i ? (value === 'none' ? null : (value as ReadingColumn)) : column,
                        ),
                      )
                    }
                  >
                    {Object.entries(COLUMNS).map(([column, words]) => (
                      <MenuItem key={column} value={column}>
                        {words}
                      </MenuItem>
                    ))}
                  </TextField>
                </TableCell>
              ))}
            </TableRow>
          </TableHead>
          <TableBody>
            {data.slice(0, PREVIEW).map((row, i) => (
              <TableRow key={i}>
                {header.map((_, k) => (
                  <TableCell key={k}>{row[k] ?? ''}</TableCell>
                ))}
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </div>
      {!hasTime && <Alert severity="error">{say('oneColumnMustHoldTheTime')}</Alert>}
      {doubts.length > 0 && (
        <Alert severity="warning">
          {say('ofATimeBeforeTheRun', {
            nDoubts: doubts.length === 1 ? say('oneLineIs') : say('linesAre', { nDoubts: doubts.length }),
          })}
        </Alert>
      )}
      {refused.length > 0 && (
        <Alert severity="warning">
          {refused.slice(0, 6).map(({ line, message }) => (
            <p key={line}>{say('lineIsLeftOut', { line, message: saySheet(message, units) })}</p>
          ))}
          {refused.length > 6 && <p>{say('andMore', { nRefused: refused.length - 6 })}</p>}
        </Alert>
      )}
    </DialogFrame>
  )
}
