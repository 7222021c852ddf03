'use client'
import Skeleton from '@mui/material/Skeleton'
import Tab from '@mui/material/Tab'
import Tabs from '@mui/material/Tabs'
import dynamic from 'next/dynamic'
import { part } from '@/ui/shell/part'
import { useSearchParams } from 'next/navigation'
import { useState } from 'react'
import { powerPage } from '@/words/en/pages/power'
import { wordsOf } from '@/words/translate'
import { CompareTab } from './CompareTab'
import styles from './PowerPage.module.css'

const say = wordsOf(powerPage)

const Waiting = () => <Skeleton variant="rectangular" height={420} />
const BankTab = part(
  dynamic(() => import('./bank/BankTab').then((module) => module.BankTab), {
    ssr: false,
    loading: Waiting,
  }),
  () => import('./bank/BankTab').then((module) => module.BankTab),
)
const SearchPanel = part(
  dynamic(() => import('./search/SearchPanel').then((module) => module.SearchPanel), {
    ssr: false,
    loading: Waiting,
  }),
  () => import('./search/SearchPanel').then((module) => module.SearchPanel),
)
const OwnEquipment = part(
  dynamic(() => import('./OwnEquipment').then((module) => module.OwnEquipment), {
    ssr: false,
    loading: Waiting,
  }),
  () => import('./OwnEquipment').then((module) => module.OwnEquipment),
)

const TABS = {
  compare: say('compare'),
  bank: say('buildABank'),
  find: say('find'),
  own: say('ownEquipment'),
} as const
export type PowerTab = keyof typeof TABS

const isTab = (text: string | null): text is PowerTab => text !== null && Object.hasOwn(TABS, text)

/** What feeds the loads: options side by side, a bank of parts, a search of the catalogue, one's own equipment. */
export function PowerPage() {
  const asked = useSearchParams().get('tab')
  const [tab, setTab] = useState<PowerTab>(isTab(asked) ? asked : 'compare')
  const open = (next: PowerTab) => {
    setTab(next)
    const url = new URL(window.location.href)
    url.searchParams.set('tab', next)
    // the tab is there again after a reload, and is no step back of its own
    window.history.replaceState(null, '', url)
  }
  return (
    <div className="page-main">
      <Tabs
        value={tab}
        onChange={(_, next: PowerTab) => open(next)}
        variant="scrollable"
        allowScrollButtonsMobile
        aria-label={say('waysToChooseThePower')}
      >
        {Object.entries(TABS).map(([value, words]) => (
          <Tab key={value} value={value} label={words} id={`tab-${value}`} aria-controls={`panel-${value}`} />
        ))}
      </Tabs>
      <div role="tabpanel" className={styles.panel} id={`panel-${tab}`} aria-labelledby={`tab-${tab}`}>
        {tab === 'compare' && <CompareTab openTab={open} />}
        {tab === 'bank' && <BankTab />}
        {tab === 'find' && <SearchPanel />}
        {tab === 'own' && <OwnEquipment />}
      </div>
      <p className="caution">{say('aBankBuiltOfPartsAn')}</p>
    </div>
  )
}
