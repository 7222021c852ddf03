'use client'
import FlashOff from '@mui/icons-material/FlashOffOutlined'
import HelpOutline from '@mui/icons-material/HelpOutlineOutlined'
import Search from '@mui/icons-material/Search'
import IconButton from '@mui/material/IconButton'
import Link from 'next/link'
import { useParams } from 'next/navigation'
import { type ReactNode, useState } from 'react'
import { useStore } from 'zustand'
import { shell } from '@/words/en/ui/shell'
import { wordsOf } from '@/words/translate'
import { hinted } from '../help/hints'
import { useHousehold } from '../household/HouseholdContext'
import { usePaperTheme } from '../theme/usePaperTheme'
import { AnswerStrip } from '../strip/AnswerStrip'
import { Announcer } from './Announcer'
import { HouseholdMenu, type HouseholdEntry } from './HouseholdMenu'
import { keyOf, keySettings } from './keySettings'
import { FindDialog, HelpDialog, StaleNotice } from './lazy'
import { Notices } from './Notices'
import { PagePurpose } from './PagePurpose'
import { SampleNote } from './SampleNote'
import { SaveStatus } from './SaveStatus'
import styles from './Shell.module.css'
import { StepsNav } from './StepsNav'
import { ThemeSwitch } from './ThemeSwitch'
import { UndoKeys } from './UndoKeys'
import { Unreachable } from './Unreachable'
import { useLinksStay } from './useGo'
import { usePreload } from './usePreload'
import { useShortcuts } from './useShortcuts'

const say = wordsOf(shell)

type Open = { what: 'help'; wanted?: string } | { what: 'find' } | null

interface ShellProps {
  households: HouseholdEntry[]
  /** pages whose line was read */
  read: readonly string[]
  children: ReactNode
}

/** The frame of every planning page: who and where, the steps, the answer, then the page. */
export function Shell({ households, read, children }: ShellProps) {
  const { householdId } = useParams<{ householdId: string }>()
  const [open, setOpen] = useState<Open>(null)
  const settings = useStore(keySettings)
  const isStale = useHousehold(({ save }) => save.kind === 'stale')
  usePreload()
  useLinksStay()
  usePaperTheme()
  useShortcuts({
    householdId,
    openHelp: () => setOpen({ what: 'help' }),
    openFind: () => setOpen({ what: 'find' }),
  })
  const withKey = (words: string, act: 'find' | 'help') =>
    settings.on ? `${words} (${keyOf(settings, act)})` : words
  return (
    <>
      <a className={styles.skip} href="#page">
        {say('skipToThePage')}
      </a>
      <header className={styles.top}>
        <span className={styles.brand}>Yotrope</span>
        <HouseholdMenu households={households} />
        <StepsNav />
        <div className={styles.tools}>
          <SaveStatus />
          <UndoKeys />
          <IconButton
            {...hinted(say('thePowerIsOutWriteDown'))}
            aria-label={say('thePowerIsOut')}
            component={Link}
            href={`/h/${householdId}/run?begin=outage`}
            prefetch={false}
          >
            <FlashOff fontSize="small" />
          </IconButton>
          <IconButton
            {...hinted(withKey(say('find'), 'find'))}
            aria-label={say('find')}
            onClick={() => setOpen({ what: 'find' })}
          >
            <Search fontSize="small" />
          </IconButton>
          <IconButton
            {...hinted(withKey(say('wordsAndKeys'), 'help'))}
            aria-label={say('wordsAndKeys')}
            onClick={() => setOpen({ what: 'help' })}
          >
            <HelpOutline fontSize="small" />
          </IconButton>
          <ThemeSwitch />
        </div>
      </header>
      <SampleNote />
      {isStale && <StaleNotice />}
      <AnswerStrip />
      <main id="page" className={styles.page} tabIndex={-1}>
        <PagePurpose read={read} />
        {children}
      </main>
      <Unreachable />
      <Notices />
      <Announcer />
      {open?.what === 'help' && <HelpDialog wanted={open.wanted} onClose={() => setOpen(null)} />}
      {open?.what === 'find' && (
        <FindDialog
          householdId={householdId}
          openHelp={(wanted) => setOpen({ what: 'help', wanted })}
          onClose={() => setOpen(null)}
        />
      )}
    </>
  )
}
