'use client'
import Tab from '@mui/material/Tab'
import Tabs from '@mui/material/Tabs'
import MuiTextField from '@mui/material/TextField'
import { useState } from 'react'
import { helpDialog } from '@/words/en/ui/help'
import { wordsOf } from '@/words/translate'
import { DialogFrame } from '../shell/DialogFrame'
import { GLOSSARY } from './glossary'
import styles from './help.module.css'
import { KeysPanel } from './KeysPanel'

const say = wordsOf(helpDialog)

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
      title={say('wordsAndKeys')}
      onClose={onClose}
      minHeight="60vh"
      head={
        <Tabs value={shown} onChange={(_, next) => setShown(next)} sx={{ px: 3 }}>
          <Tab value="words" label={say('words')} />
          <Tab value="keys" label={say('keys')} />
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
            placeholder={say('partOfAWord')}
            value={text}
            onChange={(event) => setText(event.target.value)}
            sx={{ mb: 2 }}
            slotProps={{ htmlInput: { 'aria-label': say('lookUpAWord') } }}
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
          {found.length === 0 && <p>{say('nothingAboutTryAShorterPart', { text: text.trim() })}</p>}
        </>
      )}
    </DialogFrame>
  )
}
