'use client'
import Button from '@mui/material/Button'
import { formatWatts } from '@/words/format'
import type { useStation } from '@/ui/runs/useStation'
import { stationLine } from '@/words/en/pages/run'
import { wordsOf } from '@/words/translate'

const say = wordsOf(stationLine)

/** What a station that logs by itself shows now, or the key that lets one begin. */
export function StationLine({
  station: { state, stop },
  open,
}: {
  station: ReturnType<typeof useStation>
  open: () => void
}) {
  return (
    <p className="hint no-print">
      {state ? (
        <>
          <span data-testid="station">
            {state === 'asked'
              ? say('askingTheStation')
              : say('theStationLogsByItself', {
                  chargePercent: state.chargePercent,
                  watts: formatWatts(state.outputW),
                })}
          </span>{' '}
          <Button variant="text" onClick={stop}>
            {say('stopLogging')}
          </Button>
        </>
      ) : (
        <Button variant="text" onClick={open}>
          {say('letAStationLogByItself')}
        </Button>
      )}
    </p>
  )
}
