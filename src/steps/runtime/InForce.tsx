'use client'
import { memo } from 'react'
import Button from '@mui/material/Button'
import { DAY_MIN, minuteOfDay } from '@/core/plan/clock'
import { formatClock, formatWindow } from '@/words/clock'
import type { Plan } from '@/core/plan/document'
import type { Steering } from '@/core/plan/schema'
import { offCost } from '@/core/sizing/offCost'
import { pauseWords } from '@/words/momentOf'
import { ruleWords } from '@/words/levers/ruleWords'
import { steerLoad } from '@/ui/household/edits'
import { useTold } from '@/ui/household/useTold'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { inForce } from '@/words/en/pages/runtime'
import { wordsOf } from '@/words/translate'
import { formatDegrees } from '@/words/inUnits'

const say = wordsOf(inForce)

/** How loads are steered in this outage, each with the way back. */
export const InForce = memo(function InForce({ plan }: { plan: Plan }) {
  const store = useHouseholdStore()
  const tell = useTold()
  const tellCost = (cost: ReturnType<typeof offCost>) => cost && tell(cost)
  const lines = plan.loads.flatMap((load) =>
    load.on && load.steering
      ? linesOf(plan, load.steering).map((line) => ({
          ...line,
          id: load.id,
          name: load.name,
          cost: line.offMin === undefined ? null : tellCost(offCost(load, plan, line.offMin)),
        }))
      : [],
  )
  if (lines.length === 0) return null
  return (
    <section aria-label={say('inForceInThisOutage')}>
      <h2>{say('inForce')}</h2>
      <ul className="lines">
        {lines.map(({ id, name, words, without, cost }) => (
          <li key={`${id} ${words}`}>
            {name} {words}
            {cost && <small className="fault"> ({cost})</small>}{' '}
            <Button
              variant="text"
              aria-label={say('noLonger2', { name, words })}
              onClick={() => store.getState().edit(steerLoad(id, without))}
            >
              {say('noLonger')}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  )
})

/** @returns words, the steering without it, and for how long it keeps the load off: null where that hangs on a rule */
function linesOf(
  plan: Plan,
  steering: Steering,
): { words: string; without: Steering; offMin?: number | null }[] {
  const { pauses = [], offDaily = [], rules = [], setBackK, sessionsAt } = steering
  return [
    ...pauses.map((pause, i) => ({
      words: say('off', { pauseWords: pauseWords(plan, pause) }),
      offMin: pause.toMin - pause.fromMin,
      without: { pauses: pauses.filter((_, k) => k !== i) },
    })),
    ...offDaily.map(({ from, to }, i) => ({
      words: say('offDaily', { window: formatWindow({ from, to }, plan.household.units.clock) }),
      offMin: (minuteOfDay(to) - minuteOfDay(from) + DAY_MIN) % DAY_MIN || DAY_MIN,
      without: { offDaily: offDaily.filter((_, k) => k !== i) },
    })),
    ...rules.map((rule, i) => ({
      words: ruleWords(rule, plan),
      offMin: null,
      without: { rules: rules.filter((_, k) => k !== i) },
    })),
    ...(setBackK
      ? [
          {
            words: say('setBack', { degrees: formatDegrees(setBackK, plan.household.units) }),
            without: { setBackK: 0 },
          },
        ]
      : []),
    ...(sessionsAt
      ? [
          {
            words: say('movedTo', {
              sessionsAt: sessionsAt.map((at) => formatClock(at, plan.household.units.clock)).join(', '),
            }),
            without: { sessionsAt: undefined },
          },
        ]
      : []),
  ]
}
