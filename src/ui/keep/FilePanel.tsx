'use client'
import { FileButton } from '@/ui/field/FileButton'
import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { useParams, useRouter } from 'next/navigation'
import { useState } from 'react'
import { changesBetween, isUnchanged } from '@/core/plan/householdChanges'
import type { Household } from '@/core/plan/household'
import { PLAN_VERSION } from '@/core/plan/limits'
import { filePanel } from '@/words/en/ui/keep'
import { wordsOf } from '@/words/translate'
import { useHousehold, useHouseholdStore } from '../household/HouseholdContext'
import type { WholeRun } from '@/core/run/runDocument'
import { call } from './call'
import { changeWords } from './changeWords'
import { saveFile } from './saveFile'

const say = wordsOf(filePanel)

/** A household with all its runs and photos. */
const MOST_BYTES = 200_000_000

/** The whole household to a file, and one from a file: what it would change is told before it does. */
export function FilePanel({ onClose }: { onClose: () => void }) {
  const store = useHouseholdStore()
  const { householdId } = useParams<{ householdId: string }>()
  const router = useRouter()
  const household = useHousehold((state) => state.household)
  const [opened, setOpened] = useState<{ name: string; household: Household; runs: WholeRun[] } | null>(null)
  const [trouble, setTrouble] = useState<string | null>(null)
  const open = async (file: File) => {
    setTrouble(null)
    setOpened(null)
    if (file.size > MOST_BYTES) return setTrouble(say('isLargerThanAnyHousehold200', { file: file.name }))
    const [{ readArchive }, { sayDocument }] = await Promise.all([
      import('@/core/run/archive'),
      import('@/words/reading/sayDocument'),
    ])
    const reading = readArchive(await file.text())
    if (reading.ok) setOpened({ name: file.name, ...reading })
    else {
      const [{ path, message }] = reading.faults
      setTrouble(say('cannotBeOpened', { file: file.name, path, message: sayDocument(message) }))
    }
  }
  /** @returns whether all of them are kept */
  const keepRuns = async (id: string, runs: readonly WholeRun[]) => {
    const { putRuns } = await import('../runs/runArchive')
    const message = await putRuns(id, runs)
    if (message) setTrouble(say('theHouseholdIsHereNotAll', { message }))
    return message === null
  }
  const replace = async ({ household: next, runs }: { household: Household; runs: WholeRun[] }) => {
    store.getState().edit(() => next)
    if (await keepRuns(householdId, runs)) onClose()
  }
  const addBeside = async ({ household: next, runs }: { household: Household; runs: WholeRun[] }) => {
    const answer = await call<{ id: string }>('POST', '/api/households', {
      from: 'file',
      version: PLAN_VERSION,
      household: next,
    })
    if (!answer.ok) return setTrouble(answer.message)
    if (await keepRuns(answer.body.id, runs)) router.push(`/h/${answer.body.id}/runtime`)
  }
  const changes = opened && changesBetween(household, opened.household)
  return (
    <>
      <Typography sx={{ mb: 2 }}>{say('theWholeHouseholdInOneFile')}</Typography>
      <Button
        variant="contained"
        color="primary"
        onClick={() => void saveFile(householdId, household).then(setTrouble)}
      >
        {say('saveToAFile')}
      </Button>{' '}
      <FileButton
        words={say('openAFile')}
        accept="application/json,.json"
        onFile={(file) => void open(file)}
      />
      {trouble && (
        <Alert severity="error" sx={{ mt: 2 }}>
          {trouble}
        </Alert>
      )}
      {opened && changes && (
        <section aria-label={say('whatTheFileWouldChange')}>
          <Typography component="h3" sx={{ mt: 3, fontWeight: 700 }}>
            {say('from', { profile: opened.household.profile.name, opened: opened.name })}
          </Typography>
          <Typography>{say('inThePlaceOfThisHousehold')}</Typography>
          <ul data-testid="file-changes">
            {changeWords(changes).map((line) => (
              <li key={line}>{line}</li>
            ))}
            {opened.runs.length > 0 && (
              <li>
                {say('besideThoseThatAreHere', {
                  nRuns:
                    opened.runs.length === 1 ? say('text1Run') : say('runs', { nRuns: opened.runs.length }),
                })}
              </li>
            )}
          </ul>
          <Button
            disabled={isUnchanged(changes) && opened.runs.length === 0}
            variant="outlined"
            onClick={() => void replace(opened)}
          >
            {say('putItInThisOnesPlace')}
          </Button>{' '}
          <Button variant="contained" color="primary" onClick={() => void addBeside(opened)}>
            {say('addItBesideThisOne')}
          </Button>
          <Typography variant="body2" sx={{ mt: 1 }}>
            {say('putInItsPlaceUndoTakes')}
          </Typography>
        </section>
      )}
    </>
  )
}
