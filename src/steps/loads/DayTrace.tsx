'use client'
import { useCallback, useMemo } from 'react'
import { formatWatts } from '@/words/format'
import { compileLoad, hoursOf, leftOutWhy, weatherOf } from '@/core/simulation/compile'
import { traceOf, wattsBySteps } from '@/core/simulation/trace'
import { clockAxis } from '@/ui/chart/axes'
import type { Ink } from '@/ui/chart/chartInk'
import { LineChart, type LineDrawing, axisOf } from '@/ui/chart/LineChart'
import { usePlan } from '@/ui/household/HouseholdContext'
import { useQuiet } from '@/ui/shell/useQuiet'
import { dayTrace } from '@/words/en/pages/addLoad'
import { wordsOf } from '@/words/translate'
import styles from './LoadsPage.module.css'

const say = wordsOf(dayTrace)

const DAY_MIN = 1440
const STEP_MIN = 5
/** The answer to what is typed comes first. */
const QUIET_MS = 250

/** The first day of the outage as a typical run has it: the chosen load, and the other carried loads on top of it. */
export default function DayTrace({ selectedId }: { selectedId: string | null }) {
  const plan = useQuiet(usePlan(), QUIET_MS)
  const { scenario } = plan
  const key = JSON.stringify([plan.loads, scenario, plan.powerSystem.sources.map(({ volts }) => volts)])
  const { chosen, others, name } = useMemo(() => {
    const weather = weatherOf(scenario, hoursOf(DAY_MIN))
    const shown = plan.loads.filter((load) => load.id === selectedId || leftOutWhy(load, plan) === null)
    const traces = traceOf(
      shown.map((load, i) => compileLoad(load, i, scenario, DAY_MIN, weather)),
      DAY_MIN,
      1,
    )
    const sum = new Float64Array(DAY_MIN / STEP_MIN)
    const own = new Float64Array(DAY_MIN / STEP_MIN)
    for (const trace of traces) {
      const watts = wattsBySteps(trace, DAY_MIN, STEP_MIN)
      const into = trace.loadId === selectedId ? own : sum
      for (let i = 0; i < watts.length; i++) into[i] += watts[i]
    }
    return { chosen: own, others: sum, name: plan.loads.find(({ id }) => id === selectedId)?.name ?? '' }
    // the plan is made anew at each render; its content is what counts
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, selectedId])

  const { startsAt } = scenario
  const draw = useCallback(
    (ink: Ink): LineDrawing => {
      const points = (values: Float64Array) => Array.from(values, (y, i) => ({ x: i * STEP_MIN, y }))
      return {
        datasets: [
          {
            data: points(chosen),
            stepped: 'before',
            borderColor: ink.demand,
            borderWidth: 1.2,
            backgroundColor: ink.demand,
            fill: 'origin',
          },
          {
            data: points(chosen.map((w, i) => w + others[i])),
            stepped: 'before',
            borderColor: ink.soft,
            borderWidth: 1,
            borderDash: [3, 2],
            backgroundColor: ink.demandWash,
            fill: '-1',
          },
        ],
        scales: {
          x: clockAxis(ink, { startsAt, shownMin: DAY_MIN }),
          y: axisOf(ink, {
            ticks: { maxTicksLimit: 4, callback: (value) => formatWatts(Number(value)) },
          }),
        },
      }
    },
    [chosen, others, startsAt],
  )

  return (
    <section aria-label={say('aTypicalDay')}>
      <h2 className="later">{say('aTypicalDay')}</h2>
      <p className="hint">{say('filledAllOtherCarriedLoadsOn', { name })}</p>
      <div className={styles.day}>
        <LineChart label={say('wattsThroughTheFirstDayAnd', { name })} draw={draw} />
      </div>
    </section>
  )
}
