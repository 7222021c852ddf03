'use client'
import Tooltip from '@mui/material/Tooltip'
import { useEffect, useId } from 'react'
import type { Hint } from './hints'
import { Meaning } from './Meaning'

/** A hint at what it is said of, which is described by it for as long as it is seen. */
export function HintTip({ hint: { element, words, term }, onClose }: { hint: Hint; onClose: () => void }) {
  const id = useId()
  useEffect(() => {
    // what is its name already is not read twice
    if (element.hasAttribute('aria-describedby') || element.getAttribute('aria-label') === words) return
    element.setAttribute('aria-describedby', id)
    return () => element.removeAttribute('aria-describedby')
  }, [element, words, id])
  return (
    <Tooltip
      open
      title={term ? <Meaning id={term} /> : words}
      slotProps={{ popper: { id, anchorEl: element } }}
      onClose={onClose}
    >
      <span hidden />
    </Tooltip>
  )
}
