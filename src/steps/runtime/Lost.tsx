'use client'
import Link from 'next/link'
import { momentOf } from '@/words/momentOf'
import { isWithin, windowIntervals } from '@/core/plan/clock'
import type { Plan } from '@/core/plan/document'
import { nothingLostMin } from '@/core/risk/nothingLost'
import { lostWithin } from '@/core/risk/riskClocks'
import type { Evaluation } from '@/words/answer/evaluation'
import { useHousehold } from '@/ui/household/HouseholdContext'
import { lost as lostWords } from '@/words/en/pages/runtime'
import { clockWords, nothingLostWords } from '@/words/hookup/hookupWords'
import { wordsOf } from '@/words/translate'
import styles from './RuntimePage.module.css'

const say = wordsOf(lostWords)

/** What is lost behind the end, by the numbers it has on the chart. */
export function Lost({ plan, evaluation }: { plan: Plan; evaluation: Evaluation }) {
  const { result, clocks } = evaluation
  const endsMin = evaluation.gates.lasts.runtimeMin
  const householdId = useHousehold((state) => state.householdId)
  const lost = lostWithin(clocks, result.outageMin)
  if (lost.length === 0) return null
  const { startsAt, asleep } = plan.scenario
  const saying = { units: plan.household.units, startsAt }
  const until = nothingLostMin(clocks, result.outageMin)
  const bed = windowIntervals(asleep, startsAt, result.outageMin)
  return (
    <>
      <h2>{say('whatIsLostThen')}</h2>
      <ol className={`points ${styles.losses}`}>
        {lost.map((clock) => (
          <li key={`${clock.kind} ${clock.loadId ?? clock.name}`}>
            {clockWords(clock, saying)} <b>{momentOf(plan, clock.lost!.likely, 5)}</b>
            {isWithin(bed, clock.lost!.likely) && say('nobodyIsAwake')}
          </li>
        ))}
      </ol>
      {until !== null && <p className="hint">{nothingLostWords(until, endsMin, saying)}</p>}
      <p className="hint">
        <Link href={`/h/${householdId}/hookup`} prefetch={false}>
          {say('whatToDoAboutItAnd')}
        </Link>
      </p>
    </>
  )
}
