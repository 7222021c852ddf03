'use client'
import ButtonBase from '@mui/material/ButtonBase'
import { useState } from 'react'
import { rich } from '@/ui/rich'
import { householdMenu } from '@/words/en/ui/shell'
import { wordsOf } from '@/words/translate'
import { useHousehold } from '../household/HouseholdContext'
import styles from './HouseholdMenu.module.css'
import { ChoiceMenu, KeepDialog, ProfileDialog } from './lazy'

const say = wordsOf(householdMenu)

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
  const [naming, setNaming] = useState(false)
  const [keeping, setKeeping] = useState(false)
  return (
    <div className={styles.household}>
      <ButtonBase
        className={styles.name}
        aria-haspopup="menu"
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {profile.name}
      </ButtonBase>
      {profile.sample && (
        <span className={styles.sample}>
          {rich(say, 'sampleData', { span: (text) => <span className={styles.wide}>{text}</span> })}
        </span>
      )}
      {anchor && (
        <ChoiceMenu
          anchor={anchor}
          onClose={() => setAnchor(null)}
          choices={[
            ...households.map(({ id, name, sample }) => ({
              key: id,
              words: `${id === householdId ? profile.name : name}${sample ? say('sample') : ''}`,
              isChosen: id === householdId,
              href: `/h/${id}/runtime`,
            })),
            { key: 'name', words: say('nameUnitsAndMoney'), pick: () => setNaming(true), apart: true },
            { key: 'start', words: say('startAnotherHousehold'), href: '/start' },
            { key: 'keep', words: say('keepThisHousehold'), pick: () => setKeeping(true), apart: true },
            { key: 'plan', words: say('downloadThisPlanJson'), href: `/api/households/${householdId}/plan` },
          ]}
        />
      )}
      {keeping && <KeepDialog onClose={() => setKeeping(false)} />}
      {naming && <ProfileDialog onClose={() => setNaming(false)} />}
    </div>
  )
}
