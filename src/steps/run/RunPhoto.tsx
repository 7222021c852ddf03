'use client'
import Button from '@mui/material/Button'
import { useEffect, useState } from 'react'
import { formatNumber } from '@/words/format'
import type { EntryOf } from '@/core/run/runDocument'
import { runDevice } from '@/ui/runs/useRun'
import { DialogFrame } from '@/ui/shell/DialogFrame'
import { runPhoto } from '@/words/en/pages/run'
import { wordsOf } from '@/words/translate'
import styles from './run.module.css'

const say = wordsOf(runPhoto)

interface RunPhotoProps {
  householdId: string
  runId: string
  photo: EntryOf<'photo'>
}

/** A photo of the log, small; large when it is pressed. */
export function RunPhoto({ householdId, runId, photo }: RunPhotoProps) {
  const [isOpen, setOpen] = useState(false)
  const src = usePhoto(householdId, runId, photo.id)
  const words = photo.text ?? say('photoOfADisplayKb', { number: formatNumber(photo.bytes / 1000, 0) })
  // made smaller on the device already; its address is one of this page alone
  const picture = src && (
    // eslint-disable-next-line @next/next/no-img-element
    <img src={src} alt={words} width={photo.widthPx} height={photo.heightPx} className={styles.photo} />
  )
  return (
    <>
      <Button variant="text" className={styles.thumb} onClick={() => setOpen(true)} data-testid="photo">
        {picture ?? say('aPhoto')}
      </Button>
      {isOpen && (
        <DialogFrame title={say('photo')} width="md" onClose={() => setOpen(false)}>
          {picture}
        </DialogFrame>
      )}
    </>
  )
}

/** Where a photo is: on this device, or on the server. */
function usePhoto(householdId: string, runId: string, id: string): string | null {
  const [src, setSrc] = useState<string | null>(null)
  useEffect(() => {
    let isOver = false
    let made: string | null = null
    void runDevice()
      .photo(householdId, runId, id)
      .then((jpeg) => {
        if (isOver) return
        made = jpeg && URL.createObjectURL(jpeg)
        setSrc(made ?? `/api/households/${householdId}/runs/${runId}/photos/${id}`)
      })
    return () => {
      isOver = true
      if (made) URL.revokeObjectURL(made)
    }
  }, [householdId, runId, id])
  return src
}
