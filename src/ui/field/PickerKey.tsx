'use client'
import IconButton from '@mui/material/IconButton'
import Popover from '@mui/material/Popover'
import { type ReactNode, useState } from 'react'

/** A key inside a field that opens something to pick from; it closes when something was picked. */
export function PickerKey(props: {
  /** what it does, and of which field */
  label: string
  of: string
  icon: ReactNode
  panel: (close: () => void) => ReactNode
}) {
  const { label, of, icon, panel } = props
  const [anchor, setAnchor] = useState<HTMLElement | null>(null)
  const close = () => setAnchor(null)
  return (
    <>
      <IconButton
        aria-label={label}
        aria-description={of}
        aria-haspopup="dialog"
        aria-expanded={anchor !== null}
        size="small"
        sx={{ p: '3px', color: 'var(--soft)' }}
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {icon}
      </IconButton>
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={close}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
        slotProps={{ paper: { role: 'dialog', 'aria-label': `${label}: ${of}` } }}
      >
        {anchor && panel(close)}
      </Popover>
    </>
  )
}
