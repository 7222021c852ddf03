'use client'
import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import { deletePanel } from '@/words/en/ui/keep'
import { wordsOf } from '@/words/translate'
import { clearDraft } from '../household/draft'
import { useHousehold } from '../household/HouseholdContext'
import { call } from './call'
import { saveFile } from './saveFile'

const say = wordsOf(deletePanel)

/** The start page, anew: the page and all it holds goes. */
function toStart(): void {
  // eslint-disable-next-line @next/next/no-location-assign-relative-destination
  window.location.href = '/'
}

/** What was written down in runs goes from this device too: of a household, or of all. */
async function forgetRuns(householdId?: string): Promise<void> {
  const { runDevice } = await import('../runs/useRun')
  // a browser that keeps nothing has nothing to forget
  await runDevice()
    .forget(householdId)
    .catch(() => {})
}

/** Signs out of this browser, or deletes the household for good; a file is offered first. */
export function DeletePanel() {
  const household = useHousehold((state) => state.household)
  const householdId = useHousehold((state) => state.householdId)
  const [isSure, setIsSure] = useState(false)
  const [trouble, setTrouble] = useState<string | null>(null)
  const remove = async () => {
    const answer = await call('DELETE', `/api/households/${householdId}`)
    if (!answer.ok) return setTrouble(answer.message)
    clearDraft(householdId)
    await forgetRuns(householdId)
    toStart()
  }
  const leave = async () => {
    const answer = await call('POST', '/api/sign-out')
    if (!answer.ok) return setTrouble(answer.message)
    await forgetRuns()
    toStart()
  }
  return (
    <>
      <Typography sx={{ mb: 1 }}>{say('signedOutThisBrowserForgetsAll')}</Typography>
      <Button variant="outlined" onClick={leave} sx={{ mb: 3 }}>
        {say('signOutInThisBrowser')}
      </Button>
      <Alert severity="warning" sx={{ mb: 2 }}>
        {say('goesForGoodItsEarlierVersions', { profile: household.profile.name })}
      </Alert>
      <Button variant="outlined" onClick={() => void saveFile(householdId, household).then(setTrouble)}>
        {say('saveToAFileFirst')}
      </Button>
      <br />
      <FormControlLabel
        control={<Checkbox checked={isSure} onChange={(event) => setIsSure(event.target.checked)} />}
        label={say('yesDelete', { profile: household.profile.name })}
      />
      <br />
      <Button variant="contained" color="error" disabled={!isSure} onClick={remove}>
        {say('deleteIt')}
      </Button>
      {trouble && (
        <Alert severity="error" sx={{ mt: 2 }}>
          {trouble}
        </Alert>
      )}
    </>
  )
}
