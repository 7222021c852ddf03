import { useCallback, useEffect, useRef, useState } from 'react'
import type { Entry, RunHead } from '@/core/run/runDocument'
import type { StationState } from '@/standins/powerStation'
import { useStation as useStationWords } from '@/words/en/ui/runs'
import { wordsOf } from '@/words/translate'
import { StationLog } from './stationLog'

const say = wordsOf(useStationWords)

export interface StationWish {
  /** its clock goes so many times as fast */
  speed: number
  /** its gauge shows so much too much, share of full */
  gaugeOff: number
  /** minutes of the run that are over */
  fromMin: number
}

/** A power station that logs into a run by itself while the page is open. */
export function useStation(
  householdId: string,
  head: RunHead | null,
  addAll: (entries: readonly Entry[]) => Promise<void>,
  exchange: () => Promise<void>,
) {
  const [state, setState] = useState<StationState | 'asked' | null>(null)
  const [trouble, setTrouble] = useState<string | null>(null)
  const stream = useRef<EventSource | null>(null)
  /** whoever stops takes the turn of a start that still waits */
  const turns = useRef(0)
  const stop = useCallback(() => {
    turns.current++
    stream.current?.close()
    stream.current = null
    setState(null)
  }, [])
  useEffect(() => stop, [stop])
  const start = async ({ speed, gaugeOff, fromMin }: StationWish) => {
    if (!head) return
    stop()
    setTrouble(null)
    setState('asked')
    const turn = ++turns.current
    // a station logs into a run the server knows; one just begun may not have been sent yet
    await exchange()
    if (turn !== turns.current) return
    const log = new StationLog(head)
    const asked = new URLSearchParams({
      household: householdId,
      run: head.id,
      speed: String(speed),
      gaugeOff: String(gaugeOff),
      fromMin: String(fromMin),
      since: new Date().toISOString(),
    })
    const source = new EventSource(`/api/standins/power-station?${asked}`)
    stream.current = source
    let hasTold = false
    source.onmessage = ({ data }) => {
      hasTold = true
      const told = JSON.parse(data as string) as StationState
      setState(told)
      const entries = log.take(told)
      if (entries.length > 0) void addAll(entries)
    }
    source.addEventListener('end', stop)
    source.onerror = () => {
      // a connection that breaks off is taken up again by itself; the station's clock has gone on
      if (source.readyState !== EventSource.CLOSED) return
      stop()
      setTrouble(say(hasTold ? 'theStationNoLongerAnswersWhat' : 'theStationDidNotAnswer'))
    }
  }
  return { state, trouble, start, stop }
}
