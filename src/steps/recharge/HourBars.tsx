'use client'
import { useMoment } from '@/ui/field/useMoment'
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react'
import { formatPercent } from '@/words/format'
import { QuantityField } from '@/ui/field/QuantityField'
import { hourBars } from '@/words/en/pages/recharge'
import { wordsOf } from '@/words/translate'
import lane from '@/ui/timeline/lane.module.css'
import styles from './lanes.module.css'

const say = wordsOf(hourBars)

const STEP = 0.05

/** The sky hour by hour as bars that are drawn with the pointer, or with the arrows. */
export function HourBars(props: {
  startsAt: string
  shownMin: number
  sunShare: readonly number[]
  onChange: (sunShare: number[]) => void
}) {
  const { startsAt, shownMin, sunShare, onChange } = props
  const moment = useMoment()
  const track = useRef<HTMLDivElement>(null)
  const [at, setAt] = useState(0)
  const [drawn, setDrawn] = useState<number[] | null>(null)
  const hours = Math.ceil(shownMin / 60)
  const shares =
    drawn ??
    Array.from(
      { length: Math.max(hours, sunShare.length) },
      (_, h) => sunShare[Math.min(h, sunShare.length - 1)],
    )
  const paint = (event: PointerEvent, on: readonly number[]) => {
    const box = track.current!.getBoundingClientRect()
    const hour = Math.min(
      hours - 1,
      Math.max(0, Math.floor(((event.clientX - box.left) / box.width) * (shownMin / 60))),
    )
    const share = Math.min(
      1,
      Math.max(0, Math.round((1 - (event.clientY - box.top) / box.height) / STEP) * STEP),
    )
    setAt(hour)
    setDrawn(on.map((one, h) => (h === hour ? Math.round(share * 100) / 100 : one)))
  }
  const onKey = (event: KeyboardEvent) => {
    const move = { ArrowLeft: -1, ArrowRight: 1 }[event.key]
    const by = { ArrowUp: STEP, ArrowDown: -STEP }[event.key]
    if (move) setAt(Math.min(hours - 1, Math.max(0, at + move)))
    else if (by)
      onChange(
        shares.map((one, h) => (h === at ? Math.round(Math.min(1, Math.max(0, one + by)) * 100) / 100 : one)),
      )
    else return
    event.preventDefault()
  }
  return (
    <div className={`${lane.lane} ${styles.lane}`}>
      <span className={lane.name}>{say('sunByTheHour')}</span>
      <div
        ref={track}
        className={`${lane.track} ${styles.hours}`}
        role="slider"
        tabIndex={0}
        aria-label={say('shareOfClearSkySunLeft')}
        aria-valuemin={0}
        aria-valuemax={100}
        aria-valuenow={Math.round(shares[at] * 100)}
        aria-valuetext={`${moment(startsAt, at * 60)}: ${formatPercent(shares[at])}`}
        data-testid="hour-bars"
        onKeyDown={onKey}
        onPointerDown={(event) => {
          if (event.button !== 0) return
          track.current!.setPointerCapture(event.pointerId)
          paint(event, shares)
        }}
        onPointerMove={(event) => drawn && paint(event, drawn)}
        onPointerUp={() => {
          if (drawn) onChange(drawn)
          setDrawn(null)
        }}
        onPointerCancel={() => setDrawn(null)}
      >
        {shares.slice(0, hours).map((share, h) => (
          <i
            key={h}
            data-at={h === at}
            style={{
              left: `${((h * 60) / shownMin) * 100}%`,
              width: `${(60 / shownMin) * 100}%`,
              height: `${share * 100}%`,
            }}
          />
        ))}
      </div>
      <span className={lane.figure}>
        <QuantityField
          cell
          label={say('sunFromShareOfClear', { moment: moment(startsAt, at * 60) })}
          path="scenario.sunShare"
          value={shares[at]}
          onChange={(share) => onChange(shares.map((one, h) => (h === at ? share : one)))}
        />
      </span>
    </div>
  )
}
