'use client'
import Tab from '@mui/material/Tab'
import Tabs from '@mui/material/Tabs'
import MuiTextField from '@mui/material/TextField'
import { useState } from 'react'
import { DialogFrame } from '../shell/DialogFrame'
import { GLOSSARY } from './glossary'
import styles from './help.module.css'
import { KeysPanel } from './KeysPanel'

/** The words of the field with an example each, and the keys. */
export function HelpDialog({ wanted, onClose }: { wanted?: string; onClose: () => void }) {
  const [shown, setShown] = useState<'words' | 'keys'>('words')
  const [text, setText] = useState(wanted ?? '')
  const asked = text.trim().toLowerCase()
  const found = GLOSSARY.filter(({ term, meaning, labels = [] }) =>
    [term, meaning, ...labels].some((part) => part.toLowerCase().includes(asked)),
  )
  return (
    <DialogFrame
      title="Words and keys"
      onClose={onClose}
      minHeight="60vh"
      head={
        <Tabs value={shown} onChange={(_, next) => setShown(next)} sx={{ px: 3 }}>
          <Tab value="words" label="Words" />
          <Tab value="keys" label="Keys" />
        </Tabs>
      }
    >
      {shown === 'keys' ? (
        <KeysPanel />
      ) : (
        <>
          <MuiTextField
            variant="standard"
            fullWidth
            placeholder="Part of a word"
            value={text}
            onChange={(event) => setText(event.target.value)}
            sx={{ mb: 2 }}
            slotProps={{ htmlInput: { 'aria-label': 'Look up a word' } }}
          />
          <dl className={styles.words} aria-live="polite">
            {found.map(({ term, meaning, example }) => (
              <div key={term}>
                <dt>{term}</dt>
                <dd>
                  {meaning} <em>{example}</em>
                </dd>
              </div>
            ))}
          </dl>
          {found.length === 0 && <p>Nothing about “{text.trim()}”. Try a shorter part of the word.</p>}
        </>
      )}
    </DialogFrame>
  )
}
