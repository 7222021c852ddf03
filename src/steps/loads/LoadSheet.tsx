'use client'
import Close from '@mui/icons-material/Close'
import Drawer from '@mui/material/Drawer'
import IconButton from '@mui/material/IconButton'
import type { ReactNode } from 'react'
import { loadSheet } from '@/words/en/pages/addLoad'
import { wordsOf } from '@/words/translate'
import styles from './LoadsPage.module.css'

const say = wordsOf(loadSheet)

/** What is asked of a load, as a sheet from below where there is no room beside the ledger. */
export function LoadSheet(props: { isOpen: boolean; close: () => void; children: ReactNode }) {
  const { isOpen, close, children } = props
  return (
    <Drawer
      anchor="bottom"
      open={isOpen}
      onClose={close}
      slotProps={{ paper: { className: styles.sheet, 'aria-label': say('theSelectedLoad') } }}
    >
      <IconButton aria-label={say('close')} className={styles.closeSheet} onClick={close}>
        <Close />
      </IconButton>
      {children}
    </Drawer>
  )
}
