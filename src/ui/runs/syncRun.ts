import type { Entry, RunHead } from '@/core/run/runDocument'
import { syncRun as syncRunWords } from '@/words/en/ui/runs'
import { wordsOf } from '@/words/translate'
import { batchesOf } from './batches'
import { type RunDevice, sent } from './runDevice'

const say = wordsOf(syncRunWords)

/** How a run stands between this device and the server. */
export type SyncState =
  | { kind: 'saved' }
  /** there is no connection, or the server does not answer; it goes on by itself */
  | { kind: 'waiting' }
  /** the server refuses what was written down; it stays on this device */
  | { kind: 'refused'; message: string }
  /** the run was deleted elsewhere */
  | { kind: 'gone' }

/** An answer is waited for so long; a photo may take its time on a slow line. */
const LONGEST_MS = 8000
const PHOTO_MS = 60_000
/** A clock that is off by more is told. */
export const CLOCK_OFF_MS = 90_000

interface Told {
  head?: RunHead
  entries: Entry[]
  sequence: number
  /** there are more than fit on a page */
  hasMore: boolean
  now: string
}

export interface Synced {
  state: SyncState
  clockAheadMs: number | null
}

/**
 * Sends what the server has not, and takes what it has. Ids made on the device make it safe to send anything twice.
 *
 * @returns how it stands, and by how many milliseconds this device's clock is ahead of the server's
 */
export async function syncRun(
  device: RunDevice,
  householdId: string,
  runId: string,
  send: typeof fetch = fetch,
): Promise<Synced> {
  const at = `/api/households/${householdId}/runs`
  const post = (path: string, body: unknown) =>
    send(path, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
      signal: AbortSignal.timeout(LONGEST_MS),
    })
  const stands = (state: SyncState): Synced => ({ state, clockAheadMs: null })
  try {
    const kept = await device.run(householdId, runId)
    if (kept && !kept.isSent) {
      const response = await post(at, kept.head)
      if (!response.ok) return stands(await stateOf(response))
      await device.runs.update([householdId, runId], { isSent: true })
    }
    // before their entries: who sees an entry finds its photo
    for (const photo of await device.unsentPhotos(householdId, runId)) {
      const response = await send(`${at}/${runId}/photos/${photo.id}`, {
        method: 'PUT',
        headers: { 'Content-Type': 'image/jpeg' },
        body: photo.jpeg,
        signal: AbortSignal.timeout(PHOTO_MS),
      })
      if (!response.ok) return stands(await stateOf(response))
      await device.photos.put(sent(photo))
    }
    const unsent = await device.unsentEntries(householdId, runId)
    for (const batch of batchesOf(unsent, ({ entry }) => entry)) {
      const response = await post(`${at}/${runId}/entries`, { entries: batch.map(({ entry }) => entry) })
      if (!response.ok) return stands(await stateOf(response))
      await device.entries.bulkPut(batch.map(sent))
    }
    let head = kept?.head
    for (let after = kept?.sequence; ;) {
      const response = await send(`${at}/${runId}${after === undefined ? '' : `?after=${after}`}`, {
        signal: AbortSignal.timeout(LONGEST_MS),
      })
      if (!response.ok) return stands(await stateOf(response))
      const told = (await response.json()) as Told
      head ??= told.head
      // nothing new is written down anew
      if (head && (!kept || !kept.isSent || told.sequence !== after))
        await device.take(householdId, head, told)
      if (!told.hasMore) return { state: { kind: 'saved' }, clockAheadMs: Date.now() - Date.parse(told.now) }
      after = told.sequence
    }
  } catch {
    return stands({ kind: 'waiting' })
  }
}

/** What an answer that is no success says. */
async function stateOf(response: Response): Promise<SyncState> {
  if (response.status === 404) return { kind: 'gone' }
  if (response.status >= 500 || response.status === 429 || response.status === 401) return { kind: 'waiting' }
  const body = (await response.json().catch(() => null)) as { error?: { message?: string } } | null
  return { kind: 'refused', message: body?.error?.message ?? say('theServerRefusedIt') }
}
