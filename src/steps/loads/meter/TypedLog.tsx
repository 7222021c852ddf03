'use client'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import TextField from '@mui/material/TextField'
import Button from '@mui/material/Button'
import { useEffect, useState } from 'react'
import type { MeterFindings } from '@/core/meter/analyse'
import { type TypedReading, readTyped } from '@/core/meter/typedReadings'
import { formatNumber, formatWatts } from '@/words/format'
import type { HouseholdLoad } from '@/core/plan/schema'
import fields from '@/ui/field/field.module.css'
import { useUnits } from '@/ui/field/units'
import { typedLog } from '@/words/en/pages/meter'
import { sayMeter } from '@/words/reading/sayMeter'
import { wordsOf } from '@/words/translate'

const say = wordsOf(typedLog)

const EMPTY: TypedReading = { clock: '', kWhTotal: '', peakW: '' }
const isEmpty = ({ clock, kWhTotal, peakW }: TypedReading) =>
  !clock.trim() && !kWhTotal.trim() && !peakW.trim()

/** What was written down of each load, so that it is there when the dialog is opened again. */
const typed = new Map<string, TypedReading[]>()

/** Readings written down from a plug-in meter. */
export function TypedLog({ load, use }: { load: HouseholdLoad; use: (found: MeterFindings) => void }) {
  const units = useUnits()
  const runningW = load.behaviour.runningW.value
  const [rows, setRows] = useState<TypedReading[]>(() => typed.get(load.id) ?? [{ ...EMPTY }, { ...EMPTY }])
  useEffect(() => {
    typed.set(load.id, rows)
  }, [load.id, rows])
  const filled = rows.filter((row) => !isEmpty(row))
  const read = filled.length > 0 ? readTyped(filled) : null
  const put = (i: number, part: Partial<TypedReading>) =>
    setRows((before) => {
      const next = before.map((row, k) => (k === i ? { ...row, ...part } : row))
      return isEmpty(next[next.length - 1]) ? next : [...next, { ...EMPTY }]
    })
  return (
    <div>
      <p>{say('leaveItOnTheMeterFor')}</p>
      <Table>
        <TableHead>
          <TableRow>
            <TableCell align="right">{say('clock')}</TableCell>
            <TableCell align="right">{say('totalKwh')}</TableCell>
            <TableCell align="right">{say('peakW')}</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {rows.map((row, i) => (
            <TableRow key={i}>
              {(['clock', 'kWhTotal', 'peakW'] as const).map((key) => (
                <TableCell key={key}>
                  <TextField
                    variant="standard"
                    hiddenLabel
                    className={fields.compact}
                    slotProps={{
                      htmlInput: {
                        'aria-label': say('reading', {
                          i: i + 1,
                          value: { clock: say('clock2'), kWhTotal: say('totalKwh2'), peakW: say('peakW2') }[
                            key
                          ],
                        }),
                      },
                    }}
                    value={row[key]}
                    placeholder={i === 0 ? { clock: '18:30', kWhTotal: '0.00', peakW: '754' }[key] : ''}
                    onChange={(event) => put(i, { [key]: event.target.value })}
                  />
                </TableCell>
              ))}
            </TableRow>
          ))}
        </TableBody>
      </Table>
      {read && !read.ok && filled.length > 1 && (
        <p role="alert" className="fault">
          {say('reading2', { row: read.row + 1, message: sayMeter(read.message, units) })}
        </p>
      )}
      {read?.ok && (
        <p>
          {say('onAverageOverH', { watts: formatWatts(read.averageW), number: formatNumber(read.hours, 1) })}{' '}
          <Button
            onClick={() =>
              use({
                coveredH: read.hours,
                averageW: read.averageW,
                runningW: Math.max(runningW, read.averageW),
                // a peak of a thing without a motor start is what it drew for a while
                sustainedW: Math.max(runningW, read.averageW, load.start ? 0 : (read.peakW ?? 0)),
                startPeakW: read.peakW !== null && read.peakW > 1.5 * runningW ? read.peakW : null,
                idleW: 0,
                on: [],
                meanOnMin: null,
                meanOffMin: null,
                dutyFraction: Math.min(1, read.averageW / Math.max(runningW, read.averageW, 1e-9)),
                defrosts: null,
                shape: 'cycling',
              })
            }
          >
            {say('useIt')}
          </Button>
        </p>
      )}
    </div>
  )
}
