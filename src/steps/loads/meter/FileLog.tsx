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
import { formatNumber } from '@/words/format'
import { SelectField } from '@/ui/field/SelectField'
import { useUnits } from '@/ui/field/units'
import { fileLog } from '@/words/en/pages/meter'
import { sayMeter } from '@/words/reading/sayMeter'
import { wordsOf } from '@/words/translate'
import { MeterClient } from '@/worker/meterClient'
import type { MeterFile, MeterPreview } from '@/worker/meterJobs'
import { FoundList } from './FoundList'
import MeterTrace from './MeterTrace'
import styles from './MeterLog.module.css'

const say = wordsOf(fileLog)

const VALUES = [
  { value: 'W', words: say('powerW') },
  { value: 'kW', words: say('powerKw') },
  { value: 'kWh total', words: say('aTotalThatGrowsKwh') },
  { value: 'Wh total', words: say('aTotalThatGrowsWh') },
  { value: 'kWh each', words: say('energyOfEachIntervalKwh') },
  { value: 'Wh each', words: say('energyOfEachIntervalWh') },
] as const
/** Stands for a date that is in the time's own column. */
const WITH_TIME = 'with the time'
const PREVIEWED = 6

/** A file from a plug-in meter or smart plug: what its columns hold, what was read, what was found. */
export function FileLog({ use }: { use: (found: MeterFindings) => void }) {
  const units = useUnits()
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
    if (!found || found.rows.length < 2) return setTrouble(say('thisFileHasNoRowsOf'))
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
            ? (preview.rows[mapping.headerLine][i] ?? say('column', { i: i + 1 }))
            : say('column', { i: i + 1 }),
      }))
    : []
  const put = (part: Partial<ColumnMapping>) => {
    if (mapping) setMapping({ ...mapping, ...part })
    setRead(null)
  }
  return (
    <div>
      <p>
        {say('aFileWithATimeAnd')}{' '}
        <FileButton
          words={say('chooseAFile')}
          label={say('meterFile')}
          accept=".csv,.tsv,.txt,text/csv,text/plain"
          onFile={(chosen) => void open(chosen)}
        />{' '}
        {file?.name}
      </p>
      {preview && mapping && (
        <>
          <SelectField
            label={say('timeIn')}
            value={String(mapping.time)}
            options={columns}
            onChange={(value) => put({ time: Number(value) })}
          />
          <SelectField
            label={say('dateIn')}
            value={mapping.date === null ? WITH_TIME : String(mapping.date)}
            options={[{ value: WITH_TIME, words: say('theSameColumnAsTheTime') }, ...columns]}
            onChange={(value) => put({ date: value === WITH_TIME ? null : Number(value) })}
          />
          <SelectField
            label={say('readingIn')}
            value={String(mapping.value)}
            options={columns}
            onChange={(value) => put({ value: Number(value) })}
          />
          <SelectField
            label={say('itIs')}
            value={mapping.valueIs}
            options={VALUES}
            onChange={(valueIs) => put({ valueIs })}
          />
          <SelectField
            label={say('decimals')}
            value={mapping.decimal}
            options={[
              { value: '.', words: say('aPoint15') },
              { value: ',', words: say('aComma15') },
            ]}
            onChange={(decimal) => put({ decimal })}
          />
          <SelectField
            label={say('dates')}
            value={mapping.dateOrder}
            options={[
              { value: 'day first', words: say('dayFirst05022027Is') },
              { value: 'month first', words: say('monthFirst02052027Is') },
            ]}
            onChange={(dateOrder) => put({ dateOrder })}
          />
          <div className="scroll-x">
            <Table className={styles.preview}>
              <caption className="visually-hidden">{say('theFirstLinesOfTheFile')}</caption>
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
            <Button onClick={() => void start()}>{say('readIt')}</Button>
          ) : (
            <p>
              <LinearProgress variant="determinate" value={share * 100} aria-label={say('readingTheFile')} />{' '}
              {Math.round(share * 100)} %{' '}
              <Button variant="text" onClick={stop}>
                {say('stop')}
              </Button>
            </p>
          )}
        </>
      )}
      {trouble && (
        <p role="alert" className="fault">
          {trouble}
        </p>
      )}
      {read && (
        <>
          <p data-testid="meter-lines">
            {say('ofLinesRead', {
              number: formatNumber(read.samples.atMin.length, 0),
              number2: formatNumber(read.lines, 0),
            })}
            {read.refusedCount > 0 && say('leftOut', { refusedCount: read.refusedCount })}.
          </p>
          <MeterTrace samples={read.samples} findings={read.findings} />
          <FoundList found={read.findings} samples={read.samples} />
          {read.refused.length > 0 && (
            <Accordion>
              <AccordionSummary>
                <span className="fault">
                  {say('linesCouldNotBeReadThe', { refusedCount: read.refusedCount })}
                </span>
              </AccordionSummary>
              <AccordionDetails>
                <ul className={`points ${styles.refused}`}>
                  {read.refused.map(({ line, text, message }) => (
                    <li key={line}>{say('line', { line, text, message: sayMeter(message, units) })}</li>
                  ))}
                </ul>
              </AccordionDetails>
            </Accordion>
          )}
          <Button onClick={() => use(read.findings)}>{say('useIt')}</Button>
        </>
      )}
    </div>
  )
}
