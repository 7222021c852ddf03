import Dexie, { type Table } from 'dexie'
import type { Entry, RunHead } from '@/core/run/runDocument'

/** A run as it is kept on this device. */
export interface KeptRun {
  householdId: string
  id: string
  head: RunHead
  /** the server has it */
  isSent: boolean
  /** the last of the server's entries that is here */
  sequence: number
}

export interface KeptEntry {
  householdId: string
  runId: string
  id: string
  entry: Entry
  isSent: boolean
}

/** A photo of a display, under its entry's id. */
export interface KeptPhoto {
  householdId: string
  runId: string
  id: string
  jpeg: Blob
  isSent: boolean
}

/** What is written down in runs, on this device before anything else happens with it. */
export class RunDevice extends Dexie {
  readonly runs!: Table<KeptRun, [string, string]>
  readonly entries!: Table<KeptEntry, [string, string, string]>
  readonly photos!: Table<KeptPhoto, [string, string, string]>

  constructor(name = 'yotrope-runs') {
    super(name)
    this.version(1).stores({
      runs: '[householdId+id], householdId',
      entries: '[householdId+runId+id], [householdId+runId]',
    })
    this.version(2).stores({ photos: '[householdId+runId+id], [householdId+runId]' })
  }

  async begin(householdId: string, head: RunHead): Promise<void> {
    await this.runs.put({ householdId, id: head.id, head, isSent: false, sequence: 0 })
  }

  async add(householdId: string, runId: string, entry: Entry): Promise<void> {
    await this.entries.put({ householdId, runId, id: entry.id, entry, isSent: false })
  }

  /** A photo with its entry: both are here, or neither is. */
  async addPhoto(householdId: string, runId: string, entry: Entry, jpeg: Blob): Promise<void> {
    await this.transaction('rw', this.entries, this.photos, async () => {
      await this.photos.put({ householdId, runId, id: entry.id, jpeg, isSent: false })
      await this.add(householdId, runId, entry)
    })
  }

  async photo(householdId: string, runId: string, id: string): Promise<Blob | null> {
    return (await this.photos.get([householdId, runId, id]))?.jpeg ?? null
  }

  /** Photos that the server has not. */
  unsentPhotos(householdId: string, runId: string): Promise<KeptPhoto[]> {
    return this.photos
      .where('[householdId+runId]')
      .equals([householdId, runId])
      .filter(({ isSent }) => !isSent)
      .toArray()
  }

  run(householdId: string, runId: string): Promise<KeptRun | undefined> {
    return this.runs.get([householdId, runId])
  }

  runsOf(householdId: string): Promise<KeptRun[]> {
    return this.runs.where('householdId').equals(householdId).toArray()
  }

  entriesOf(householdId: string, runId: string): Promise<KeptEntry[]> {
    return this.entries.where('[householdId+runId]').equals([householdId, runId]).toArray()
  }

  /** What the server told: a run and entries that came after the last that was known. */
  async take(
    householdId: string,
    head: RunHead,
    told: { entries: readonly Entry[]; sequence: number },
  ): Promise<void> {
    await this.transaction('rw', this.runs, this.entries, async () => {
      await this.runs.put({ householdId, id: head.id, head, isSent: true, sequence: told.sequence })
      await this.entries.bulkPut(
        told.entries.map((entry) => ({ householdId, runId: head.id, id: entry.id, entry, isSent: true })),
      )
    })
  }

  async remove(householdId: string, runId: string): Promise<void> {
    await this.transaction('rw', this.runs, this.entries, this.photos, async () => {
      await this.runs.delete([householdId, runId])
      for (const table of [this.entries, this.photos])
        await table.where('[householdId+runId]').equals([householdId, runId]).delete()
    })
  }

  /** Removes all runs of a household, or of every one, from this device. */
  async forget(householdId?: string): Promise<void> {
    await this.transaction('rw', this.runs, this.entries, this.photos, async () => {
      for (const table of [this.runs, this.entries, this.photos])
        await (householdId === undefined
          ? table.clear()
          : table.filter((one: { householdId: string }) => one.householdId === householdId).delete())
    })
  }
}
