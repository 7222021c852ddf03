'use client'
import { useState } from 'react'
import { useHousehold } from '../household/HouseholdContext'
import styles from './HouseholdMenu.module.css'
import { ChoiceMenu, KeepDialog, NewHouseholdDialog } from './lazy'

export interface HouseholdEntry {
  id: string
  name: string
  sample: boolean
}

/** Which household this is, and the way to the others and to one of one's own. */
export function HouseholdMenu({ households }: { households: HouseholdEntry[] }) {
  const profile = useHousehold((state) => state.household.profile)
  const householdId = useHousehold((state) => state.householdId)
  const [anchor, setAnchor] = useState<HTMLElement | null>(null)
  const [starting, setStarting] = useState(false)
  const [keeping, setKeeping] = useState(false)
  const startOwn = () => setStarting(true)
  return (
    <div className={styles.household}>
      <button
        className={styles.name}
        aria-haspopup="menu"
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {profile.name}
      </button>
      {profile.sample && (
        <>
          <span className={styles.sample}>
            sample<span className={styles.wide}> data</span>
          </span>
          <button className={styles.start} onClick={startOwn}>
            Start your own
          </button>
        </>
      )}
      {anchor && (
        <ChoiceMenu
          anchor={anchor}
          onClose={() => setAnchor(null)}
          choices={[
            ...households.map(({ id, name, sample }) => ({
              key: id,
              words: `${id === householdId ? profile.name : name}${sample ? ' (sample)' : ''}`,
              isChosen: id === householdId,
              href: `/h/${id}/runtime`,
            })),
            { key: 'start', words: 'Start your own household…', pick: startOwn, apart: true },
            { key: 'keep', words: 'Keep this household…', pick: () => setKeeping(true), apart: true },
            { key: 'plan', words: 'Download this plan (JSON)', href: `/api/households/${householdId}/plan` },
          ]}
        />
      )}
      {keeping && <KeepDialog onClose={() => setKeeping(false)} />}
      {starting && <NewHouseholdDialog onClose={() => setStarting(false)} />}
    </div>
  )
}
