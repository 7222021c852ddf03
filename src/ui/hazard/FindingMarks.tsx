'use client'
import Link from 'next/link'
import type { Place } from '@/core/hazard/finding'
import { findingMarks } from '@/words/en/ui/fields'
import { wordsOf } from '@/words/translate'
import { useHousehold } from '../household/HouseholdContext'
import styles from './hazard.module.css'
import { useFindings } from './useFindings'

const say = wordsOf(findingMarks)

/**
 * Where something arises that can hurt: a mark with its title, which leads to what is said of it on the page Hookup.
 *
 * @param id of the load, source or array; any where the part is there only once
 */
export function FindingMarks({ part, id = null }: { part: Place['part']; id?: string | null }) {
  const householdId = useHousehold((state) => state.householdId)
  const findings = useFindings()
  const here = (findings ?? []).filter(
    ({ found: { id: hazard, place, answer } }) =>
      answer === null && hazard !== 'cord-to-find' && place.part === part && (id === null || place.id === id),
  )
  if (here.length === 0) return null
  return (
    <ul className={styles.marks} aria-label={say('whatCanHurtHere')}>
      {here.map(({ found, words }) => (
        <li key={found.key} data-severity={found.severity}>
          <Link href={`/h/${householdId}/hookup#${encodeURIComponent(found.key)}`} prefetch={false}>
            {words.title}
          </Link>
        </li>
      ))}
    </ul>
  )
}
