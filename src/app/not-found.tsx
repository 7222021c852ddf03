import type { Metadata } from 'next'
import styles from './message.module.css'

export const metadata: Metadata = { title: 'Not found' }

export default function NotFound() {
  return (
    <main className={styles.message}>
      <h1>There is nothing here for this browser.</h1>
      <p>
        The household may belong to another visitor, or have been deleted. Your own are on the start page.
      </p>
      <p>
        {/* a full load on purpose: the start page gives a new visitor a session */}
        {/* eslint-disable-next-line @next/next/no-html-link-for-pages */}
        <a href="/">Open the start page</a>
      </p>
    </main>
  )
}
