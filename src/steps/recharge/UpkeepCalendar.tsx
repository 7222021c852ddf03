'use client'
import { useState } from 'react'
import type { Plan } from '@/core/plan/document'
import { upkeepOf } from '@/core/refill/upkeep'
import { SelectField } from '@/ui/field/SelectField'
import { useHousehold } from '@/ui/household/HouseholdContext'
import styles from './recharge.module.css'

const MONTHS = ['1', '2', '3', '6'] as const
type Months = (typeof MONTHS)[number]
const WORDS: Record<Months, string> = {
  '1': 'every month',
  '2': 'every two months',
  '3': 'every three months',
  '6': 'twice a year',
}

/** What keeps it ready, and the calendar file that calls it to mind. */
export function UpkeepCalendar({ plan }: { plan: Plan }) {
  const householdId = useHousehold((state) => state.householdId)
  const [months, setMonths] = useState<Months>('1')
  const tasks = upkeepOf(plan.powerSystem, plan.refill, Number(months), plan.household.units)
  // local date of this moment, as the calendar's first day
  const today = new Date().toLocaleDateString('sv-SE')
  return (
    <section className={styles.side} aria-label="Maintenance">
      <h3>Maintenance</h3>
      <SelectField
        label="Top it up"
        value={months}
        options={MONTHS.map((value) => ({ value, words: WORDS[value] }))}
        onChange={setMonths}
      />
      <ul className={styles.tasks}>
        {tasks.map(({ id, title, everyMonths }) => (
          <li key={id}>
            {title}
            <small>{everyMonths === 1 ? 'monthly' : `every ${everyMonths} months`}</small>
          </li>
        ))}
      </ul>
      {tasks.length === 0 && <p className={styles.small}>A car is charged by driving or at its own place.</p>}
      {tasks.length > 0 && (
        <a
          className="text-button"
          href={`/api/households/${householdId}/calendar?from=${today}&months=${months}`}
          download
        >
          As a calendar file (.ics)
        </a>
      )}
    </section>
  )
}
