import type { SyncState } from '@/ui/runs/syncRun'

/** How what was written down is kept. */
export function syncWords(sync: SyncState | null, unsent: number): string {
  const entries = unsent === 1 ? '1 entry' : `${unsent} entries`
  switch (sync?.kind) {
    case undefined:
      return 'kept on this device'
    case 'saved':
      return unsent === 0 ? 'saved' : `sending ${entries}`
    case 'waiting':
      return unsent === 0
        ? 'no connection; all of it is on this device'
        : `no connection; ${entries} kept on this device, sent when it is back`
    case 'refused':
      return `${entries} on this device only`
    case 'gone':
      return 'deleted elsewhere'
  }
}
