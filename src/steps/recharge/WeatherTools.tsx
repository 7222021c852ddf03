'use client'
import { FileButton } from '@/ui/field/FileButton'
import Button from '@mui/material/Button'
import { useState } from 'react'
import type { Scenario } from '@/core/plan/schema'
import { formatNumber } from '@/words/format'
import { cloudShare } from '@/core/weather/cloud'
import { lightAt, sunAt, utcOffsetH } from '@/core/weather/sky'
import { clearSkyW } from '@/core/weather/irradiance'
import { weatherTools } from '@/words/en/pages/recharge'
import { wordsOf } from '@/words/translate'
import { skyOfFile } from '@/worker/weatherClient'

const say = wordsOf(weatherTools)

const MOST_HOURS = 384
const MOST_BYTES = 20_000_000
/** A day past the outage, as far as its runs look. */
const hoursOf = ({ durationH }: Scenario) => Math.min(MOST_HOURS, Math.max(48, Math.ceil(durationH) + 24))

/** Other ways to say what the sky does: by the hour, from a weather file, from a forecast. */
export function WeatherTools({
  scenario,
  change,
}: {
  scenario: Scenario
  change: (part: Partial<Scenario>) => void
}) {
  const [said, setSaid] = useState<{ words: string; isWrong: boolean } | null>(null)
  const hours = hoursOf(scenario)
  const tell = (words: string, isWrong = false) => setSaid({ words, isWrong })

  const byHour = () => {
    const sunShare = Array.from({ length: hours }, (_, h) => {
      const minute = (h + 0.5) * 60
      const clear = clearSkyW(sunAt(scenario, minute).zenithDeg)
      if (clear < 5) return h > 0 ? -1 : 0.5
      return Math.round(Math.min(1.2, lightAt(scenario, minute).globalW / clear) * 20) / 20
    })
    // by night as the hour before, so that nothing jumps at dawn
    sunShare.forEach((share, h) => {
      if (share < 0) sunShare[h] = sunShare[h - 1]
    })
    change({ sky: { kind: 'hours', name: say('yourOwnHours'), sunShare } })
    setSaid(null)
  }
  const fromFile = async (file: File) => {
    if (file.size > MOST_BYTES) return tell(say('aWeatherFileOfOneYear'), true)
    const read = await skyOfFile(file, scenario.startsAt, hours, utcOffsetH(scenario))
    if (!read.ok) return tell(say('whatWasThereIsKept', { file: file.name, message: read.message }), true)
    change({ sky: read.sky })
    const far = Math.abs(read.place.latitudeDeg - scenario.place.latitudeDeg)
    tell(
      say('hoursOfFromTheOutagesDate', {
        place: read.place.name || say('theFile'),
        filled: read.filled ? say('missingHoursWereFilledFromTheir', { filled: read.filled }) : '',
        far: far > 2 ? say('theFileStandsOfLatitudeAway', { number: formatNumber(far, 0) }) : '',
      }),
    )
  }
  const fromForecast = async () => {
    const { latitudeDeg, longitudeDeg } = scenario.place
    const query = new URLSearchParams({
      latitude: String(latitudeDeg),
      longitude: String(longitudeDeg),
      startsAt: scenario.startsAt,
      hours: String(hours),
    })
    try {
      const answer = await fetch(`/api/standins/weather?${query}`)
      if (!answer.ok) throw new Error()
      const { hours: found } = (await answer.json()) as {
        hours: { temperatureC: number; cloudFraction: number }[]
      }
      const air = found.slice(0, Math.ceil(scenario.durationH)).map(({ temperatureC }) => temperatureC)
      change({
        sky: {
          kind: 'hours',
          name: say('simulatedForecast'),
          sunShare: found.map(({ cloudFraction }) => Math.round(cloudShare(cloudFraction) * 100) / 100),
        },
        outdoor: { lowC: Math.min(...air), highC: Math.max(...air) },
      })
      tell(say('aMadeUpForecastAsA'))
    } catch {
      tell(say('theSimulatedWeatherServiceDidNot'), true)
    }
  }
  return (
    <div className="in-line">
      <Button variant="text" onClick={byHour}>
        {say('hourByHour')}
      </Button>
      <FileButton
        variant="text"
        words={say('fromAWeatherFileEpw')}
        label={say('weatherFileEpw')}
        accept=".epw,text/plain"
        onFile={(file) => void fromFile(file)}
      />
      <Button variant="text" onClick={fromForecast}>
        {say('simulatedForecast2')}
      </Button>
      {said && (
        <p className={said.isWrong ? 'fault' : 'hint'} role={said.isWrong ? 'alert' : 'status'}>
          {said.words}
        </p>
      )}
    </div>
  )
}
