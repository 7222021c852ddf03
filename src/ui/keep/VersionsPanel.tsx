'use client'
import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import LinearProgress from '@mui/material/LinearProgress'
import List from '@mui/material/List'
import ListItem from '@mui/material/ListItem'
import ListItemText from '@mui/material/ListItemText'
import Typography from '@mui/material/Typography'
import { useEffect, useState } from 'react'
import type { Household } from '@/core/plan/household'
import type { HouseholdChanges } from '@/core/plan/householdChanges'
import { versionsPanel } from '@/words/en/ui/keep'
import { wordsOf } from '@/words/translate'
import { useHousehold, useHouseholdStore } from '../household/HouseholdContext'
import { call } from './call'
import { changeWords } from './changeWords'
import { momentWords } from './moment'

const say = wordsOf(versionsPanel)

const ASK_AGAIN_MS = 500

interface Version {
  version: number
  savedAt: string
  /** what the version after it changed */
  changes: HouseholdChanges | 'cannot be read' | 'not yet'
}

/** The household as it was: a list with what changed since, each to be brought back. */
export function VersionsPanel({ onClose }: { onClose: () => void }) {
  const store = useHouseholdStore()
  const householdId = useHousehold((state) => state.householdId)
  const [versions, setVersions] = useState<Version[] | null>(null)
  const [trouble, setTrouble] = useState<string | null>(null)
  const path = `/api/households/${householdId}/versions`
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>
    let isGone = false
    const ask = async () => {
      const answer = await call<{ versions: Version[] }>('GET', path)
      if (isGone) return
      if (!answer.ok) return setTrouble(answer.message)
      const { versions: listed } = answer.body
      setVersions(listed)
      // those an older release kept are worked out a few at a time
      if (listed.some(({ changes }) => changes === 'not yet'))
        timer = setTimeout(() => void ask(), ASK_AGAIN_MS)
    }
    void ask()
    return () => {
      isGone = true
      clearTimeout(timer)
    }
  }, [path])
  const bringBack = async (version: number) => {
    const answer = await call<{ household: Household }>('GET', `${path}/${version}`)
    if (!answer.ok) return setTrouble(answer.message)
    store.getState().edit(() => answer.body.household)
    onClose()
  }
  return (
    <>
      <Typography sx={{ mb: 1 }}>{say('theLastFiftySavesAMinute')}</Typography>
      {trouble && <Alert severity="error">{trouble}</Alert>}
      {!versions && !trouble && <LinearProgress aria-label={say('fetchingEarlierVersions')} />}
      {versions?.length === 0 && (
        <Typography variant="body2">{say('noneYetNothingHasBeenChanged')}</Typography>
      )}
      <List dense aria-label={say('earlierVersions')}>
        {(versions ?? []).map(({ version, savedAt, changes }) => (
          <ListItem
            key={version}
            disableGutters
            divider
            secondaryAction={
              changes !== 'cannot be read' && (
                <Button onClick={() => bringBack(version)}>{say('bringItBack')}</Button>
              )
            }
          >
            <ListItemText
              sx={{ pr: 12 }}
              primary={momentWords(savedAt)}
              secondary={
                changes === 'cannot be read'
                  ? say('cannotBeReadByThisRelease')
                  : changes === 'not yet'
                    ? '…'
                    : say('afterIt', { changeWords: changeWords(changes).join('; ') })
              }
            />
          </ListItem>
        ))}
      </List>
      <Typography variant="body2">{say('undoTakesItBackAgain')}</Typography>
    </>
  )
}
