'use client'
import { useEffect, useState } from 'react'
import { useStore } from 'zustand'
import { answerText } from '@/words/answer/answerParts'
import { announcer } from '@/words/en/ui/shell'
import { wordsOf } from '@/words/translate'
import { useHousehold } from '../household/HouseholdContext'
import { announcements } from './announce'

const say = wordsOf(announcer)

const SETTLED_MS = 1000

/** Tells screen readers the whole answer once it has settled, and at once what a key or a drag did. */
export function Announcer() {
  const { words, count } = useStore(announcements)
  const evaluation = useHousehold((state) => state.evaluation)
  const [first] = useState(evaluation)
  const [answer, setAnswer] = useState('')
  useEffect(() => {
    // the first one is on the page and read with it
    if (!evaluation || evaluation === first) return
    const timer = setTimeout(() => setAnswer(answerText(evaluation.answer)), SETTLED_MS)
    return () => clearTimeout(timer)
  }, [evaluation, first])
  return (
    <div className="visually-hidden">
      <p role="status" aria-label={say('whatWasDone')}>
        <span key={count}>{words}</span>
      </p>
      <p role="status" aria-label={say('theAnswerNow')} data-testid="answer-announced">
        {answer}
      </p>
    </div>
  )
}
