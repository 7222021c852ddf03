'use client'
import Button from '@mui/material/Button'
import { sheetKeys } from '@/words/en/pages/run'
import { wordsOf } from '@/words/translate'

const say = wordsOf(sheetKeys)

/** What can be done with a page of runs as a sheet: print it, or leave it. */
export function SheetKeys({ onBack }: { onBack: () => void }) {
  return (
    <div className="no-print">
      <Button variant="text" onClick={() => window.print()}>
        {say('print')}
      </Button>
      <Button variant="text" onClick={onBack}>
        {say('allRuns')}
      </Button>
    </div>
  )
}
