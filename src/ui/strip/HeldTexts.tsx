'use client'
import { useHousehold } from '../household/HouseholdContext'
import styles from './AnswerStrip.module.css'

/** What stands in fields and was not taken: the answer is told without it. */
export function HeldTexts() {
  const held = useHousehold((state) => state.heldTexts)
  if (held.size === 0) return null
  const all = [...held]
  return (
    <p className={styles.held} role="status" data-testid="held-texts">
      Not counted in this answer:{' '}
      {all.map(([key, { label, scopeName, text, counts }], i) => (
        <span key={key}>
          {i > 0 && '; '}“{text.slice(0, 40)}” in {label}
          {scopeName && ` of ${scopeName}`}
          {counts && ` (${counts.slice(0, 40)} counts)`}
        </span>
      ))}
      .
    </p>
  )
}
