'use client'
import Button from '@mui/material/Button'
import { formatWatts } from '@/core/quantity/format'
import type { useStation } from '@/ui/runs/useStation'
import styles from './run.module.css'

/** What a station that logs by itself shows now, or the key that lets one begin. */
export function StationLine({
  station: { state, stop },
  open,
}: {
  station: ReturnType<typeof useStation>
  open: () => void
}) {
  return (
    <p className={`${styles.note} ${styles.noPrint}`}>
      {state ? (
        <>
          <span data-testid="station">
            The station logs by itself: {state.chargePercent} %, {formatWatts(state.outputW)}.
          </span>{' '}
          <Button variant="text" onClick={stop}>
            Stop logging
          </Button>
        </>
      ) : (
        <Button variant="text" onClick={open}>
          Let a station log by itself
        </Button>
      )}
    </p>
  )
}
