'use client'
import Button from '@mui/material/Button'
import { meant as meantWords } from '@/words/en/pages/loads'
import type { SaidQuestion } from '@/words/reading/sayLine'
import { wordsOf } from '@/words/translate'

const say = wordsOf(meantWords)

/** A question about what was typed, with what was probably meant as keys; Enter takes the first. */
export function Meant({ question, pick }: { question: SaidQuestion; pick: (text: string) => void }) {
  return (
    <div className="box">
      <p>{question.message}</p>
      {question.meant.length > 0 && (
        <p className="in-line">
          {question.meant.map(({ words, text }, i) => (
            <Button key={text} onClick={() => pick(text)}>
              {words}
              {i === 0 && <kbd>{say('enter')}</kbd>}
            </Button>
          ))}
        </p>
      )}
    </div>
  )
}
