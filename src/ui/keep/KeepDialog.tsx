'use client'
import Tab from '@mui/material/Tab'
import Tabs from '@mui/material/Tabs'
import { useState } from 'react'
import { DialogFrame } from '../shell/DialogFrame'
import { DeletePanel } from './DeletePanel'
import { FilePanel } from './FilePanel'
import { RecoveryPanel } from './RecoveryPanel'
import { VersionsPanel } from './VersionsPanel'

const PANELS = {
  code: { words: 'Another device', Panel: RecoveryPanel },
  file: { words: 'File', Panel: FilePanel },
  versions: { words: 'Earlier versions', Panel: VersionsPanel },
  remove: { words: 'Leave or delete', Panel: DeletePanel },
}
type Key = keyof typeof PANELS

/** What keeps a household: a code for another device, a file, its earlier versions; and how to be rid of it. */
export function KeepDialog({ onClose }: { onClose: () => void }) {
  const [shown, setShown] = useState<Key>('code')
  const { Panel } = PANELS[shown]
  return (
    <DialogFrame
      title="Keep this household"
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
