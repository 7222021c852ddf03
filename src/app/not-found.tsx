import type { Metadata } from 'next'
import { notFound } from '@/words/en/pages/app'
import { wordsOf } from '@/words/translate'
import styles from './message.module.css'

const say = wordsOf(notFound)

export const metadata: Metadata = { title: say('notFound') }

export default function NotFound() {
  return (
    <main className={styles.message}>
      <h1>{say('thereIsNothingHereForThis')}</h1>
      <p>{say('theHouseholdMayBelongToAnother')}</p>
      <p>
        {/* a full load on purpose: the start page gives a new visitor a session */}
        {/* eslint-disable-next-line @next/next/no-html-link-for-pages */}
        <a href="/">{say('openTheStartPage')}</a>
      </p>
    </main>
  )
}
