'use client'
import Dialog from '@mui/material/Dialog'
import { type KeyboardEvent, useId, useState } from 'react'
import styles from './dialog.module.css'

export interface PickItem {
  key: string
  name: string
  /** said beside the name */
  words: string
  pick: () => void
}

interface PickDialogProps {
  title: string
  /** what the field asks, for screen readers */
  label: string
  placeholder: string
  /** what can be picked for the text typed so far */
  itemsFor: (text: string) => PickItem[]
  /** why nothing can be picked just now */
  trouble?: string | null
  onClose: () => void
}

/** One of many, found by typing a part of its name: arrows move, Enter picks. */
export function PickDialog({ title, label, placeholder, itemsFor, trouble, onClose }: PickDialogProps) {
  const id = useId()
  const [text, setText] = useState('')
  const [at, setAt] = useState(0)
  const items = itemsFor(text)
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'ArrowDown') setAt(Math.min(at + 1, items.length - 1))
    else if (event.key === 'ArrowUp') setAt(Math.max(at - 1, 0))
    else if (event.key === 'Enter') items[at]?.pick()
    else return
    event.preventDefault()
  }
  return (
    <Dialog open onClose={onClose} aria-labelledby={`${id}-title`}>
      <div className={styles.dialog}>
        <h2 id={`${id}-title`} className={styles.title}>
          {title}
        </h2>
        <input
          className={styles.search}
          value={text}
          placeholder={placeholder}
          onChange={(event) => {
            setText(event.target.value)
            setAt(0)
          }}
          onKeyDown={onKeyDown}
          role="combobox"
          aria-label={label}
          aria-expanded
          aria-controls={`${id}-list`}
          aria-activedescendant={items[at] ? `${id}-${at}` : undefined}
          autoFocus
        />
        {trouble && (
          <p className={styles.trouble} role="alert">
            {trouble}
          </p>
        )}
        <ul id={`${id}-list`} className={styles.found} role="listbox" aria-label={title}>
          {items.map((item, i) => (
            <li key={item.key} id={`${id}-${i}`} role="option" aria-selected={i === at} onClick={item.pick}>
              {item.name}
              <span className={styles.kind}>{item.words}</span>
            </li>
          ))}
        </ul>
      </div>
    </Dialog>
  )
}
