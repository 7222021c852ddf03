'use client'
import { FileButton } from '@/ui/field/FileButton'
import AccordionDetails from '@mui/material/AccordionDetails'
import AccordionSummary from '@mui/material/AccordionSummary'
import Accordion from '@mui/material/Accordion'
import LinearProgress from '@mui/material/LinearProgress'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableRow from '@mui/material/TableRow'
import Button from '@mui/material/Button'
import { useEffect, useRef, useState } from 'react'
import type { MeterFindings } from '@/core/meter/analyse'
import type { ColumnMapping } from '@/core/meter/columns'
import { formatNumber } from '@/core/quantity/format'
import { SelectField } from '@/ui/field/SelectField'
import { MeterClient } from '@/worker/meterClient'
import type { MeterFile, MeterPreview } from '@/worker/meterJobs'
import { FoundList } from './FoundList'
import MeterTrace from './MeterTrace'
import styles from './MeterLog.module.css'

const VALUES = [
  { value: 'W', words: 'Power, W' },
  { value: 'kW', words: 'Power, kW' },
  { value: 'kWh total', words: 'A total that grows, kWh' },
  { value: 'Wh total', words: 'A total that grows, Wh' },
  { value: 'kWh each', words: 'Energy of each interval, kWh' },
  { value: 'Wh each', words: 'Energy of each interval, Wh' },
] as const
const PREVIEWED = 6

/** A file from a plug-in meter or smart plug: what its columns hold, what was read, what was found. */
export function FileLog({ use }: { use: (found: MeterFindings) => void }) {
  const client = useRef<MeterClient | null>(null)
  const [file, setFile] = useState<File | null>(null)
  const [preview, setPreview] = useState<MeterPreview | null>(null)
  const [mapping, setMapping] = useState<ColumnMapping | null>(null)
  const [share, setShare] = useState<number | null>(null)
  const [read, setRead] = useState<MeterFile | null>(null)
  const [trouble, setTrouble] = useState<string | null>(null)
  useEffect(() => () => client.current?.dispose(), [])
  const meter = () => (client.current ??= new MeterClient())
  const open = async (chosen: File) => {
    setRead(null)
    setTrouble(null)
    setFile(chosen)
    const found = await meter()
      .preview(chosen)
      .catch(() => null)
    if (!found || found.rows.length < 2)
      return setTrouble(
        'This file has no rows of readings. A text file with one reading a line would be right.',
      )
    setPreview(found)
    setMapping(found.guess)
  }
  const start = async () => {
    if (!file || !preview || !mapping) return
    setTrouble(null)
    setShare(0)
    const reading = meter()
    const result = await reading
      .read(file, preview.separator, mapping, setShare)
      .catch((error: unknown) => String(error instanceof Error ? error.message : error))
    setShare(null)
    if (typeof result === 'string') setTrouble(result)
    else setRead(result)
  }
  const stop = () => {
    client.current?.dispose()
    client.current = null
    setShare(null)
  }
  const columns = preview
    ? Array.from({ length: Math.max(...preview.rows.map((row) => row.length)) }, (_, i) => ({
        value: String(i),
        words:
          mapping && mapping.headerLine >= 0
            ? (preview.rows[mapping.headerLine][i] ?? `Column ${i + 1}`)
            : `Column ${i + 1}`,
      }))
    : []
  const put = (part: Partial<ColumnMapping>) => {
    if (mapping) setMapping({ ...mapping, ...part })
    setRead(null)
  }
  return (
    <div>
      <p>
        A file with a time and watts, a growing total or an interval’s energy in each line.{' '}
        <FileButton
          words="Choose a file"
          label="Meter file"
          accept=".csv,.tsv,.txt,text/csv,text/plain"
          onFile={(chosen) => void open(chosen)}
        />{' '}
        {file?.name}
      </p>
      {preview && mapping && (
        <>
          <SelectField
            label="Time in"
            value={String(mapping.time)}
            options={columns}
            onChange={(value) => put({ time: Number(value) })}
          />
          <SelectField
            label="Date in"
            value={mapping.date === null ? 'with the time' : String(mapping.date)}
            options={[{ value: 'with the time', words: 'the same column as the time' }, ...columns]}
            onChange={(value) => put({ date: value === 'with the time' ? null : Number(value) })}
          />
          <SelectField
            label="Reading in"
            value={String(mapping.value)}
            options={columns}
            onChange={(value) => put({ value: Number(value) })}
          />
          <SelectField
            label="It is"
            value={mapping.valueIs}
            options={VALUES}
            onChange={(valueIs) => put({ valueIs })}
          />
          <SelectField
            label="Decimals"
            value={mapping.decimal}
            options={[
              { value: '.', words: 'a point: 1.5' },
              { value: ',', words: 'a comma: 1,5' },
            ]}
            onChange={(decimal) => put({ decimal })}
          />
          <SelectField
            label="Dates"
            value={mapping.dateOrder}
            options={[
              { value: 'day first', words: 'day first: 05/02/2027 is in February' },
              { value: 'month first', words: 'month first: 02/05/2027 is in February' },
            ]}
            onChange={(dateOrder) => put({ dateOrder })}
          />
          <div className={styles.previewBox}>
            <Table className={styles.preview}>
              <caption className="visually-hidden">The first lines of the file</caption>
              <TableBody>
                {preview.rows.slice(0, PREVIEWED).map((row, i) => (
                  <TableRow key={i} data-header={i <= mapping.headerLine}>
                    {row.map((cell, k) => (
                      <TableCell
                        key={k}
                        data-used={k === mapping.time || k === mapping.date || k === mapping.value}
                      >
                        {cell}
                      </TableCell>
                    ))}
                  </TableRow>
                ))}
              </TableBody>
            </Table>
          </div>
          {share === null ? (
            <Button onClick={() => void start()}>Read it</Button>
          ) : (
            <p>
              <LinearProgress variant="determinate" value={share * 100} aria-label="Reading the file" />{' '}
              {Math.round(share * 100)} %{' '}
              <Button variant="text" onClick={stop}>
                Stop
              </Button>
            </p>
          )}
        </>
      )}
      {trouble && (
        <p role="alert" className={styles.trouble}>
          {trouble}
        </p>
      )}
      {read && (
        <>
          <p data-testid="meter-lines">
            {formatNumber(read.samples.atMin.length, 0)} of {formatNumber(read.lines, 0)} lines read
            {read.refusedCount > 0 && `, ${read.refusedCount} left out`}.
          </p>
          <MeterTrace samples={read.samples} findings={read.findings} />
          <FoundList found={read.findings} samples={read.samples} />
          {read.refused.length > 0 && (
            <Accordion className={styles.refused}>
              <AccordionSummary>
                {read.refusedCount} lines could not be read; the rest is kept
              </AccordionSummary>
              <AccordionDetails>
                <ul>
                  {read.refused.map(({ line, text, message }) => (
                    <li key={line}>
                      Line {line}, “{text}”: {message}
                    </li>
                  ))}
                </ul>
              </AccordionDetails>
            </Accordion>
          )}
          <Button onClick={() => use(read.findings)}>Use it</Button>
        </>
      )}
    </div>
  )
}
