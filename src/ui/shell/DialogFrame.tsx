'use client'
import Close from '@mui/icons-material/Close'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import IconButton from '@mui/material/IconButton'
import type { Breakpoint } from '@mui/material/styles'
import { type ReactNode, useId } from 'react'
import { dialogFrame } from '@/words/en/ui/dialogs'
import { wordsOf } from '@/words/translate'

const say = wordsOf(dialogFrame)

interface DialogFrameProps {
  title: ReactNode
  onClose: () => void
  width?: Breakpoint
  /** between title and content, such as tabs */
  head?: ReactNode
  actions?: ReactNode
  minHeight?: number | string
  children: ReactNode
}

/** A dialog: its title, a key that closes it as Escape and a click beside it do, and what it holds. */
export function DialogFrame(props: DialogFrameProps) {
  const { title, onClose, width = 'sm', head, actions, minHeight, children } = props
  const id = useId()
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth={width} aria-labelledby={id}>
      <DialogTitle id={id} sx={{ pr: 7 }}>
        {title}
      </DialogTitle>
      <IconButton
        aria-label={say('close')}
        onClick={onClose}
        sx={{ position: 'absolute', right: 10, top: 12 }}
      >
        <Close />
      </IconButton>
      {head}
      <DialogContent sx={{ minHeight }}>{children}</DialogContent>
      {actions && <DialogActions>{actions}</DialogActions>}
    </Dialog>
  )
}
