'use client'
import { useState } from 'react'
import type { Plan } from '@/core/plan/document'
import { upkeepOf } from '@/words/upkeep'
import { SelectField } from '@/ui/field/SelectField'
import { useHousehold } from '@/ui/household/HouseholdContext'
import { upkeepCalendar } from '@/words/en/pages/recharge'
import { wordsOf } from '@/words/translate'

const say = wordsOf(upkeepCalendar)

const MONTHS = ['1', '2', '3', '6'] as const
type Months = (typeof MONTHS)[number]
const WORDS: Record<Months, string> = {
  '1': say('everyMonth'),
  '2': say('everyTwoMonths'),
  '3': say('everyThreeMonths'),
  '6': say('twiceAYear'),
}

/** What keeps it ready, and the calendar file that calls it to mind. */
export function UpkeepCalendar({ plan }: { plan: Plan }) {
  const householdId = useHousehold((state) => state.householdId)
  const [months, setMonths] = useState<Months>('1')
  const tasks = upkeepOf(plan.powerSystem, plan.refill, Number(months), plan.household.units)
  // local date of this moment, as the calendar's first day
  const today = new Date().toLocaleDateString('sv-SE')
  return (
    <section className="part" aria-label={say('maintenance')}>
      <h3>{say('maintenance')}</h3>
      <SelectField
        label={say('topItUp')}
        value={months}
        options={MONTHS.map((value) => ({ value, words: WORDS[value] }))}
        onChange={setMonths}
      />
      <dl className="facts">
        {tasks.map(({ id, title, everyMonths }) => (
          <div key={id}>
            <dt>{title}</dt>
            <dd>{everyMonths === 1 ? say('monthly') : say('everyMonths', { everyMonths })}</dd>
          </div>
        ))}
      </dl>
      {tasks.length === 0 && <p className="hint">{say('aCarIsChargedByDriving')}</p>}
      {tasks.length > 0 && (
        <a href={`/api/households/${householdId}/calendar?from=${today}&months=${months}`} download>
          {say('asACalendarFileIcs')}
        </a>
      )}
    </section>
  )
}
