'use client'
import Button from '@mui/material/Button'
import { useState } from 'react'
import { LIMITS } from '@/core/plan/limits'
import { TextField } from '@/ui/field/TextField'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { answerFinding } from '@/ui/household/wiringEdits'
import type { ShownFinding } from '@/ui/hazard/findingsOf'
import { findings as findingsWords } from '@/words/en/pages/hookup'
import { wordsOf } from '@/words/translate'
import styles from './hookup.module.css'

const say = wordsOf(findingsWords)

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
    <section aria-label={say('whatCanHurt')} className={styles.findings}>
      <h2>{say('whatCanHurt')}</h2>
      {open.length === 0 && <p className="hint">{say('nothingOpen')}</p>}
      <ul className="bare">
        {open.map((one) => (
          <FindingItem key={one.found.key} one={one} show={show} />
        ))}
      </ul>
      {answered.length > 0 && (
        <Button variant="text" aria-expanded={showsAnswered} onClick={() => setShowsAnswered(!showsAnswered)}>
          {say('answered', { showsAnswered: showsAnswered ? 'yes' : 'no', nAnswered: answered.length })}
        </Button>
      )}
      {showsAnswered && (
        <ul className="bare">
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
      {/* paper has no key to read more */}
      <div className={isRead ? undefined : 'only-print'}>
        <p>{words.happens}</p>
        <p>{words.act}</p>
        <p className="hint">{words.who}</p>
      </div>
      {found.answer !== null && (
        <p>
          <b>{say('answered2')}</b> {found.answer || say('seen')}
        </p>
      )}
      {isAnswering && (
        <TextField
          label={say('whatYouDoAboutIt')}
          value={note}
          maxLength={LIMITS.noteLength}
          optional
          local
          onChange={setNote}
        />
      )}
      <div className="in-line no-print">
        {!isRead && (
          <Button
            variant="text"
            onClick={() => setRead(true)}
            aria-label={say('read2', { title: words.title })}
          >
            {say('read')}
          </Button>
        )}
        <Button
          variant="text"
          onClick={() => show(one)}
          aria-label={say('whereItIsSet2', { title: words.title })}
        >
          {say('whereItIsSet')}
        </Button>
        {found.answer !== null ? (
          <Button variant="text" onClick={() => edit(answerFinding(found.key, null))}>
            {say('openItAgain')}
          </Button>
        ) : isAnswering ? (
          <>
            <Button variant="text" onClick={answer}>
              {say('keepAnswer')}
            </Button>
            <Button variant="text" onClick={() => setAnswering(false)}>
              {say('cancel')}
            </Button>
          </>
        ) : (
          <Button
            variant="text"
            onClick={() => setAnswering(true)}
            aria-label={say('answer', { title: words.title })}
          >
            {say('answerIt')}
          </Button>
        )}
      </div>
    </li>
  )
}
