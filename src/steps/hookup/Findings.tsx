'use client'
import Button from '@mui/material/Button'
import { useState } from 'react'
import { LIMITS } from '@/core/plan/limits'
import { TextField } from '@/ui/field/TextField'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { answerFinding } from '@/ui/household/wiringEdits'
import type { ShownFinding } from '@/ui/hazard/findingsOf'
import styles from './hookup.module.css'

/** What was found, the worst first: what can happen, what to do, who may do it. */
export function Findings({
  findings,
  show,
}: {
  findings: readonly ShownFinding[]
  show: (one: ShownFinding) => void
}) {
  const open = findings.filter(({ found }) => found.answer === null)
  const answered = findings.filter(({ found }) => found.answer !== null)
  const [showsAnswered, setShowsAnswered] = useState(false)
  return (
    <section aria-label="What can hurt" className={styles.findings}>
      <h2>What can hurt</h2>
      {open.length === 0 && <p className={styles.soft}>Nothing open.</p>}
      <ul>
        {open.map((one) => (
          <FindingItem key={one.found.key} one={one} show={show} />
        ))}
      </ul>
      {answered.length > 0 && (
        <Button variant="text" aria-expanded={showsAnswered} onClick={() => setShowsAnswered(!showsAnswered)}>
          {showsAnswered ? 'Fold' : 'Show'} {answered.length} answered
        </Button>
      )}
      {showsAnswered && (
        <ul>
          {answered.map((one) => (
            <FindingItem key={one.found.key} one={one} show={show} />
          ))}
        </ul>
      )}
    </section>
  )
}

function FindingItem({ one, show }: { one: ShownFinding; show: (one: ShownFinding) => void }) {
  const { found, words, facts } = one
  const { edit } = useHouseholdStore().getState()
  // what is only worth a look stands in a line until it is wanted
  const [isRead, setRead] = useState(found.severity !== 'note')
  const [isAnswering, setAnswering] = useState(false)
  const [note, setNote] = useState(found.answer ?? '')
  const answer = () => {
    edit(answerFinding(found.key, { facts, note }))
    setAnswering(false)
  }
  return (
    <li id={found.key} data-severity={found.severity} tabIndex={-1}>
      <h3>
        <span className={styles.severity}>{words.severity}</span> {words.title}
      </h3>
      {isRead && (
        <>
          <p>{words.happens}</p>
          <p>{words.act}</p>
          <p className={styles.soft}>{words.who}</p>
        </>
      )}
      {found.answer !== null && (
        <p>
          <b>Answered:</b> {found.answer || 'seen'}
        </p>
      )}
      {isAnswering && (
        <TextField
          label="What you do about it"
          value={note}
          maxLength={LIMITS.noteLength}
          optional
          local
          onChange={setNote}
        />
      )}
      <div className={styles.findingKeys}>
        {!isRead && (
          <Button variant="text" onClick={() => setRead(true)} aria-label={`Read: ${words.title}`}>
            Read
          </Button>
        )}
        <Button variant="text" onClick={() => show(one)} aria-label={`Where it is set: ${words.title}`}>
          Where it is set
        </Button>
        {found.answer !== null ? (
          <Button variant="text" onClick={() => edit(answerFinding(found.key, null))}>
            Take it up again
          </Button>
        ) : isAnswering ? (
          <>
            <Button variant="text" onClick={answer}>
              Keep answer
            </Button>
            <Button variant="text" onClick={() => setAnswering(false)}>
              Cancel
            </Button>
          </>
        ) : (
          <Button variant="text" onClick={() => setAnswering(true)} aria-label={`Answer: ${words.title}`}>
            Answer it
          </Button>
        )}
      </div>
    </li>
  )
}
