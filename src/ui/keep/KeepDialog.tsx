'use client'
import Close from '@mui/icons-material/Close'
import Dialog from '@mui/material/Dialog'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import IconButton from '@mui/material/IconButton'
import Tab from '@mui/material/Tab'
import Tabs from '@mui/material/Tabs'
import { useState } from 'react'
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
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="keep-title">
      <DialogTitle id="keep-title" sx={{ pr: 6 }}>
        Keep this household
      </DialogTitle>
      <IconButton aria-label="Close" onClick={onClose} sx={{ position: 'absolute', right: 10, top: 10 }}>
        <Close />
      </IconButton>
      <Tabs
        value={shown}
        onChange={(_, key: Key) => setShown(key)}
        variant="scrollable"
        sx={{ px: 3, borderBottom: 1, borderColor: 'divider', '& .MuiTab-root': { textTransform: 'none' } }}
      >
        {Object.entries(PANELS).map(([key, { words }]) => (
          <Tab key={key} value={key} label={words} />
        ))}
      </Tabs>
      <DialogContent sx={{ minHeight: 320 }}>
        <Panel onClose={onClose} />
      </DialogContent>
    </Dialog>
  )
}
