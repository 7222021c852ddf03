'use client'
import List from '@mui/material/List'
import ListItemButton from '@mui/material/ListItemButton'
import ListItemText from '@mui/material/ListItemText'
import TextField from '@mui/material/TextField'
import { type KeyboardEvent, type ReactNode, useEffect, useId, useState } from 'react'
import { pickDialog } from '@/words/en/ui/dialogs'
import { wordsOf } from '@/words/translate'
import { DialogFrame } from './DialogFrame'

const say = wordsOf(pickDialog)

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
  /** keys below the list */
  actions?: ReactNode
  onClose: () => void
}

/** One of many, found by typing a part of its name: arrows move, Enter picks. */
export function PickDialog({
  title,
  label,
  placeholder,
  itemsFor,
  trouble,
  actions,
  onClose,
}: PickDialogProps) {
  const id = useId()
  const [text, setText] = useState('')
  const [at, setAt] = useState(0)
  const items = itemsFor(text)
  useEffect(() => {
    document.getElementById(`${id}-${at}`)?.scrollIntoView({ block: 'nearest' })
  }, [id, at])
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'ArrowDown') setAt(Math.min(at + 1, items.length - 1))
    else if (event.key === 'ArrowUp') setAt(Math.max(at - 1, 0))
    else if (event.key === 'Home') setAt(0)
    else if (event.key === 'End') setAt(items.length - 1)
    else if (event.key === 'Enter') items[at]?.pick()
    else return
    event.preventDefault()
  }
  return (
    <DialogFrame title={title} onClose={onClose} actions={actions}>
      <TextField
        variant="standard"
        fullWidth
        hiddenLabel
        autoFocus
        value={text}
        placeholder={placeholder}
        onChange={(event) => {
          setText(event.target.value)
          setAt(0)
        }}
        onKeyDown={onKeyDown}
        slotProps={{
          htmlInput: {
            role: 'combobox',
            'aria-label': label,
            'aria-expanded': true,
            'aria-controls': `${id}-list`,
            'aria-activedescendant': items[at] ? `${id}-${at}` : undefined,
            autoComplete: 'off',
          },
        }}
      />
      <p
        role={trouble || items.length === 0 ? 'alert' : undefined}
        style={{ color: 'var(--demand)', minHeight: 20 }}
      >
        {trouble ?? (items.length === 0 && say('nothingIsCalledTryAShorter', { text: text.trim() }))}
      </p>
      <List
        id={`${id}-list`}
        role="listbox"
        aria-label={title}
        dense
        sx={{ height: '18rem', overflow: 'auto' }}
      >
        {items.map((item, i) => (
          <ListItemButton
            key={item.key}
            id={`${id}-${i}`}
            component="li"
            role="option"
            tabIndex={-1}
            divider
            selected={i === at}
            aria-selected={i === at}
            onClick={item.pick}
          >
            <ListItemText
              primary={item.name}
              secondary={item.words}
              sx={{ display: 'flex', justifyContent: 'space-between', gap: 2 }}
            />
          </ListItemButton>
        ))}
      </List>
    </DialogFrame>
  )
}
