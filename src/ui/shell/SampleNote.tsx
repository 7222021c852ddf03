'use client'
import Button from '@mui/material/Button'
import Link from 'next/link'
import { sampleNote } from '@/words/en/ui/shell'
import { wordsOf } from '@/words/translate'
import { useHousehold } from '../household/HouseholdContext'
import styles from './SampleNote.module.css'

const say = wordsOf(sampleNote)

/** On the sample: what this is, and the way to one's own. */
export function SampleNote() {
  const isSample = useHousehold(({ household }) => household.profile.sample)
  if (!isSample) return null
  return (
    <aside className={styles.note} aria-label={say('aboutThisPage')}>
      <span>
        {say('howLongYourPowerLastsIn')} <span className={styles.more}>{say('thisIsAMadeUpHousehold')}</span>
      </span>
      <Button
        component={Link}
        href="/start"
        prefetch={false}
        variant="contained"
        color="primary"
        className={styles.start}
      >
        {say('startYours')}
      </Button>
    </aside>
  )
}
