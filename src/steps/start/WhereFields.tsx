'use client'
import Autocomplete from '@mui/material/Autocomplete'
import Stack from '@mui/material/Stack'
import TextField from '@mui/material/TextField'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import Typography from '@mui/material/Typography'
import { useEffect, useState } from 'react'
import { usualOf } from '@/catalog/countries'
import { SEASONS, type Season, type StartAnswers, climateNear } from '@/catalog/startHousehold'
import { UNITS_OF } from '@/core/quantity/units'
import { formatTemperatures } from '@/words/inUnits'
import { QuantityField } from '@/ui/field/QuantityField'
import { SelectField } from '@/ui/field/SelectField'
import { rich } from '@/ui/rich'
import { whereFields } from '@/words/en/pages/start'
import { ASLEEP } from '@/catalog/startHousehold'
import { formatClock, formatWindow } from '@/words/clock'
import { wordsOf } from '@/words/translate'
import { climateName } from '@/words/weatherWords'

const say = wordsOf(whereFields)

const MAINS: { value: StartAnswers['mains']; words: string }[] = [
  { value: '120/240 V split phase', words: '120/240 V' },
  { value: '120 V', words: '120 V' },
  { value: '230 V', words: '230 V' },
]
/** Outages as people say them; a night begins and ends by the clock. */
const NIGHT = { from: '18:00', to: '08:00' }
const LENGTHS = [
  { hours: 14, words: say('aNight') },
  { hours: 24, words: say('aDay') },
  { hours: 72, words: say('threeDays') },
]

interface Found {
  name: string
  latitudeDeg: number
  longitudeDeg: number
  country: string
  timeZone: string
}

/** Hours a clock is ahead of UTC on a day. */
function offsetH(timeZone: string, day: string): number | undefined {
  const name = new Intl.DateTimeFormat('en', { timeZone, timeZoneName: 'longOffset' })
    .formatToParts(new Date(`${day}T12:00:00Z`))
    .find(({ type }) => type === 'timeZoneName')?.value
  const match = /GMT(?:([+-])(\d{2}):(\d{2}))?/.exec(name ?? '')
  if (!match) return undefined
  return (match[1] === '-' ? -1 : 1) * (Number(match[2] ?? 0) + Number(match[3] ?? 0) / 60)
}

/** Where, and which outage. */
export function WhereFields(props: {
  answers: StartAnswers
  today: string
  change: (part: Partial<StartAnswers>) => void
}) {
  const { answers, today, change } = props
  const { place, season, hours, units } = answers
  const [typed, setTyped] = useState('')
  const [found, setFound] = useState<{ of: string; places: Found[] }>({ of: '', places: [] })
  const [picked, setPicked] = useState<Found | null>(null)
  useEffect(() => {
    const text = typed.trim()
    if (text.length < 2 || text === picked?.name) return
    const abort = new AbortController()
    fetch(`/api/places?q=${encodeURIComponent(text)}`, { signal: abort.signal })
      .then(async (response) => {
        if (response.ok) setFound({ of: text, places: (await response.json()).places })
      })
      .catch(() => {})
    return () => abort.abort()
  }, [typed, picked])
  const pick = (one: Found | null) => {
    setPicked(one)
    if (!one) return change({ place: null })
    change({
      place: {
        name: one.name.slice(0, 80),
        latitudeDeg: one.latitudeDeg,
        longitudeDeg: one.longitudeDeg,
        utcOffsetH: offsetH(one.timeZone, today),
      },
      ...usualOf(one.country),
    })
  }
  const isOwn = !LENGTHS.some((one) => one.hours === hours)
  const climate = climateNear(place)
  const month = { winter: 0, spring: 3, summer: 6, autumn: 9 }[season]
  const text = typed.trim()
  return (
    <Stack spacing={1.5} sx={{ '--label-width': '4rem' }}>
      <Typography component="h2" variant="subtitle2">
        {say('text1WhereAndWhichOutage')}
      </Typography>
      <Autocomplete
        size="small"
        openText={say('openList')}
        closeText={say('closeList')}
        clearText={say('clear')}
        options={found.places}
        filterOptions={(all) => all}
        getOptionLabel={(one) => one.name}
        getOptionKey={(one) => `${one.name} ${one.latitudeDeg}`}
        isOptionEqualToValue={(a, b) => a.name === b.name}
        value={picked}
        onChange={(_, one) => pick(one)}
        onInputChange={(_, next) => setTyped(next)}
        noOptionsText={
          text.length < 2
            ? say('typeTheFirstLetters')
            : found.of === text
              ? say('noTownOfThisNameIs')
              : say('looking')
        }
        renderInput={(input) => <TextField {...input} label={say('townOrLeaveItOut')} />}
      />
      <SelectField
        label={say('mains')}
        value={answers.mains}
        options={MAINS}
        onChange={(mains) => change({ mains })}
      />
      <SelectField
        label={say('units')}
        value={units.temperature === '°F' ? 'us' : 'metric'}
        options={[
          { value: 'us' as const, words: '°F, lb, gal' },
          { value: 'metric' as const, words: '°C, kg, L' },
        ]}
        onChange={(set) =>
          change({ units: { ...UNITS_OF[set], clock: units.clock, decimal: units.decimal } })
        }
      />
      <Typography component="h3" variant="subtitle2" sx={{ pt: 1 }}>
        {say('anOutageLike')}
      </Typography>
      <ToggleButtonGroup
        exclusive
        size="small"
        aria-label={say('season')}
        value={season}
        onChange={(_, next: Season | null) => next && change({ season: next })}
      >
        {SEASONS.map((one) => (
          <ToggleButton key={one} value={one}>
            {say(`seasons.${one}`)}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <ToggleButtonGroup
        exclusive
        orientation="vertical"
        fullWidth
        size="small"
        aria-label={say('length')}
        value={isOwn ? 'own' : hours}
        onChange={(_, next: number | 'own' | null) =>
          next !== null && change({ hours: next === 'own' ? 36 : next })
        }
      >
        {LENGTHS.map((one) => (
          <ToggleButton key={one.hours} value={one.hours} sx={{ justifyContent: 'space-between' }}>
            {one.words}{' '}
            <small>{one.hours === 14 ? formatWindow(NIGHT, units.clock) : `${one.hours} h`}</small>
          </ToggleButton>
        ))}
        <ToggleButton value="own" sx={{ justifyContent: 'space-between' }}>
          {rich(say, 'myHours', {
            isOwn: isOwn ? `${hours} h` : '…',
            small: (text) => <small>{text}</small>,
          })}
        </ToggleButton>
      </ToggleButtonGroup>
      {isOwn && (
        <QuantityField
          local
          label={say('outageLength')}
          path="scenario.durationH"
          value={hours}
          onChange={(next) => change({ hours: next })}
        />
      )}
      <Typography variant="caption" color="text.secondary">
        {say('onAnOrdinaryDayOfThat', {
          climate: climateName(climate.id),
          temperatures: formatTemperatures(climate.lowC[month], climate.highC[month], units),
          place: place ? 'yes' : 'no',
          begins: formatClock(NIGHT.from, units.clock),
          from: formatClock(ASLEEP.from, units.clock),
          to: formatClock(ASLEEP.to, units.clock),
        })}
      </Typography>
    </Stack>
  )
}
