'use client'
import { heldTexts as heldTextsWords } from '@/words/en/ui/answer'
import { wordsOf } from '@/words/translate'
import { useHousehold } from '../household/HouseholdContext'
import styles from './AnswerStrip.module.css'

const say = wordsOf(heldTextsWords)

/** What stands in fields and was not taken: the answer is told without it. */
export function HeldTexts() {
  const held = useHousehold((state) => state.heldTexts)
  if (held.size === 0) return null
  const all = [...held]
  return (
    <p className={styles.held} role="status" data-testid="held-texts">
      {say('notCountedInThisAnswer')}{' '}
      {all.map(([key, { label, scopeName, text, counts }], i) => (
        <span key={key}>
          {i > 0 && '; '}
          {say('inWord', {
            text: text.slice(0, 40),
            label,
            scopeName: scopeName && say('ofWord', { scopeName }),
            counts: counts && say('counts', { counts: counts.slice(0, 40) }),
          })}
        </span>
      ))}
      .
    </p>
  )
}
