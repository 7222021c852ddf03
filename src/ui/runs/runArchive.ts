import type { WholeRun } from '@/core/run/runDocument'
import { runArchive } from '@/words/en/ui/runs'
import { wordsOf } from '@/words/translate'
import { batchesOf } from './batches'
import { runDevice } from './useRun'
import { syncRun } from './syncRun'

const say = wordsOf(runArchive)

/** Runs on their way into a file of the household and out of it. */

/** A run as it is at hand, and whether the server was asked for what others wrote, and gave every photo. */
interface Gathered {
  run: WholeRun
  isWhole: boolean
}

/** A run with its photos, what is on this device only too; null where it is nowhere at hand. */
export async function gatherRun(householdId: string, id: string): Promise<Gathered | null> {
  const device = runDevice()
  const { state } = await syncRun(device, householdId, id)
  const kept = await device.run(householdId, id)
  if (!kept) return null
  const entries = (await device.entriesOf(householdId, id)).map(({ entry }) => entry)
  const taken = entries.filter(({ kind }) => kind === 'photo')
  const photos: NonNullable<WholeRun['photos']> = []
  for (const { id: photoId } of taken) {
    const jpeg =
      (await device.photo(householdId, id, photoId)) ??
      (await fetched(`/api/households/${householdId}/runs/${id}/photos/${photoId}`))
    if (jpeg) photos.push({ id: photoId, jpeg: await base64(jpeg) })
  }
  return {
    run: { head: kept.head, entries, ...(photos.length > 0 && { photos }) },
    isWhole: state.kind === 'saved' && photos.length === taken.length,
  }
}

/** All runs of a household that are at hand, and whether they are all there are. */
export async function gatherRuns(householdId: string): Promise<{ runs: WholeRun[]; isWhole: boolean }> {
  const listed = await fetch(`/api/households/${householdId}/runs`)
    .then(async (response) =>
      response.ok ? ((await response.json()) as { runs: { id: string }[] }).runs : null,
    )
    .catch(() => null)
  const own = await runDevice().runsOf(householdId)
  const ids = [...new Set([...(listed ?? []), ...own].map(({ id }) => id))]
  const runs: WholeRun[] = []
  let isWhole = listed !== null
  for (const id of ids) {
    const gathered = await gatherRun(householdId, id)
    if (gathered) runs.push(gathered.run)
    isWhole &&= gathered?.isWhole ?? false
  }
  return { runs, isWhole }
}

/** Hands runs to the server, for one of its households. @returns why one could not be kept; null where all are */
export async function putRuns(householdId: string, runs: readonly WholeRun[]): Promise<string | null> {
  const at = `/api/households/${householdId}/runs`
  const json = { 'Content-Type': 'application/json' }
  try {
    for (const { head, entries, photos = [] } of runs) {
      const send = async (method: 'POST' | 'PUT', path: string, headers: HeadersInit, body: BodyInit) => {
        const response = await fetch(`${at}${path}`, { method, headers, body })
        if (response.ok) return null
        const told = (await response.json().catch(() => null)) as { error?: { message?: string } } | null
        return `${head.name}: ${told?.error?.message ?? say('theServerRefusedIt')}`
      }
      const jobs = [
        () => send('POST', '', json, JSON.stringify(head)),
        ...photos.map(
          ({ id, jpeg }) =>
            () =>
              send('PUT', `/${head.id}/photos/${id}`, { 'Content-Type': 'image/jpeg' }, bytesOf(jpeg)),
        ),
        ...batchesOf(entries, (entry) => entry).map(
          (batch) => () => send('POST', `/${head.id}/entries`, json, JSON.stringify({ entries: batch })),
        ),
      ]
      for (const job of jobs) {
        const message = await job()
        if (message) return message
      }
    }
    return null
  } catch {
    return say('thereIsNoConnectionOpenThe')
  }
}

const fetched = (url: string): Promise<Blob | null> =>
  fetch(url)
    .then((response) => (response.ok ? response.blob() : null))
    .catch(() => null)

/** Bytes as text. @example base64(new Blob(['hi'])) // "aGk=" */
function base64(blob: Blob): Promise<string> {
  return new Promise((done, failed) => {
    const reader = new FileReader()
    reader.onload = () => done((reader.result as string).replace(/^[^,]*,/, ''))
    reader.onerror = () => failed(reader.error)
    reader.readAsDataURL(blob)
  })
}

const bytesOf = (text: string): Blob =>
  new Blob([Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0))])
