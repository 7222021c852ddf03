import { liveQuery } from 'dexie'
import { useCallback, useEffect, useRef, useState } from 'react'
import type { Entry, RunHead } from '@/core/run/runDocument'
import { useRun as useRunWords } from '@/words/en/ui/runs'
import { wordsOf } from '@/words/translate'
import { RunDevice } from './runDevice'
import { stampAt } from './stamp'
import { type SyncState, syncRun } from './syncRun'

const say = wordsOf(useRunWords)

/** Another device's entries are here within so long. */
const EVERY_MS = 3000

const KEEPS_NOTHING = say('thisBrowserLetsThePageKeep')

let opened: RunDevice | null = null
/** The one store of runs on this device. */
export const runDevice = (): RunDevice => (opened ??= new RunDevice())

export interface LiveRun {
  head: RunHead | null
  entries: Entry[]
  /** how many are on this device only */
  unsent: number
  sync: SyncState | null
  clockAheadMs: number | null
  /** sends and takes what is new; over when this device and the server are alike, or it was tried */
  exchange: () => Promise<void>
  add: (entry: Entry) => Promise<void>
  addAll: (entries: readonly Entry[]) => Promise<void>
  /** @returns why a photo cannot be kept; null where it is */
  addPhoto: (file: File) => Promise<string | null>
}

/** A run as this device and the server have it, kept alike while the page is open. */
export function useRun(householdId: string, runId: string): LiveRun {
  const device = runDevice()
  const [head, setHead] = useState<RunHead | null>(null)
  const [entries, setEntries] = useState<Entry[]>([])
  const [unsent, setUnsent] = useState(0)
  const [sync, setSync] = useState<SyncState | null>(null)
  const [clockAheadMs, setClockAhead] = useState<number | null>(null)
  const under = useRef<Promise<void> | null>(null)
  const again = useRef(false)

  // what is written down here, on another page of this browser, or comes from the server is seen at once
  useEffect(() => {
    const stored = liveQuery(async () => ({
      run: await device.run(householdId, runId),
      kept: await device.entriesOf(householdId, runId),
    }))
    const subscription = stored.subscribe({
      next: ({ run, kept }) => {
        if (run) setHead((known) => known ?? run.head)
        const now = kept.map(({ entry }) => entry)
        // an entry that was sent is the same entry: nothing is worked out again for it
        setEntries((before) => (isSame(before, now) ? before : now))
        setUnsent(kept.filter((entry) => entry.unsent).length)
      },
      error: () => setSync({ kind: 'refused', message: KEEPS_NOTHING }),
    })
    return () => subscription.unsubscribe()
  }, [device, householdId, runId])

  const exchange = useCallback(() => {
    const untilAlike = async () => {
      do {
        again.current = false
        const found = await syncRun(device, householdId, runId)
        setSync((before) => (before?.kind === found.state.kind ? before : found.state))
        if (found.clockAheadMs !== null) setClockAhead(found.clockAheadMs)
      } while (again.current)
      under.current = null
    }
    again.current = under.current !== null
    return (under.current ??= untilAlike())
  }, [device, householdId, runId])

  useEffect(() => {
    const first = setTimeout(() => void exchange())
    const timer = setInterval(() => document.visibilityState === 'visible' && void exchange(), EVERY_MS)
    const online = () => void exchange()
    window.addEventListener('online', online)
    return () => {
      clearTimeout(first)
      clearInterval(timer)
      window.removeEventListener('online', online)
    }
  }, [exchange])

  const addAll = useCallback(
    async (added: readonly Entry[]) => {
      await device.addAll(householdId, runId, added)
      void exchange()
    },
    [device, householdId, runId, exchange],
  )
  const add = useCallback((entry: Entry) => addAll([entry]), [addAll])
  const addPhoto = useCallback(
    async (file: File) => {
      const { smallPhoto } = await import('./smallPhoto')
      const small = await smallPhoto(file)
      if (!small.ok) return small.message
      const now = new Date()
      const { jpeg, widthPx, heightPx } = small
      const entry: Entry = { ...stampAt(now, now), kind: 'photo', bytes: jpeg.size, widthPx, heightPx }
      await device.addPhoto(householdId, runId, entry, jpeg)
      void exchange()
      return null
    },
    [device, householdId, runId, exchange],
  )
  return {
    head,
    entries,
    unsent,
    sync,
    clockAheadMs,
    exchange,
    add,
    addAll,
    addPhoto,
  }
}

const isSame = (a: readonly Entry[], b: readonly Entry[]) =>
  a.length === b.length && a.every(({ id }, i) => id === b[i].id)
