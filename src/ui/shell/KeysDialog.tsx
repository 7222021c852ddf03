'use client'
import Dialog from '@mui/material/Dialog'
import styles from './dialog.module.css'
import { STEPS } from './steps'

const KEYS: [keys: string[], words: string][] = [
  ...STEPS.map(({ key, name }): [string[], string] => [[key], name]),
  [['a'], 'Add: a load, an outage or a power option, by the page you are on'],
  [['/'], 'Find anything in this household'],
  [['[', ']'], 'Previous and next power option'],
  [[',', '.'], 'Previous and next outage'],
  [['↑', '↓'], 'In the ledger: previous and next load'],
  [['Space'], 'In the ledger: switch the load off or on'],
  [['Alt', '↑'], 'In the ledger: move the load up; Alt ↓ moves it down'],
  [['b'], 'In Runtime: do what buys most hours; u undoes it'],
  [['Ctrl', 'Z'], 'Undo'],
  [['Ctrl', 'Shift', 'Z'], 'Redo'],
  [['?'], 'These keys'],
  [['Esc'], 'Close what is open'],
]

export function KeysDialog({ onClose }: { onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} aria-labelledby="keys-title">
      <div className={styles.dialog}>
        <h2 id="keys-title" className={styles.title}>
          Keys
        </h2>
        <dl className={styles.keys}>
          {KEYS.map(([keys, words]) => (
            <KeyLine key={words} keys={keys} words={words} />
          ))}
        </dl>
      </div>
    </Dialog>
  )
}

function KeyLine({ keys, words }: { keys: string[]; words: string }) {
  return (
    <>
      <dt>
        {keys.map((key, i) => (
          <span key={key}>
            {i > 0 && ' '}
            <kbd>{key}</kbd>
          </span>
        ))}
      </dt>
      <dd>{words}</dd>
    </>
  )
}
