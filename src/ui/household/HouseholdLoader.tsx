'use client'
import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import LinearProgress from '@mui/material/LinearProgress'
import { type ReactNode, useEffect, useMemo, useState } from 'react'
import type { Household } from '@/core/plan/household'
import { evaluationOf } from '@/words/answer/evaluationText'
import { householdLoader } from '@/words/en/ui/shell'
import { wordsOf } from '@/words/translate'
import { HouseholdProvider } from './HouseholdContext'
import { readOnce } from './readOnce'
import type { Stored } from './store'

const say = wordsOf(householdLoader)

const householdOf = (text: string) => JSON.parse(text) as Household

interface HouseholdLoaderProps {
  householdId: string
  version: number
  savedAt: string
  /** JSON of the household that came with the page; null of a large one, which is fetched. As one text it is sent and read much faster than as an object */
  embedded: string | null
  /** its first answer, as such a text too, where there was time for it */
  evaluation: string | null
  children: ReactNode
}

/** Holds the household for its pages, and fetches one that is too large to come with them. */
export function HouseholdLoader(props: HouseholdLoaderProps) {
  const { householdId, version, savedAt, embedded, evaluation, children } = props
  const came = useMemo(
    (): Stored | null =>
      embedded === null
        ? null
        : { id: householdId, version, savedAt, household: readOnce(embedded, householdOf) },
    [householdId, version, savedAt, embedded],
  )
  const answer = useMemo(
    () => (evaluation === null ? null : readOnce(evaluation, evaluationOf)),
    [evaluation],
  )
  const [fetched, setFetched] = useState<Stored | null>(null)
  const [failure, setFailure] = useState<string | null>(null)
  const [attempt, setAttempt] = useState(0)
  useEffect(() => {
    if (came) return
    const abort = new AbortController()
    fetch(`/api/households/${householdId}`, { signal: abort.signal })
      .then(async (response) => {
        const body = await response.json()
        if (response.ok) setFetched(body as Stored)
        else setFailure(body.error?.message ?? say('theHouseholdCouldNotBeRead'))
      })
      .catch(() => {
        if (!abort.signal.aborted) setFailure(say('yotropeIsNotAnswering'))
      })
    return () => abort.abort()
  }, [householdId, came, attempt])
  const held = came ?? fetched
  if (held)
    return (
      <HouseholdProvider stored={held} evaluation={came ? answer : null}>
        {children}
      </HouseholdProvider>
    )
  const again = () => {
    setFailure(null)
    setAttempt(attempt + 1)
  }
  return failure ? (
    <Alert severity="error" action={<Button onClick={again}>{say('tryAgain')}</Button>}>
      {say('nothingIsLost', { failure })}
    </Alert>
  ) : (
    <LinearProgress aria-label={say('fetchingTheHousehold')} />
  )
}
