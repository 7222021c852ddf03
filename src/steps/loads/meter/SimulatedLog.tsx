'use client'
import Button from '@mui/material/Button'
import { useEffect, useRef, useState } from 'react'
import { APPLIANCES } from '@/catalog/appliances'
import { type MeterFindings, analyseMeter } from '@/core/meter/analyse'
import { type MeterSamples, gapsOf } from '@/core/meter/samples'
import { readMoment } from '@/core/meter/moment'
import { formatNumber, formatWatts } from '@/words/format'
import { SelectField } from '@/ui/field/SelectField'
import { simulatedLog } from '@/words/en/pages/meter'
import { wordsOf } from '@/words/translate'
import { FoundList } from './FoundList'
import MeterTrace from './MeterTrace'

const say = wordsOf(simulatedLog)

interface Reading {
  at: string
  watts: number
  kWhTotal: number
  peakW: number
}

const SPEEDS = [
  { value: '14400', words: say('aDayInSixSeconds') },
  { value: '600', words: say('tenMinutesInASecond') },
  { value: '1', words: say('inItsOwnTime') },
] as const
const SHOWN_EVERY_MS = 250

/** A plug-in meter over the same stream a device would send; this one is simulated. */
export function SimulatedLog({ use }: { use: (found: MeterFindings) => void }) {
  const [appliance, setAppliance] = useState('refrigerator')
  const [speed, setSpeed] = useState<(typeof SPEEDS)[number]['value']>('14400')
  const [samples, setSamples] = useState<MeterSamples | null>(null)
  const [last, setLast] = useState<Reading | null>(null)
  const [peakW, setPeakW] = useState(0)
  const [isOn, setIsOn] = useState(false)
  const source = useRef<EventSource | null>(null)
  const readings = useRef<Reading[]>([])
  useEffect(() => () => source.current?.close(), [])

  const show = () => {
    const list = readings.current
    if (list.length < 2) return
    const minutes = list.map(({ at }) => readMoment(at, 'month first')?.minute ?? 0)
    const atMin = Float64Array.from(minutes, (minute) => minute - minutes[0])
    setSamples({
      atMin,
      watts: Float64Array.from(list, ({ watts }) => watts),
      gaps: gapsOf(atMin),
      resets: 0,
      startsAt: list[0].at.slice(0, 16),
    })
    setLast(list[list.length - 1])
    setPeakW(list.reduce((most, reading) => Math.max(most, reading.peakW), 0))
  }
  const stop = () => {
    source.current?.close()
    source.current = null
    setIsOn(false)
    show()
  }
  const start = () => {
    readings.current = []
    setSamples(null)
    setIsOn(true)
    const stream = new EventSource(
      `/api/standins/meter?appliance=${encodeURIComponent(appliance)}&speed=${speed}&hours=24`,
    )
    source.current = stream
    let shownAt = 0
    stream.onmessage = (event) => {
      readings.current.push(JSON.parse(event.data as string) as Reading)
      const now = performance.now()
      if (now - shownAt < SHOWN_EVERY_MS) return
      shownAt = now
      show()
    }
    stream.addEventListener('end', stop)
    stream.onerror = stop
  }
  const found = samples && samples.atMin.length > 3 ? findingsOf(samples, peakW) : null
  return (
    <div>
      <p>{say('tryLoggingWithNoHardwareA')}</p>
      <SelectField
        label={say('inTheMeter')}
        value={appliance}
        options={APPLIANCES.map(({ id, name }) => ({ value: id, words: name }))}
        onChange={setAppliance}
      />
      <SelectField label={say('timeRuns')} value={speed} options={SPEEDS} onChange={setSpeed} />
      <p>
        {isOn ? (
          <Button onClick={stop}>{say('stop')}</Button>
        ) : (
          <Button onClick={start}>{say('startLogging')}</Button>
        )}{' '}
        {last && (
          <span className="figures" data-testid="meter-now">
            {last.at.slice(11, 16)} · {formatWatts(last.watts)} · {formatNumber(last.kWhTotal, 3)} kWh
          </span>
        )}
      </p>
      {samples && <MeterTrace samples={samples} findings={isOn ? null : found} />}
      {!isOn && found && samples && (
        <>
          <FoundList found={found} samples={samples} />
          <Button onClick={() => use(found)}>{say('useIt')}</Button>
        </>
      )}
    </div>
  )
}

/** The findings of a stream, with the peaks its meter caught between two readings. */
function findingsOf(samples: MeterSamples, peak: number): MeterFindings {
  const found = analyseMeter(samples)
  return peak > 1.5 * Math.max(found.runningW, (found.defrosts?.watts ?? 0) * 1.1)
    ? { ...found, startPeakW: peak }
    : found
}
