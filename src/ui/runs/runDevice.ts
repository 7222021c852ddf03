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
  /** the server has not got it; those that it has are in no index of this field */
  unsent?: 1
}

/** A photo of a display, under its entry's id. */
export interface KeptPhoto {
  householdId: string
  runId: string
  id: string
  jpeg: Blob
  unsent?: 1
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
    this.version(2)
      .stores({
        entries: '[householdId+runId+id], [householdId+runId], [householdId+runId+unsent]',
        photos: '[householdId+runId+id], [householdId+runId], [householdId+runId+unsent]',
      })
      .upgrade((step) =>
        step
          .table('entries')
          .toCollection()
          .modify((kept: KeptEntry & { isSent?: boolean }) => {
            if (kept.isSent === false) kept.unsent = 1
            delete kept.isSent
          }),
      )
  }

  async begin(householdId: string, head: RunHead): Promise<void> {
    await this.runs.put({ householdId, id: head.id, head, isSent: false, sequence: 0 })
  }

  async add(householdId: string, runId: string, entry: Entry): Promise<void> {
    await this.entries.put({ householdId, runId, id: entry.id, entry, unsent: 1 })
  }

  async addAll(householdId: string, runId: string, entries: readonly Entry[]): Promise<void> {
    await this.entries.bulkPut(
      entries.map((entry) => ({ householdId, runId, id: entry.id, entry, unsent: 1 as const })),
    )
  }

  /** A photo with its entry: both are here, or neither is. */
  async addPhoto(householdId: string, runId: string, entry: Entry, jpeg: Blob): Promise<void> {
    await this.transaction('rw', this.entries, this.photos, async () => {
      await this.photos.put({ householdId, runId, id: entry.id, jpeg, unsent: 1 })
      await this.add(householdId, runId, entry)
    })
  }

  async photo(householdId: string, runId: string, id: string): Promise<Blob | null> {
    return (await this.photos.get([householdId, runId, id]))?.jpeg ?? null
  }

  /** What the server has not. */
  unsentPhotos(householdId: string, runId: string): Promise<KeptPhoto[]> {
    return unsentIn(this.photos, householdId, runId)
  }

  unsentEntries(householdId: string, runId: string): Promise<KeptEntry[]> {
    return unsentIn(this.entries, householdId, runId)
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
        told.entries.map((entry) => ({ householdId, runId: head.id, id: entry.id, entry })),
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

const unsentIn = <T>(table: Table<T, [string, string, string]>, householdId: string, runId: string) =>
  table.where('[householdId+runId+unsent]').equals([householdId, runId, 1]).toArray()

/** The same without the mark that it is yet to be sent. */
export function sent<T extends { unsent?: 1 }>({ unsent, ...kept }: T): Omit<T, 'unsent'> {
  void unsent
  return kept
}
