import { useCallback, useEffect, useState } from 'react'
import { runDevice } from '@/ui/runs/useRun'
import { useRuns as useRunsWords } from '@/words/en/pages/run'
import { wordsOf } from '@/words/translate'

const say = wordsOf(useRunsWords)

export interface ListedRun {
  id: string
  name: string
  startsLocal: string
  startedAt: string
  entries: number
}

/** The runs of a household, those of the server and those that are on this device only. */
export function useRuns(householdId: string) {
  const [runs, setRuns] = useState<ListedRun[] | null>(null)
  const read = useCallback(async () => {
    const device = runDevice()
    const own = await Promise.all(
      (await device.runsOf(householdId)).map(async ({ head, isSent }) => ({
        id: head.id,
        name: head.name,
        startsLocal: head.startsLocal,
        startedAt: head.startedAt,
        entries: (await device.entriesOf(householdId, head.id)).length,
        isSent,
      })),
    )
    let listed: ListedRun[] | null = null
    try {
      const response = await fetch(`/api/households/${householdId}/runs`)
      if (response.ok) listed = ((await response.json()) as { runs: ListedRun[] }).runs
    } catch {
      // without a connection those on this device are shown
    }
    const here = own.filter(({ id, isSent }) =>
      listed === null ? true : !isSent && !listed.some((run) => run.id === id),
    )
    setRuns([...(listed ?? []), ...here].sort((a, b) => Date.parse(b.startedAt) - Date.parse(a.startedAt)))
  }, [householdId])
  useEffect(() => {
    const timer = setTimeout(() => void read())
    return () => clearTimeout(timer)
  }, [read])
  /** @returns why it could not be deleted; null where it is gone */
  const remove = async (id: string): Promise<string | null> => {
    try {
      const response = await fetch(`/api/households/${householdId}/runs/${id}`, { method: 'DELETE' })
      if (!response.ok && response.status !== 404) return say('theServerDidNotDeleteIt')
    } catch {
      return say('thereIsNoConnectionDeleteIt')
    }
    await runDevice().remove(householdId, id)
    await read()
    return null
  }
  /** A run from a file. @returns why it cannot be read in; null where it is */
  const readIn = async (file: File): Promise<string | null> => {
    const [{ readRunFile }, { sayDocument }] = await Promise.all([
      import('@/core/run/archive'),
      import('@/words/reading/sayDocument'),
    ])
    const reading = readRunFile(await file.text())
    if (!reading.ok) {
      const [{ path, message }] = reading.faults
      return say('cannotBeRead', { file: file.name, path, message: sayDocument(message) })
    }
    const { putRuns } = await import('@/ui/runs/runArchive')
    const trouble = await putRuns(householdId, [reading.run])
    await read()
    return trouble && say('couldNotBeKept', { file: file.name, trouble })
  }
  return { runs, remove, readIn }
}
