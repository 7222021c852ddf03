'use client'
import Button from '@mui/material/Button'
import FormControlLabel from '@mui/material/FormControlLabel'
import Input from '@mui/material/Input'
import Switch from '@mui/material/Switch'
import { useState } from 'react'
import { useStore } from 'zustand'
import { keysPanel } from '@/words/en/ui/help'
import { wordsOf } from '@/words/translate'
import {
  KEY_ACTS,
  KEY_ACT_IDS,
  type KeyAct,
  changeKey,
  keyOf,
  keySettings,
  resetKeys,
} from '../shell/keySettings'
import styles from './help.module.css'

const say = wordsOf(keysPanel)

/** Keys that are not single ones: they cannot be changed. */
const OTHERS: [keys: string, words: string][] = [
  ['↑ ↓', say('inTheListOfLoadsPrevious')],
  [say('alt'), say('inTheListOfLoadsMove')],
  [say('ctrlZ'), say('undo')],
  [say('ctrlShiftZ'), say('redo')],
  [say('esc'), say('closeWhatIsOpenInA')],
]

/** The keys, each of which can be changed, and the switch that puts all single keys off. */
export function KeysPanel() {
  const settings = useStore(keySettings)
  const [trouble, setTrouble] = useState<{ act: KeyAct; words: string } | null>(null)
  const change = (act: KeyAct, key: string) => {
    const wrong = changeKey(act, key)
    setTrouble(wrong ? { act, words: wrong } : null)
  }
  return (
    <>
      <FormControlLabel
        control={
          <Switch
            checked={settings.on}
            onChange={(event) => keySettings.setState({ on: event.target.checked })}
          />
        }
        label={settings.on ? say('singleKeysAreOn') : say('singleKeysAreOff')}
      />
      <dl className={styles.keys}>
        {KEY_ACT_IDS.map((act) => (
          <KeyLine
            key={act}
            act={act}
            value={keyOf(settings, act)}
            disabled={!settings.on}
            trouble={trouble?.act === act ? trouble.words : null}
            change={(key) => change(act, key)}
          />
        ))}
        {OTHERS.map(([keys, words]) => (
          <div key={keys} style={{ display: 'contents' }}>
            <dt>
              <kbd>{keys}</kbd>
            </dt>
            <dd>{words}</dd>
          </div>
        ))}
      </dl>
      <Button variant="text" onClick={resetKeys} sx={{ mt: 2 }}>
        {say('allKeysAsTheyWereAt')}
      </Button>
    </>
  )
}

function KeyLine(props: {
  act: KeyAct
  value: string
  disabled: boolean
  trouble: string | null
  change: (key: string) => void
}) {
  const { act, value, disabled, trouble, change } = props
  const [, words] = KEY_ACTS[act]
  return (
    <>
      <dt>
        <Input
          value={value}
          disabled={disabled}
          error={trouble !== null}
          sx={{ width: '2.6em' }}
          slotProps={{
            input: {
              'aria-label': say('keyFor', { words }),
              onFocus: (event) => event.target.select(),
            },
          }}
          // the key itself is the answer, whatever stood there
          onKeyDown={(event) => {
            if (event.key.length !== 1 || event.ctrlKey || event.metaKey || event.altKey) return
            event.preventDefault()
            change(event.key)
          }}
          onChange={(event) => change(event.target.value.slice(-1))}
        />
      </dt>
      <dd>
        {words}
        {trouble && (
          <span role="alert" style={{ color: 'var(--demand)' }}>
            {' '}
            {trouble}
          </span>
        )}
      </dd>
    </>
  )
}
