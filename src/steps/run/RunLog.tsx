'use client'
import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import { epochMinute } from '@/core/plan/clock'
import { formatMoment } from '@/words/clock'
import { CSV_HEADER, rowsOfEntries } from '@/core/run/entriesCsv'
import { type Entry, type Reading, type RunHead, runFile, standingEntries } from '@/core/run/runDocument'
import { FileButton } from '@/ui/field/FileButton'
import { memo, useState } from 'react'
import { saveText } from '@/ui/keep/saveText'
import { runLog } from '@/words/en/pages/run'
import { later } from '@/ui/shell/part'
import { wordsOf } from '@/words/translate'
import { RunPhoto } from './RunPhoto'
import { SheetDialog } from './SheetDialog'
import { entryWords } from './entryWords'

const say = wordsOf(runLog)

/** Rows of a long log shown at first. */
const SHOWN = 60

interface RunLogProps {
  head: RunHead
  householdId: string
  entries: readonly Entry[]
  correct: (reading: Reading) => void
  addAll: (entries: readonly Entry[]) => Promise<void>
}

const loadPapa = later(() => import('papaparse'))
const loadArchive = later(() => import('@/ui/runs/runArchive'))

/** What was written down, the newest first; a reading is corrected by another that takes its place. */
export const RunLog = memo(function RunLog(props: RunLogProps) {
  const { head, householdId, entries, correct, addAll } = props
  const [sheet, setSheet] = useState<string[][] | null>(null)
  const [trouble, setTrouble] = useState<string | null>(null)
  const open = async (file: File) => {
    const { default: Papa } = await loadPapa()
    const { data } = Papa.parse<string[]>(await file.text(), { skipEmptyLines: 'greedy' })
    setTrouble(data.length < 2 ? say('aFirstLineWithNamesAnd', { file: file.name }) : null)
    if (data.length >= 2) setSheet(data)
  }
  const standing = standingEntries(entries).toReversed()
  const corrected = new Set(entries.flatMap(({ replaces }) => replaces ?? []))
  const clock = head.plan.household.units.clock
  const saveCsv = async () => {
    const { default: Papa } = await loadPapa()
    // a note that begins like a formula must not be one in a spreadsheet
    const text = Papa.unparse([[...CSV_HEADER], ...rowsOfEntries(head, entries)], { escapeFormulae: true })
    saveText('run.csv', 'text/csv', `${text}\r\n`)
  }
  const saveJson = async () => {
    const { gatherRun } = await loadArchive()
    const gathered = await gatherRun(householdId, head.id)
    if (!gathered) return
    saveText('run.json', 'application/json', JSON.stringify(runFile(gathered.run), null, 1))
    setTrouble(gathered.isWhole ? null : say('whatIsNotOnThisDevice'))
  }
  return (
    <section aria-label={say('theLog')}>
      <div className="in-line apart">
        <h3>{say('theLog')}</h3>
        <div className="no-print">
          <FileButton
            words={say('readACsv')}
            accept=".csv,.tsv,text/csv"
            variant="text"
            onFile={(file) => void open(file)}
          />
          <Button variant="text" onClick={() => void saveCsv()}>
            {say('saveAsCsv')}
          </Button>
          <Button variant="text" onClick={() => void saveJson()}>
            {say('saveAsJson')}
          </Button>
        </div>
      </div>
      {trouble && <Alert severity="error">{trouble}</Alert>}
      {sheet && (
        <SheetDialog
          head={head}
          rows={sheet}
          onClose={() => setSheet(null)}
          onAdd={(all) => void addAll(all)}
        />
      )}
      <Table size="small">
        <TableHead>
          <TableRow>
            <TableCell>{say('clock')}</TableCell>
            <TableCell>{say('what')}</TableCell>
            <TableCell>
              <span className="visually-hidden">{say('correctIt')}</span>
            </TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {standing.slice(0, SHOWN).map((entry) => (
            <TableRow key={entry.id} data-testid="run-entry">
              <TableCell component="th" scope="row">
                {formatMoment(
                  head.startsLocal,
                  epochMinute(entry.local) - epochMinute(head.startsLocal),
                  1,
                  clock,
                )}
              </TableCell>
              <TableCell>
                {entry.kind === 'photo' ? (
                  <RunPhoto householdId={householdId} runId={head.id} photo={entry} />
                ) : (
                  entryWords(head, entry)
                )}
                {entry.replaces && corrected.has(entry.replaces) && <small> {say('corrected')}</small>}
                {entry.confirmed && <small> {say('confirmed')}</small>}
              </TableCell>
              <TableCell align="right">
                {entry.kind === 'reading' && (
                  <Button
                    variant="text"
                    onClick={() => correct(entry)}
                    aria-label={say('correct2', { entryWords: entryWords(head, entry) })}
                  >
                    {say('correct')}
                  </Button>
                )}
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
      {standing.length > SHOWN && (
        <p className="hint">{say('earlierOnesAreInTheFiles', { nStanding: standing.length - SHOWN })}</p>
      )}
    </section>
  )
})
