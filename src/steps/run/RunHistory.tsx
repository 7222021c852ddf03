'use client'
import Button from '@mui/material/Button'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import { useState } from 'react'
import { formatMoment } from '@/core/plan/clock'
import { useUnits } from '@/ui/field/units'
import { DialogFrame } from '@/ui/shell/DialogFrame'
import type { ListedRun } from './useRuns'
import styles from './run.module.css'

/** All runs of the household, the newest first. */
export function RunHistory(props: {
  runs: readonly ListedRun[]
  open: (id: string) => void
  remove: (id: string) => Promise<string | null>
}) {
  const { runs, open, remove } = props
  const { clock } = useUnits()
  const [asked, setAsked] = useState<ListedRun | null>(null)
  const [trouble, setTrouble] = useState<string | null>(null)
  if (runs.length === 0) return null
  const when = ({ startsLocal }: ListedRun) =>
    `${startsLocal.slice(0, 10)}, ${formatMoment(startsLocal, 0, 1, clock)}`
  return (
    <section aria-label="Runs so far">
      <h2>Runs so far</h2>
      <Table size="small">
        <TableHead>
          <TableRow>
            <TableCell>Run</TableCell>
            <TableCell>Began</TableCell>
            <TableCell>Entries</TableCell>
            <TableCell>
              <span className="visually-hidden">Open or delete it</span>
            </TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {runs.map((run) => (
            <TableRow key={run.id} data-testid="run-row">
              <TableCell component="th" scope="row">
                <Button variant="text" onClick={() => open(run.id)}>
                  {run.name}
                </Button>
              </TableCell>
              <TableCell>{when(run)}</TableCell>
              <TableCell>{run.entries}</TableCell>
              <TableCell align="right">
                <Button
                  variant="text"
                  onClick={() => setAsked(run)}
                  aria-label={`Delete ${run.name}, ${when(run)}`}
                >
                  Delete
                </Button>
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
      {asked && (
        <DialogFrame
          title={`Delete ${asked.name}?`}
          onClose={() => setAsked(null)}
          width="xs"
          actions={
            <>
              <Button onClick={() => setAsked(null)}>Keep it</Button>
              <Button
                variant="contained"
                color="error"
                onClick={async () => {
                  const message = await remove(asked.id)
                  setTrouble(message)
                  if (!message) setAsked(null)
                }}
              >
                Delete the run
              </Button>
            </>
          }
        >
          <p>
            All {asked.entries} entries of {when(asked)} go with it, on every device. This cannot be undone.
          </p>
          {trouble && <p className={styles.trouble}>{trouble}</p>}
        </DialogFrame>
      )}
    </section>
  )
}
