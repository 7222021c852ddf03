'use client'
import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import LinearProgress from '@mui/material/LinearProgress'
import { type ReactNode, useEffect, useState } from 'react'
import type { Evaluation } from '@/core/sizing/evaluate'
import { HouseholdProvider } from './HouseholdContext'
import type { Stored } from './store'

interface HouseholdLoaderProps {
  householdId: string
  /** the household where it came with the page; a large one is fetched */
  stored: Stored | null
  evaluation: Evaluation | null
  children: ReactNode
}

/** Holds the household for its pages, and fetches one that is too large to come with them. */
export function HouseholdLoader({ householdId, stored, evaluation, children }: HouseholdLoaderProps) {
  const [fetched, setFetched] = useState<Stored | null>(null)
  const [failure, setFailure] = useState<string | null>(null)
  const [attempt, setAttempt] = useState(0)
  useEffect(() => {
    if (stored) return
    const abort = new AbortController()
    fetch(`/api/households/${householdId}`, { signal: abort.signal })
      .then(async (response) => {
        const body = await response.json()
        if (response.ok) setFetched(body as Stored)
        else setFailure(body.error?.message ?? 'The household could not be read.')
      })
      .catch(() => {
        if (!abort.signal.aborted) setFailure('Yotrope is not answering.')
      })
    return () => abort.abort()
  }, [householdId, stored, attempt])
  const held = stored ?? fetched
  if (held)
    return (
      <HouseholdProvider stored={held} evaluation={stored ? evaluation : null}>
        {children}
      </HouseholdProvider>
    )
  const again = () => {
    setFailure(null)
    setAttempt(attempt + 1)
  }
  return failure ? (
    <Alert severity="error" action={<Button onClick={again}>Try again</Button>}>
      {failure} Nothing is lost.
    </Alert>
  ) : (
    <LinearProgress aria-label="Fetching the household" />
  )
}
