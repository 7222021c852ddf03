import { useMoment } from '@/ui/field/useMoment'
import { windowIntervals } from '@/core/plan/clock'
import type { Scenario } from '@/core/plan/schema'
import { outageLine } from '@/words/en/pages/outage'
import { wordsOf } from '@/words/translate'
import styles from './OutagePage.module.css'

const say = wordsOf(outageLine)

/** The outage as a line of hours, with the hours asleep shaded and those away dotted. */
export function OutageLine({ scenario }: { scenario: Scenario }) {
  const moment = useMoment()
  const length = scenario.durationH * 60
  const x = (minute: number) => `${(minute / length) * 100}%`
  const width = ([from, to]: [number, number]) => `${((to - from) / length) * 100}%`
  const asleep = windowIntervals(scenario.asleep, scenario.startsAt, length)
  const away = windowIntervals(scenario.away, scenario.startsAt, length)
  return (
    <svg
      className={styles.line}
      role="img"
      aria-label={say('fromTo', {
        moment: moment(scenario.startsAt, 0),
        moment2: moment(scenario.startsAt, length),
      })}
    >
      <defs>
        <pattern id="away-dots" width="6" height="6" patternUnits="userSpaceOnUse">
          <circle cx="2" cy="2" r="1" fill="var(--soft)" />
        </pattern>
      </defs>
      <text x="0" y="12">
        {moment(scenario.startsAt, 0)}
      </text>
      <text x="100%" y="12" textAnchor="end">
        {moment(scenario.startsAt, length)}
      </text>
      {asleep.map((stretch) => (
        <rect
          key={stretch[0]}
          x={x(stretch[0])}
          width={width(stretch)}
          y="20"
          height="20"
          fill="var(--hairline)"
        />
      ))}
      {away.map((stretch) => (
        <rect
          key={stretch[0]}
          x={x(stretch[0])}
          width={width(stretch)}
          y="20"
          height="20"
          fill="url(#away-dots)"
        />
      ))}
      <rect x="0" y="20" width="100%" height="20" fill="none" stroke="var(--rule)" />
      <text x="0" y="56">
        {say('shadedAsleepDottedNobodyHome')}
      </text>
    </svg>
  )
}
