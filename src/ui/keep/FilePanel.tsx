'use client'
import { FileButton } from '@/ui/field/FileButton'
import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { changesBetween, isUnchanged } from '@/core/plan/householdChanges'
import type { Household } from '@/core/plan/household'
import { PLAN_VERSION } from '@/core/plan/limits'
import { useHousehold, useHouseholdStore } from '../household/HouseholdContext'
import { call } from './call'
import { changeWords } from './changeWords'
import { saveFile } from './saveFile'

const MOST_BYTES = 1_000_000

/** The whole household to a file, and one from a file: what it would change is told before it does. */
export function FilePanel({ onClose }: { onClose: () => void }) {
  const store = useHouseholdStore()
  const router = useRouter()
  const household = useHousehold((state) => state.household)
  const [opened, setOpened] = useState<{ name: string; household: Household } | null>(null)
  const [trouble, setTrouble] = useState<string | null>(null)
  const open = async (file: File) => {
    setTrouble(null)
    setOpened(null)
    if (file.size > MOST_BYTES) return setTrouble(`${file.name} is larger than any household: 1 MB at most.`)
    const { readHouseholdFile } = await import('@/core/plan/householdFile')
    const reading = readHouseholdFile(await file.text())
    if (reading.ok) setOpened({ name: file.name, household: reading.household })
    else {
      const [{ path, message }] = reading.faults
      setTrouble(`${file.name} cannot be opened: ${path} ${message}.`)
    }
  }
  const replace = (next: Household) => {
    store.getState().edit(() => next)
    onClose()
  }
  const addBeside = async (next: Household) => {
    const answer = await call<{ id: string }>('POST', '/api/households', {
      from: 'file',
      version: PLAN_VERSION,
      household: next,
    })
    if (answer.ok) router.push(`/h/${answer.body.id}/runtime`)
    else setTrouble(answer.message)
  }
  const changes = opened && changesBetween(household, opened.household)
  return (
    <>
      <Typography sx={{ mb: 2 }}>
        The whole household in one file: loads, outages, power systems, own equipment. Open it here or
        anywhere else Yotrope runs.
      </Typography>
      <Button variant="contained" color="primary" onClick={() => saveFile(household)}>
        Save to a file
      </Button>{' '}
      <FileButton words="Open a file" accept="application/json,.json" onFile={(file) => void open(file)} />
      {trouble && (
        <Alert severity="error" sx={{ mt: 2 }}>
          {trouble}
        </Alert>
      )}
      {opened && changes && (
        <section aria-label="What the file would change">
          <Typography component="h3" sx={{ mt: 3, fontWeight: 700 }}>
            {opened.household.profile.name}, from {opened.name}
          </Typography>
          <Typography>In the place of this household it would change:</Typography>
          <ul data-testid="file-changes">
            {changeWords(changes).map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
          <Button
            disabled={isUnchanged(changes)}
            variant="outlined"
            onClick={() => replace(opened.household)}
          >
            Put it in this one’s place
          </Button>{' '}
          <Button variant="contained" color="primary" onClick={() => addBeside(opened.household)}>
            Add it beside this one
          </Button>
          <Typography variant="body2" sx={{ mt: 1 }}>
            Put in its place, Undo takes it back, and what was there stays among the earlier versions.
          </Typography>
        </section>
      )}
    </>
  )
}
