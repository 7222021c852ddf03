'use client'
import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import TableRow from '@mui/material/TableRow'
import { useState } from 'react'
import { FileButton } from '@/ui/field/FileButton'
import { useUnits } from '@/ui/field/units'
import { type DataColumn, DataTable } from '@/ui/table/DataTable'
import { DialogFrame } from '@/ui/shell/DialogFrame'
import { runHistory } from '@/words/en/pages/run'
import { beganWords } from '@/words/run/compareWords'
import { wordsOf } from '@/words/translate'
import type { ListedRun } from './useRuns'

const say = wordsOf(runHistory)

/** All runs of the household, the newest first. */
export function RunHistory(props: {
  runs: readonly ListedRun[]
  open: (id: string) => void
  remove: (id: string) => Promise<string | null>
  compare: (ids: [string, string]) => void
  /** @returns why the file cannot be read in; null where it is */
  read: (file: File) => Promise<string | null>
}) {
  const { runs, open, remove, compare, read } = props
  const { clock } = useUnits()
  const [asked, setAsked] = useState<ListedRun | null>(null)
  const [trouble, setTrouble] = useState<string | null>(null)
  const [fileTrouble, setFileTrouble] = useState<string | null>(null)
  const [picked, setPicked] = useState<string[]>([])
  const pick = (id: string, isPicked: boolean) =>
    // a third takes the place of the one that was picked first
    setPicked(isPicked ? [...picked, id].slice(-2) : picked.filter((one) => one !== id))
  const reader = (
    <FileButton
      words={say('readARunFromAFile')}
      accept="application/json,.json"
      variant="text"
      onFile={(file) => void read(file).then(setFileTrouble)}
    />
  )
  const troubled = fileTrouble && <Alert severity="error">{fileTrouble}</Alert>
  if (runs.length === 0)
    return (
      <>
        {reader}
        {troubled}
      </>
    )
  const when = (run: ListedRun) => beganWords(run, clock)
  const columns: DataColumn<ListedRun>[] = [
    ...(runs.length > 1
      ? [
          {
            id: 'compare',
            head: <span className="visually-hidden">{say('compareIt')}</span>,
            cell: (run: ListedRun) => (
              <Checkbox
                checked={picked.includes(run.id)}
                onChange={(event) => pick(run.id, event.target.checked)}
                slotProps={{ input: { 'aria-label': say('compare', { run: run.name, when: when(run) }) } }}
              />
            ),
            cellProps: () => ({ padding: 'checkbox' as const }),
          },
        ]
      : []),
    {
      id: 'name',
      head: say('run'),
      isRowHead: true,
      sortBy: ({ name }) => name,
      cell: (run) => (
        <Button variant="text" onClick={() => open(run.id)}>
          {run.name}
        </Button>
      ),
    },
    { id: 'began', head: say('began'), sortBy: ({ startedAt }) => Date.parse(startedAt), cell: when },
    { id: 'entries', head: say('entries'), sortBy: ({ entries }) => entries, cell: ({ entries }) => entries },
    {
      id: 'delete',
      head: <span className="visually-hidden">{say('deleteIt')}</span>,
      cell: (run) => (
        <Button
          variant="text"
          onClick={() => setAsked(run)}
          aria-label={say('deleteWord2', { run: run.name, when: when(run) })}
        >
          {say('deleteWord')}
        </Button>
      ),
      cellProps: () => ({ align: 'right' }),
    },
  ]
  return (
    <section aria-label={say('runsSoFar')}>
      <div className="in-line apart">
        <h2>{say('runsSoFar')}</h2>
        <div>
          {reader}
          {runs.length > 1 && (
            <Button
              variant="outlined"
              disabled={picked.length !== 2}
              onClick={() => compare([picked[0], picked[1]])}
            >
              {picked.length === 2 ? say('compareTheTwo') : say('tickTwoToCompareThem')}
            </Button>
          )}
        </div>
      </div>
      {troubled}
      <DataTable
        columns={columns}
        data={runs}
        rowId={({ id }) => id}
        row={(_, cells) => <TableRow data-testid="run-row">{cells}</TableRow>}
      />
      {asked && (
        <DialogFrame
          title={say('deleteWord3', { asked: asked.name })}
          onClose={() => setAsked(null)}
          width="xs"
          actions={
            <>
              <Button onClick={() => setAsked(null)}>{say('keepIt')}</Button>
              <Button
                variant="contained"
                color="error"
                onClick={async () => {
                  const message = await remove(asked.id)
                  setTrouble(message)
                  if (!message) setAsked(null)
                }}
              >
                {say('deleteTheRun')}
              </Button>
            </>
          }
        >
          <p>{say('allEntriesOfGoWithIt', { entries: asked.entries, when: when(asked) })}</p>
          {trouble && <p className="fault">{trouble}</p>}
        </DialogFrame>
      )}
    </section>
  )
}
