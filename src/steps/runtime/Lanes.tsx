'use client'
import { useMemo } from 'react'
import type { Plan } from '@/core/plan/document'
import { windowIntervals } from '@/core/plan/clock'
import { formatEnergy, formatPercent } from '@/words/format'
import type { SimulationResult } from '@/core/simulation/result'
import { POINT_MIN } from '@/core/simulation/sweep'
import type { LoadTrace } from '@/core/simulation/trace'
import { unfedStretches } from '@/core/simulation/unfed'
import { CurveLane } from '@/ui/timeline/CurveLane'
import { lanes as lanesWords } from '@/words/en/pages/runtime'
import { wordsOf } from '@/words/translate'
import { Lane } from './Lane'
import styles from './Lanes.module.css'
import axis from '@/ui/timeline/axis.module.css'

const say = wordsOf(lanesWords)

/** A lane for each carried load on the chart's own time axis: when it runs in a typical run, and what it takes. */
export function Lanes(props: {
  plan: Plan
  /** a typical run of the plan */
  traces: readonly LoadTrace[]
  result: SimulationResult
  shownMin: number
}) {
  const { plan, traces, result, shownMin } = props
  const supplied = new Map(result.loads.map(({ loadId, suppliedWh }) => [loadId, suppliedWh]))
  const total = result.loads.reduce((sum, { suppliedWh }) => sum + suppliedWh, 0)
  const { scenario } = plan
  const refill = result.chains.find((chain) => chain.refill)?.refill ?? null
  const inWh = refill ? refill.mean.sunWh + refill.mean.dcWh + refill.mean.acWh + refill.mean.directWh : 0
  const asleep = useMemo(
    () => windowIntervals(scenario.asleep, scenario.startsAt, shownMin),
    [scenario.asleep, scenario.startsAt, shownMin],
  )
  const unfed = useMemo(() => {
    const sourceOf = new Map(plan.loads.map(({ id, sourceId }) => [id, sourceId]))
    return (loadId: string) => {
      const chain = result.chains.find(({ sources }) =>
        sources.some((source) => source.sourceId === sourceOf.get(loadId)),
      )
      return chain ? unfedStretches(chain, shownMin) : []
    }
  }, [plan.loads, result.chains, shownMin])
  // before the typical run has come the lanes stand there empty
  const names = new Set(plan.loads.map(({ id }) => id))
  const ordered = result.loads
    .filter(({ loadId }) => names.has(loadId))
    .map(({ loadId }) => traces.find((trace) => trace.loadId === loadId) ?? { loadId, stretches: [], wh: 0 })
    .sort((a, b) => (supplied.get(b.loadId) ?? 0) - (supplied.get(a.loadId) ?? 0))
  return (
    <section className={`${styles.lanes} ${axis.lanes}`} aria-label={say('whenEachLoadRuns')}>
      <p className={styles.how}>{say('aTypicalRunPaleWhereThe')}</p>
      {refill && (
        <CurveLane
          name={say('charging')}
          figure={formatEnergy(inWh)}
          label={say('chargingByTheHourOverThe', { energy: formatEnergy(inWh) })}
          hue="refill"
          stepMin={POINT_MIN}
          shownMin={shownMin}
          middle={refill.curves.inW}
        />
      )}
      {ordered.map((trace) => {
        const wh = supplied.get(trace.loadId) ?? 0
        return (
          <Lane
            key={trace.loadId}
            plan={plan}
            trace={trace}
            shownMin={shownMin}
            asleep={asleep}
            unfed={unfed(trace.loadId)}
            energy={formatEnergy(wh)}
            share={total > 0 ? formatPercent(wh / total) : ''}
          />
        )
      })}
      {ordered.length === 0 && <p className={styles.how}>{say('noLoadIsCarriedSwitchOne')}</p>}
    </section>
  )
}
