'use client'
import Button from '@mui/material/Button'
import { useState } from 'react'
import type { Working } from '@/words/workings/working'
import { WorkingDialog } from '@/ui/shell/lazy'
import { workedOut } from '@/words/en/pages/hookup'
import { wordsOf } from '@/words/translate'

const say = wordsOf(workedOut)

/** A key that shows how the figures beside it are worked out; made when it is asked for. */
export function WorkedOut({ make }: { make: () => Promise<Working> }) {
  const [working, setWorking] = useState<Working | null>(null)
  return (
    <>
      <Button variant="text" onClick={() => void make().then(setWorking)}>
        {say('howItIsWorkedOut')}
      </Button>
      {working && <WorkingDialog working={working} onClose={() => setWorking(null)} />}
    </>
  )
}
