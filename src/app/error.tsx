'use client'
import styles from './message.module.css'

export default function PageError({ reset }: { reset: () => void }) {
  return (
    <main className={styles.message}>
      <h1>This page could not be shown.</h1>
      <p>
        The database may not be answering. Nothing that was saved is lost; what you typed is kept in this
        browser.
      </p>
      <p>
        {/* a link: what stands here is fetched with every page, in case */}
        <a
          href=""
          onClick={(event) => {
            event.preventDefault()
            reset()
          }}
        >
          Try again
        </a>
      </p>
    </main>
  )
}
