'use client'
import Link from 'next/link'
import { momentOf } from '@/core/plan/momentOf'
import { isWithin, windowIntervals } from '@/core/plan/clock'
import type { Plan } from '@/core/plan/document'
import { lostWithin, riskClocks } from '@/core/risk/riskClocks'
import type { SimulationResult } from '@/core/simulation/result'
import { useHousehold } from '@/ui/household/HouseholdContext'
import { clockWords } from '@/words/hookup/hookupWords'
import styles from './RuntimePage.module.css'

/** What is lost behind the end, by the numbers it has on the chart. */
export function Lost({ plan, result }: { plan: Plan; result: SimulationResult }) {
  const householdId = useHousehold((state) => state.householdId)
  const lost = lostWithin(riskClocks(plan, result), result.outageMin)
  if (lost.length === 0) return null
  const { startsAt, asleep } = plan.scenario
  const saying = { units: plan.household.units, startsAt }
  const bed = windowIntervals(asleep, startsAt, result.outageMin)
  return (
    <>
      <h2>What is lost then</h2>
      <ol className={styles.losses}>
        {lost.map((clock) => (
          <li key={`${clock.kind} ${clock.loadId ?? clock.name}`}>
            {clockWords(clock, saying)} <b>{momentOf(plan, clock.lost!.likely, 5)}</b>
            {isWithin(bed, clock.lost!.likely) && ', nobody is awake'}
          </li>
        ))}
      </ol>
      <p className={styles.note}>
        <Link href={`/h/${householdId}/hookup`}>What to do about it, and how it is known: Hookup</Link>
      </p>
    </>
  )
}
