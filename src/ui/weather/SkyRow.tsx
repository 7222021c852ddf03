'use client'
import Button from '@mui/material/Button'
import { DAY_MIN, epochMinute } from '@/core/plan/clock'
import { weekdayName, weekdayShort } from '@/words/clock'
import type { Scenario } from '@/core/plan/schema'
import { SKY_CLASSES, type SkyClass } from '@/core/plan/limits'
import { dayOf, usualSky } from '@/core/weather/sky'
import { skyWords } from '@/core/weather/skyWords'
import { SelectField } from '@/ui/field/SelectField'
import { skyRow } from '@/words/en/ui/chart'
import { wordsOf } from '@/words/translate'
import { skyName } from '@/words/weatherWords'
import styles from './SkyRow.module.css'

const say = wordsOf(skyRow)

/** The sky of each day of the outage, one word a day. */
export function SkyRow({
  scenario,
  change,
}: {
  scenario: Scenario
  change: (part: Partial<Scenario>) => void
}) {
  const { startsAt, durationH, rain } = scenario
  const sky = scenario.sky ?? { kind: 'days' as const, days: [usualSky(rain)] }
  if (sky.kind !== 'days')
    return (
      <p className={styles.skyNote}>
        {sky.kind === 'measured'
          ? say('hoursOfTheWeatherFile', { sky: sky.name })
          : say('hourByHour', { sky: sky.name })}{' '}
        <Button
          variant="text"
          onClick={() =>
            change({
              sky: { kind: 'days', days: skyWords(scenario) },
              // a weather file's own cold and heat go on
              ...(sky.kind === 'measured' && {
                outdoor: { lowC: Math.min(...sky.temperatureC), highC: Math.max(...sky.temperatureC) },
              }),
            })
          }
        >
          {say('oneWordADayInstead')}
        </Button>
      </p>
    )
  const count = Math.min(16, dayOf(startsAt, durationH * 60 - 1) + 1)
  const days = Array.from({ length: count }, (_, i) => sky.days[Math.min(i, sky.days.length - 1)])
  return (
    <div className={styles.sky} role="group" aria-label={say('theSkyOfEachDay')}>
      {days.map((day, i) => {
        const at = Math.floor(epochMinute(startsAt) / DAY_MIN + i) * DAY_MIN
        const name = weekdayName(at)
        return (
          <span key={i} className={styles.skyDay}>
            <span aria-hidden>{weekdayShort(at)}</span>
            <SelectField
              cell
              label={say('skyOfDay', { name, i: i + 1 })}
              value={day}
              options={SKY_CLASSES.map((value) => ({ value, words: skyName(value) }))}
              onChange={(next: SkyClass) =>
                change({ sky: { kind: 'days', days: days.map((one, k) => (k === i ? next : one)) } })
              }
            />
          </span>
        )
      })}
    </div>
  )
}
