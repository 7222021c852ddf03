'use client'
import Tab from '@mui/material/Tab'
import Tabs from '@mui/material/Tabs'
import { useState } from 'react'
import { keepDialog } from '@/words/en/ui/keep'
import { wordsOf } from '@/words/translate'
import { DialogFrame } from '../shell/DialogFrame'
import { DeletePanel } from './DeletePanel'
import { FilePanel } from './FilePanel'
import { RecoveryPanel } from './RecoveryPanel'
import { VersionsPanel } from './VersionsPanel'

const say = wordsOf(keepDialog)

const PANELS = {
  code: { words: say('anotherDevice'), Panel: RecoveryPanel },
  file: { words: say('file'), Panel: FilePanel },
  versions: { words: say('earlierVersions'), Panel: VersionsPanel },
  remove: { words: say('leaveOrDelete'), Panel: DeletePanel },
}
type Key = keyof typeof PANELS

/** What keeps a household: a code for another device, a file, its earlier versions; and how to be rid of it. */
export function KeepDialog({ onClose }: { onClose: () => void }) {
  const [shown, setShown] = useState<Key>('code')
  const { Panel } = PANELS[shown]
  return (
    <DialogFrame
      title={say('keepThisHousehold')}
      onClose={onClose}
      minHeight={320}
      head={
        <Tabs value={shown} onChange={(_, key: Key) => setShown(key)} variant="scrollable" sx={{ px: 3 }}>
          {Object.entries(PANELS).map(([key, { words }]) => (
            <Tab key={key} value={key} label={words} />
          ))}
        </Tabs>
      }
    >
      <Panel onClose={onClose} />
    </DialogFrame>
  )
}
