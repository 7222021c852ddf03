'use client'
import { ChoiceMenu } from '@/ui/shell/lazy'
import { useMoment } from '@/ui/field/useMoment'
import { useUnits } from '@/ui/field/units'
import ButtonBase from '@mui/material/ButtonBase'
import { type KeyboardEvent, type PointerEvent, useState } from 'react'
import { type Intervals, clockOf, epochMinute } from '@/core/plan/clock'
import { SNAP_MIN, placed, snapped } from '@/ui/timeline/laneMoves'
import { stretchLane } from '@/words/en/pages/recharge'
import { formatClock } from '@/words/clock'
import { wordsOf } from '@/words/translate'
import { useTrack } from '@/ui/timeline/useTrack'
import lane from '@/ui/timeline/lane.module.css'
import styles from './lanes.module.css'

const say = wordsOf(stretchLane)

interface Stretch {
  fromMin: number
  toMin: number
}
type Drag =
  | { kind: 'new'; from: number; to: number }
  | { kind: 'move' | 'stretch'; index: number; grabbed: number; by: number }

const USUAL_MIN = 120
const FIRST_MIN = 14 * 60

/** Something that runs for stretches of the outage: drag to plan one, drag it or its end to move it; arrows and Delete do the same. */
export function StretchLane(props: {
  name: string
  startsAt: string
  shownMin: number
  stretches: readonly Stretch[]
  /** when it must not run */
  barred?: Intervals
  figure: string
  isOff?: boolean
  onChange: (stretches: Stretch[]) => void
}) {
  const { name, startsAt, shownMin, stretches, barred = [], figure, isOff, onChange } = props
  const moment = useMoment()
  const { track, held, minuteAt, hold, span } = useTrack(shownMin)
  const [drag, setDrag] = useState<Drag | null>(null)
  const [tapped, setTapped] = useState<{ index: number; anchor: HTMLElement } | null>(null)
  const begin = (event: PointerEvent, next: Drag) => {
    if (!isOff && hold(event)) setDrag(next)
  }
  const put = (index: number, byMin: number, endByMin: number) =>
    onChange(stretches.map((one, i) => (i === index ? placed(one, byMin, endByMin) : one)))
  const onMove = (event: PointerEvent) => {
    if (!drag) return
    const minute = minuteAt(event)
    if (drag.kind === 'new') setDrag({ ...drag, to: snapped(minute) })
    else setDrag({ ...drag, by: snapped(minute - drag.grabbed) })
  }
  const onUp = () => {
    if (drag?.kind === 'new') {
      const [fromMin, toMin] = [Math.min(drag.from, drag.to), Math.max(drag.from, drag.to)]
      if (toMin - fromMin >= SNAP_MIN) onChange([...stretches, { fromMin, toMin }])
    } else if (drag?.kind === 'move' && drag.by === 0 && held.current) {
      // a tap that moves nothing asks what to do with it
      setTapped({ index: drag.index, anchor: held.current })
    } else if (drag && drag.by !== 0)
      put(drag.index, drag.kind === 'move' ? drag.by : 0, drag.kind === 'move' ? 0 : drag.by)
    setDrag(null)
  }
  const onKey = (event: KeyboardEvent, i: number) => {
    const by = { ArrowLeft: -SNAP_MIN, ArrowRight: SNAP_MIN }[event.key]
    if (by) put(i, event.shiftKey ? 0 : by, event.shiftKey ? by : 0)
    else if (event.key === 'Enter' || event.key === ' ')
      setTapped({ index: i, anchor: event.currentTarget as HTMLElement })
    else if (event.key === 'Delete' || event.key === 'Backspace')
      onChange(stretches.filter((_, k) => k !== i))
    else return
    event.preventDefault()
  }
  const shown = stretches.map((one, i) =>
    drag && drag.kind !== 'new' && drag.index === i
      ? placed(one, drag.kind === 'move' ? drag.by : 0, drag.kind === 'move' ? 0 : drag.by)
      : one,
  )
  const { clock: style } = useUnits()
  const clock = (minute: number) => formatClock(clockOf(epochMinute(startsAt) + minute), style)
  return (
    <div className={`${lane.lane} ${styles.lane}`} data-off={isOff}>
      <span className={lane.name}>{name}</span>
      <div
        ref={track}
        className={`${lane.track} ${styles.track}`}
        data-testid={`lane-${name.toLowerCase().replace(/\W+/g, '-')}`}
        onPointerDown={(event) => {
          const at = snapped(minuteAt(event))
          begin(event, { kind: 'new', from: at, to: at })
        }}
        onPointerMove={onMove}
        onPointerUp={onUp}
        onPointerCancel={() => setDrag(null)}
      >
        {barred.map(([from, to]) => (
          <i key={from} className={lane.shade} style={span(from, to)} />
        ))}
        {shown.map(({ fromMin, toMin }, i) => (
          <ButtonBase
            key={i}
            className={`${lane.bar} ${styles.bar} ${styles.stretch}`}
            style={span(fromMin, toMin)}
            aria-label={say('toArrowsMoveItWithShift', {
              name,
              moment: moment(startsAt, fromMin),
              moment2: moment(startsAt, toMin),
            })}
            onPointerDown={(event) =>
              begin(event, { kind: 'move', index: i, grabbed: minuteAt(event), by: 0 })
            }
            onKeyDown={(event) => onKey(event, i)}
          >
            <span>
              {clock(fromMin)}–{clock(toMin)}
            </span>
            <span
              className={styles.grip}
              onPointerDown={(event) =>
                begin(event, { kind: 'stretch', index: i, grabbed: minuteAt(event), by: 0 })
              }
            />
          </ButtonBase>
        ))}
        {drag?.kind === 'new' && (
          <i
            className={`${lane.bar} ${styles.bar} ${styles.stretch}`}
            style={span(Math.min(drag.from, drag.to), Math.max(drag.from, drag.to))}
          />
        )}
        {!isOff && (
          <ButtonBase
            className={lane.add}
            aria-label={say('planTwoHoursOf', { lowerCase: name.toLowerCase() })}
            onPointerDown={(event) => event.stopPropagation()}
            onClick={() => {
              const last = stretches.at(-1)
              const fromMin = Math.min(shownMin - USUAL_MIN, last ? last.toMin + 22 * 60 : FIRST_MIN)
              const at = Math.max(0, snapped(fromMin))
              onChange([...stretches, { fromMin: at, toMin: at + USUAL_MIN }])
            }}
          >
            + 2 h
          </ButtonBase>
        )}
      </div>
      <span className={lane.figure}>{figure}</span>
      {tapped && (
        <ChoiceMenu
          anchor={tapped.anchor}
          onClose={() => setTapped(null)}
          choices={[
            {
              key: 'remove',
              words: say('removeIt'),
              pick: () => onChange(stretches.filter((_, k) => k !== tapped.index)),
            },
          ]}
        />
      )}
    </div>
  )
}
