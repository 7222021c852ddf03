'use client'
import ExpandMore from '@mui/icons-material/ExpandMore'
import Accordion from '@mui/material/Accordion'
import AccordionDetails from '@mui/material/AccordionDetails'
import AccordionSummary from '@mui/material/AccordionSummary'
import { type ReactNode, useState } from 'react'
import { more } from '@/words/en/ui/fields'
import { wordsOf } from '@/words/translate'
import styles from './field.module.css'

const say = wordsOf(more)

interface MoreProps {
  /** what stands in it */
  words?: string
  /** open at first, because something in it is not as usual */
  isUnusual: boolean
  children: ReactNode
}

/** Fields that few need: folded, but where something in them is not as usual. */
export function More({ words, isUnusual, children }: MoreProps) {
  const [isOpen, setOpen] = useState(isUnusual)
  return (
    <Accordion
      expanded={isOpen}
      onChange={(_, next) => setOpen(next)}
      slotProps={{ transition: { timeout: 0 }, heading: { component: 'h3' } }}
    >
      <AccordionSummary expandIcon={<ExpandMore />}>
        <span>
          {say('more')}
          {words && <span className={styles.label}>: {words}</span>}
        </span>
      </AccordionSummary>
      <AccordionDetails>{isOpen && children}</AccordionDetails>
    </Accordion>
  )
}
