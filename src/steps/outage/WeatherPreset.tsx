'use client'
import Button from '@mui/material/Button'
import { useState } from 'react'
import { CLIMATES, STORMS, presetWeather } from '@/catalog/climates'
import type { Scenario } from '@/core/plan/schema'
import { SelectField } from '@/ui/field/SelectField'
import fields from '@/ui/field/field.module.css'
import { weatherPreset } from '@/words/en/pages/outage'
import { wordsOf } from '@/words/translate'
import { sayTold } from '@/words/sayTold'
import { climateName, skyName, stormName } from '@/words/weatherWords'
import styles from './WeatherPreset.module.css'
import { useUnits } from '@/ui/field/units'
import { formatTemperatures } from '@/words/inUnits'

const say = wordsOf(weatherPreset)

const RAIN_WORDS = { dry: say('dry'), rain: say('rain'), downpour: say('downpour') }

/** Weather by a climate and a kind of storm, in the month the outage starts: shown before it is taken over. */
export function WeatherPreset(props: { scenario: Scenario; change: (part: Partial<Scenario>) => void }) {
  const { scenario, change } = props
  const units = useUnits()
  const [climateId, setClimate] = useState(CLIMATES[0].id)
  const [stormId, setStorm] = useState(STORMS[0].id)
  const month = Number(scenario.startsAt.slice(5, 7))
  const found = presetWeather(climateId, stormId, month, scenario.place.latitudeDeg)
  const { weather } = found.ok ? found : { weather: null }
  const sky = weather?.sky?.kind === 'days' ? weather.sky.days.map((day) => skyName(day)) : []
  return (
    <div className={fields.row} role="group" aria-label={say('weatherLike')}>
      <span className={fields.label}>{say('weatherLike')}</span>
      <span className={fields.control}>
        <span className={`in-line ${styles.selects}`}>
          <SelectField
            cell
            label={say('climate')}
            value={climateId}
            options={CLIMATES.map(({ id }) => ({ value: id, words: climateName(id) }))}
            onChange={setClimate}
          />
          <SelectField
            cell
            label={say('kindOfWeather')}
            value={stormId}
            options={STORMS.map(({ id }) => ({ value: id, words: stormName(id) }))}
            onChange={setStorm}
          />
        </span>
        <Button variant="text" disabled={!weather} onClick={() => weather && change(weather)}>
          {say('useThisWeather')}
        </Button>
        {weather ? (
          <span className="hint" data-testid="preset">
            {say('theSky', {
              temperatures: formatTemperatures(weather.outdoor.lowC, weather.outdoor.highC, units),
              rainwords: RAIN_WORDS[weather.rain],
              sky: sky.join(', then '),
            })}
          </span>
        ) : (
          <span className={fields.trouble} role="status">
            {found.ok ? '' : sayTold(found.why, { units, startsAt: scenario.startsAt })}
          </span>
        )}
      </span>
    </div>
  )
}
