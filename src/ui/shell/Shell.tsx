'use client'
import Link from 'next/link'
import { useParams, usePathname } from 'next/navigation'
import { type ReactNode, useState } from 'react'
import { AnswerStrip } from '../strip/AnswerStrip'
import { HouseholdMenu, type HouseholdEntry } from './HouseholdMenu'
import { FindDialog, KeysDialog, LAZY_LOADERS } from './lazy'
import { SampleNote } from './SampleNote'
import { SaveStatus } from './SaveStatus'
import styles from './Shell.module.css'
import { StaleNotice } from './StaleNotice'
import { STEPS } from './steps'
import { ThemeSwitch } from './ThemeSwitch'
import { Unreachable } from './Unreachable'
import { useGo } from './useGo'
import { usePreload } from './usePreload'
import { useShortcuts } from './useShortcuts'

/** The frame of every planning page: who and where, the steps, the answer, then the page. */
export function Shell({ households, children }: { households: HouseholdEntry[]; children: ReactNode }) {
  const { householdId } = useParams<{ householdId: string }>()
  const here = usePathname().split('/').pop()
  const [open, setOpen] = useState<'keys' | 'find' | null>(null)
  const go = useGo()
  usePreload(...LAZY_LOADERS)
  useShortcuts({ householdId, openKeys: () => setOpen('keys'), openFind: () => setOpen('find') })
  return (
    <>
      <a className={styles.skip} href="#page">
        Skip to the page
      </a>
      <header className={styles.top}>
        <span className={styles.brand}>Yotrope</span>
        <HouseholdMenu households={households} />
        <nav className={styles.steps} aria-label="Steps">
          {STEPS.map(({ key, path, name }) => (
            <Link
              key={path}
              href={`/h/${householdId}/${path}`}
              className={styles.step}
              onNavigate={(event) => {
                event.preventDefault()
                go(`/h/${householdId}/${path}`)
              }}
              aria-current={here === path ? 'page' : undefined}
            >
              <span className={styles.stepKey} aria-hidden>
                {key}
              </span>
              {name}
            </Link>
          ))}
        </nav>
        <div className={styles.tools}>
          <SaveStatus />
          <button className={styles.tool} onClick={() => setOpen('find')}>
            Find <kbd>/</kbd>
          </button>
          <button className={`${styles.tool} ${styles.desktopOnly}`} onClick={() => setOpen('keys')}>
            Keys <kbd>?</kbd>
          </button>
          <ThemeSwitch />
        </div>
      </header>
      <SampleNote />
      <StaleNotice />
      <AnswerStrip />
      <main id="page" className={styles.page} tabIndex={-1}>
        {children}
      </main>
      <Unreachable />
      {open === 'keys' && <KeysDialog onClose={() => setOpen(null)} />}
      {open === 'find' && <FindDialog householdId={householdId} onClose={() => setOpen(null)} />}
    </>
  )
}
