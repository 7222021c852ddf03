import type { SyncState } from '@/ui/runs/syncRun'
import { syncWords as syncWordsWords } from '@/words/en/pages/run'
import { wordsOf } from '@/words/translate'

const say = wordsOf(syncWordsWords)

/** How what was written down is kept. */
export function syncWords(sync: SyncState | null, unsent: number): string {
  const entries = unsent === 1 ? say('text1Entry') : say('entries', { unsent })
  switch (sync?.kind) {
    case undefined:
      return say('keptOnThisDevice')
    case 'saved':
      return unsent === 0 ? 'saved' : say('sending', { entries })
    case 'waiting':
      return unsent === 0 ? say('noConnectionAllOfItIs') : say('noConnectionKeptOnThisDevice', { entries })
    case 'refused':
      return say('onThisDeviceOnly', { entries })
    case 'gone':
      return say('deletedElsewhere')
  }
}
