'use client'
import { ChoiceMenu } from '@/ui/shell/lazy'
import { useTold } from '@/ui/household/useTold'
import { momentOf } from '@/words/momentOf'
import ButtonBase from '@mui/material/ButtonBase'
import { type KeyboardEvent, type PointerEvent, useState } from 'react'
import { type Intervals, clockOf, epochMinute } from '@/core/plan/clock'
import { formatClock, formatWindow } from '@/words/clock'
import type { Plan } from '@/core/plan/document'
import type { LoadTrace } from '@/core/simulation/trace'
import { offCost } from '@/core/sizing/offCost'
import { steerLoad } from '@/ui/household/edits'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { lane as laneWords } from '@/words/en/pages/runtime'
import { wordsOf } from '@/words/translate'
import lane from '@/ui/timeline/lane.module.css'
import { useTrack } from '@/ui/timeline/useTrack'
import styles from './Lanes.module.css'
import { MedicalQuestion } from './MedicalQuestion'
import { SNAP_MIN, movedClock, placed, snapped } from '@/ui/timeline/laneMoves'

const say = wordsOf(laneWords)

interface LaneProps {
  plan: Plan
  trace: LoadTrace
  shownMin: number
  asleep: Intervals
  /** when most runs feed nothing */
  unfed: Intervals
  energy: string
  share: string
}

type Pause = { fromMin: number; toMin: number }
type Drag =
  | { kind: 'pause'; from: number; to: number }
  | { kind: 'move pause'; index: number; grabbed: number; by: number }
  | { kind: 'session'; clock: string; grabbed: number; by: number }

const SHORTEST_DRAG_MIN = 15

/** One load's lane. Empty stretches take a pause; sessions and pauses can be moved. */
export function Lane({ plan, trace, shownMin, asleep, unfed, energy, share }: LaneProps) {
  const tell = useTold()
  const store = useHouseholdStore()
  const { track, held, minuteAt, hold, span } = useTrack(shownMin)
  const [drag, setDrag] = useState<Drag | null>(null)
  const [asked, setAsked] = useState<Pause | null>(null)
  const [tapped, setTapped] = useState<{ index: number; anchor: HTMLElement } | null>(null)
  const load = plan.loads.find(({ id }) => id === trace.loadId)!
  const { startsAt } = plan.scenario
  const style = plan.household.units.clock
  const { behaviour, steering } = load
  const pauses = steering?.pauses ?? []
  const hours =
    behaviour.kind === 'session' && 'at' in behaviour.when
      ? (steering?.sessionsAt ?? behaviour.when.at)
      : null
  const edit = (change: Parameters<typeof steerLoad>[1]) => store.getState().edit(steerLoad(load.id, change))
  const putPauses = (next: Pause[]) => edit({ pauses: next })
  // whoever depends on a device is asked for first
  const addPause = (pause: Pause) => (load.medical ? setAsked(pause) : putPauses([...pauses, pause]))
  const putPause = (i: number, pause: Pause) => putPauses(pauses.map((other, k) => (k === i ? pause : other)))
  const moveSession = (clock: string, byMin: number) =>
    hours && edit({ sessionsAt: hours.map((other) => (other === clock ? movedClock(other, byMin) : other)) })

  const begin = (event: PointerEvent, next: Drag) => {
    if (hold(event)) setDrag(next)
  }
  const onMove = (event: PointerEvent) => {
    if (!drag) return
    const minute = minuteAt(event)
    if (drag.kind === 'pause') setDrag({ ...drag, to: snapped(minute) })
    else setDrag({ ...drag, by: snapped(minute - drag.grabbed) })
  }
  const onUp = () => {
    if (drag?.kind === 'pause') {
      const [fromMin, toMin] = [Math.min(drag.from, drag.to), Math.max(drag.from, drag.to)]
      if (toMin - fromMin >= SHORTEST_DRAG_MIN) addPause({ fromMin, toMin })
    } else if (drag?.kind === 'move pause') {
      // a tap that moves nothing asks what to do with it
      if (drag.by === 0 && held.current) setTapped({ index: drag.index, anchor: held.current })
      else putPause(drag.index, placed(pauses[drag.index], drag.by, 0))
    }
    if (drag?.kind === 'session' && drag.by !== 0) moveSession(drag.clock, drag.by)
    setDrag(null)
  }
  const onPauseKey = (event: KeyboardEvent, i: number) => {
    const by = { ArrowLeft: -SNAP_MIN, ArrowRight: SNAP_MIN }[event.key]
    if (by) putPause(i, event.shiftKey ? placed(pauses[i], 0, by) : placed(pauses[i], by, 0))
    else if (event.key === 'Enter' || event.key === ' ')
      setTapped({ index: i, anchor: event.currentTarget as HTMLElement })
    else if (event.key === 'Delete' || event.key === 'Backspace') putPauses(pauses.filter((_, k) => k !== i))
    else return
    event.preventDefault()
  }
  const onSessionKey = (event: KeyboardEvent, clock: string) => {
    const by = { ArrowLeft: -SNAP_MIN, ArrowRight: SNAP_MIN }[event.key]
    if (!by) return
    event.preventDefault()
    moveSession(clock, by)
  }
  const longestMin =
    drag?.kind === 'pause'
      ? Math.abs(drag.to - drag.from)
      : Math.max(0, ...pauses.map(({ fromMin, toMin }) => toMin - fromMin))
  const cost = longestMin > 0 ? offCost(load, plan, longestMin) : null
  const clockAt = (minute: number) => clockOf(Math.round(epochMinute(startsAt) + minute) % 1440)
  const path = trace.stretches
    .filter(({ fromMin }) => fromMin < shownMin)
    .map(
      ({ fromMin, toMin, isDefrost }) =>
        `M${fromMin} ${isDefrost ? 2 : 8}H${Math.min(shownMin, toMin)}V22H${fromMin}Z`,
    )
    .join('')
  return (
    <div className={`${lane.lane} ${styles.lane}`} data-testid={`lane-${load.id}`}>
      <span className={lane.name} dir="auto" title={load.name}>
        {load.name}
      </span>
      <div
        ref={track}
        className={`${lane.track} ${styles.track}`}
        onPointerDown={(event) => {
          const at = snapped(minuteAt(event))
          begin(event, { kind: 'pause', from: at, to: at })
        }}
        onPointerMove={onMove}
        onPointerUp={onUp}
        onPointerCancel={() => setDrag(null)}
      >
        {asleep.map(([from, to]) => (
          <i key={from} className={lane.shade} style={span(from, to)} />
        ))}
        <svg viewBox={`0 0 ${shownMin} 24`} preserveAspectRatio="none" aria-hidden>
          <path d={path} />
        </svg>
        {unfed.map(([from, to]) => (
          <i key={`unfed ${from}`} className={styles.unfed} style={span(from, to)} />
        ))}
        {hours &&
          trace.stretches
            .filter(({ fromMin }) => fromMin < shownMin)
            .map(({ fromMin, toMin }) => {
              const clock = clockAt(fromMin)
              const by = drag?.kind === 'session' && drag.clock === clock ? drag.by : 0
              if (!hours.includes(clock)) return null
              return (
                <ButtonBase
                  key={fromMin}
                  className={`${lane.bar} ${styles.session}`}
                  style={span(fromMin + by, toMin + by)}
                  aria-label={say('atArrowsMoveIt', {
                    load: load.name,
                    clock: formatClock(by ? movedClock(clock, by) : clock, style),
                  })}
                  onPointerDown={(event) =>
                    begin(event, { kind: 'session', clock, grabbed: minuteAt(event), by: 0 })
                  }
                  onKeyDown={(event) => onSessionKey(event, clock)}
                >
                  <span>{formatClock(by ? movedClock(clock, by) : clock, style)}</span>
                </ButtonBase>
              )
            })}
        {pauses.map((pause, i) => {
          const by = drag?.kind === 'move pause' && drag.index === i ? drag.by : 0
          const { fromMin, toMin } = placed(pause, by, 0)
          return (
            <ButtonBase
              key={i}
              className={`${lane.bar} ${styles.pause}`}
              style={span(fromMin, toMin)}
              aria-label={say('keptOffTo', {
                load: load.name,
                momentOf: momentOf(plan, fromMin),
                momentOf2: momentOf(plan, toMin),
              })}
              onPointerDown={(event) =>
                begin(event, { kind: 'move pause', index: i, grabbed: minuteAt(event), by: 0 })
              }
              onKeyDown={(event) => onPauseKey(event, i)}
            >
              <span>{formatWindow({ from: clockAt(fromMin), to: clockAt(toMin) }, style)}</span>
            </ButtonBase>
          )
        })}
        {drag?.kind === 'pause' && (
          <i
            className={`${lane.bar} ${styles.pause}`}
            style={span(Math.min(drag.from, drag.to), Math.max(drag.from, drag.to))}
          />
        )}
        <ButtonBase
          className={`${lane.add} ${styles.off}`}
          aria-label={say('keepOffForAnHour', { load: load.name })}
          title={say('keepItOffForAnHour')}
          onPointerDown={(event) => event.stopPropagation()}
          onClick={() => addPause({ fromMin: 0, toMin: 60 })}
        >
          {say('off')}
        </ButtonBase>
      </div>
      {tapped && (
        <ChoiceMenu
          anchor={tapped.anchor}
          onClose={() => setTapped(null)}
          choices={[
            {
              key: 'remove',
              words: say('letRunThen', { load: load.name }),
              pick: () => putPauses(pauses.filter((_, k) => k !== tapped.index)),
            },
          ]}
        />
      )}
      <span className={`${lane.figure} ${styles.energy}`}>
        {energy} <small>{share}</small>
      </span>
      {cost && (
        <span className={styles.cost} role="status" data-testid={`cost-${load.id}`}>
          {tell(cost)}
        </span>
      )}
      {asked && (
        <MedicalQuestion
          name={load.name}
          hours={say('fromTo', {
            momentOf: momentOf(plan, asked.fromMin),
            momentOf2: momentOf(plan, asked.toMin),
          })}
          onNo={() => setAsked(null)}
          onYes={() => {
            putPauses([...pauses, asked])
            setAsked(null)
          }}
        />
      )}
    </div>
  )
}
