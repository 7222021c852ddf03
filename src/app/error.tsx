'use client'
import { appError } from '@/words/en/pages/app'
import { wordsOf } from '@/words/translate'
import styles from './message.module.css'

const say = wordsOf(appError)

export default function PageError({ reset }: { reset: () => void }) {
  return (
    <main className={styles.message}>
      <h1>{say('thisPageCouldNotBeShown')}</h1>
      <p>{say('theDatabaseMayNotBeAnswering')}</p>
      <p>
        {/* a link: what stands here is fetched with every page, in case */}
        <a
          href=""
          onClick={(event) => {
            event.preventDefault()
            reset()
          }}
        >
          {say('tryAgain')}
        </a>
      </p>
    </main>
  )
}
