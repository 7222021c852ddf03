'use client'
import Button from '@mui/material/Button'
import styles from './run.module.css'

/** What can be done with a page of runs as a sheet: print it, or leave it. */
export function SheetKeys({ onBack }: { onBack: () => void }) {
  return (
    <div className={styles.noPrint}>
      <Button variant="text" onClick={() => window.print()}>
        Print
      </Button>
      <Button variant="text" onClick={onBack}>
        All runs
      </Button>
    </div>
  )
}
