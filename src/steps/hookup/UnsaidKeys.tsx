'use client'
import Button from '@mui/material/Button'
import { useState } from 'react'
import type { Place } from '@/core/hazard/finding'
import type { Unsaid } from '@/core/hazard/unsaid'
import { unsaidKeys } from '@/words/en/pages/hookup'
import { unsaidWords } from '@/words/hookup/hookupWords'
import { wordsOf } from '@/words/translate'
import styles from './hookup.module.css'

const say = wordsOf(unsaidKeys)

const SHOWN = 4

/** What decides whether something can hurt and nobody said yet: each a key that leads to where it is said. */
export function UnsaidKeys({ unsaid, show }: { unsaid: readonly Unsaid[]; show: (place: Place) => void }) {
  const [showsAll, setShowsAll] = useState(false)
  const shown = showsAll ? unsaid : unsaid.slice(0, SHOWN)
  return (
    <div className={`in-line ${styles.unsaid}`} role="group" aria-label={say('nobodySaidYet')}>
      <span className="hint">{say('nobodySaidYet')}</span>
      {shown.map((one) => (
        <Button
          key={`${one.what} ${one.place.id}`}
          size="small"
          variant="outlined"
          className="no-print"
          onClick={() => show(one.place)}
        >
          {unsaidWords(one)}
        </Button>
      ))}
      {unsaid.length > SHOWN && (
        <Button variant="text" className="no-print" onClick={() => setShowsAll(!showsAll)}>
          {showsAll ? say('fewer') : say('more', { more: unsaid.length - SHOWN })}
        </Button>
      )}
      <span className="only-print">{unsaid.map(unsaidWords).join(' ')}</span>
    </div>
  )
}
