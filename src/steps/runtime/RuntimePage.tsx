'use client'
import { Swatch } from '@/ui/chart/Swatch'
import { SelectField } from '@/ui/field/SelectField'
import Skeleton from '@mui/material/Skeleton'
import dynamic from 'next/dynamic'
import { part } from '@/ui/shell/part'
import { memo, useDeferredValue, useMemo, useState } from 'react'
import type { Household } from '@/core/plan/household'
import { planFor } from '@/ui/household/planFor'
import { answerText } from '@/words/answer/answerParts'
import type { Evaluation } from '@/words/answer/evaluation'
import { shownMinutes } from '@/core/simulation/shownMinutes'
import { chargeCurve } from '@/ui/chart/chargeCurve'
import { ChartReadout } from '@/ui/chart/ChartReadout'
import { readoutAt, readoutWords } from '@/ui/chart/readout'
import { useHousehold } from '@/ui/household/HouseholdContext'
import { runtimePage } from '@/words/en/pages/runtime'
import { wordsOf } from '@/words/translate'
import { BuysHours } from './BuysHours'
import { Ends } from './Ends'
import { unfedStretches } from '@/core/simulation/unfed'
import { HoursTable } from './HoursTable'
import { InForce } from './InForce'
import { Lanes } from './Lanes'
import { MeasureNext } from '@/ui/strip/MeasureNext'
import { OnTheWay } from './OnTheWay'
import { Later } from '@/ui/shell/Later'
import { useAhead } from '@/ui/shell/useAhead'
import axis from '@/ui/timeline/axis.module.css'
import { Guttered } from '@/ui/timeline/Guttered'
import { EnergyByLoad } from './EnergyByLoad'
import { EnergyPath } from './EnergyPath'
import { WhatIf } from './WhatIf'
import styles from './RuntimePage.module.css'

const say = wordsOf(runtimePage)

// its words come with the page's later parts
const Lost = part(
  dynamic(() => import('./Lost').then((module) => module.Lost), { ssr: false }),
  () => import('./Lost').then((module) => module.Lost),
)
const loadChart = () => import('@/ui/chart/ChargeChart')
const ChargeChart = part(dynamic(loadChart, { ssr: false }), loadChart)

/**
 * State of charge over the clock, what every load takes, and when it ends. The sentence above is painted first; what stands here
 * follows without holding a key up.
 */
export function RuntimePage() {
  const household = useHousehold((state) => state.household)
  const evaluation = useDeferredValue(useHousehold((state) => state.evaluation))
  const failure = useHousehold((state) => state.failure)
  useAhead(loadChart)
  return <Body household={household} evaluation={evaluation} hasFailed={failure !== null} />
}

const Body = memo(function Body(props: {
  household: Household
  evaluation: Evaluation | null
  hasFailed: boolean
}) {
  const { household, evaluation, hasFailed } = props
  const plan = useMemo(() => planFor(household), [household])
  const { sources } = plan.powerSystem
  const [wanted, setWanted] = useState<string | null>(null)
  // the evaluation may still be of the plan before: only a source that both know is drawn
  const known =
    evaluation?.result.chains.flatMap((chain) => chain.sources.map(({ sourceId }) => sourceId)) ?? []
  const sourceId =
    sources.find(({ id }) => id === wanted && known.includes(id))?.id ??
    sources.find(({ id }) => known.includes(id))?.id
  const curve = useMemo(
    () => (sourceId && evaluation?.hasTraces ? chargeCurve(plan, evaluation, sourceId) : null),
    [plan, evaluation, sourceId],
  )
  const traces = useMemo(() => {
    const carried = new Set(plan.loads.map(({ id }) => id))
    return (evaluation?.traces ?? []).filter(({ loadId }) => carried.has(loadId))
  }, [plan.loads, evaluation])
  // what follows from the answer stands below it, and would be pushed down by it
  const isAnswered = evaluation !== null || hasFailed
  return (
    <div className="page-columns">
      <div className={`page-main ${axis.frame}`}>
        <div className="legend">
          <h2>{say('stateOfCharge')}</h2>
          {sources.length > 1 && (
            <SelectField
              cell
              label={say('sourceShown')}
              value={sourceId ?? ''}
              options={sources.map(({ id, name }) => ({ value: id, words: name }))}
              onChange={setWanted}
            />
          )}
          <span>
            <Swatch line="2.5px solid var(--store)" /> {say('mostLikely')}
          </span>
          <span>
            <Swatch fill="var(--store-wash)" /> {say('likelyRange80')}
          </span>
          <span>
            <Swatch fill="repeating-linear-gradient(-45deg, var(--soft) 0 1px, transparent 1px 5px)" />{' '}
            {say('reserve')}
          </span>
        </div>
        <Guttered className={styles.chart}>
          {(gutters) =>
            curve && evaluation ? (
              <>
                <div className={styles.canvas}>
                  <ChargeChart
                    curve={curve}
                    label={say('stateOfCharge2', { answerText: answerText(evaluation.answer) })}
                    gutter={gutters.left}
                    gutterRight={gutters.right}
                  />
                </div>
                <ChartReadout
                  shownMin={curve.shownMin}
                  gutters={gutters}
                  wordsAt={(minute) => readoutWords(plan, readoutAt(curve, plan, traces, minute))}
                />
              </>
            ) : (
              !hasFailed && <Skeleton variant="rectangular" height="100%" />
            )
          }
        </Guttered>
        {sourceId && evaluation && (
          <Lanes
            plan={plan}
            traces={traces}
            result={evaluation.result}
            shownMin={shownMinutes(evaluation.result, sourceId)}
          />
        )}
        {isAnswered && (
          <Later>
            {curve && evaluation && sourceId && (
              <HoursTable
                plan={plan}
                curve={curve}
                traces={traces}
                unfed={unfedStretches(
                  evaluation.result.chains.find((chain) =>
                    chain.sources.some((one) => one.sourceId === sourceId),
                  )!,
                  curve.shownMin,
                )}
              />
            )}
            <WhatIf />
            {evaluation && <EnergyByLoad plan={plan} result={evaluation.result} />}
          </Later>
        )}
      </div>
      <aside className="page-aside" aria-label={say('whenItEndsAndWhereThe')}>
        {evaluation && <Ends plan={plan} result={evaluation.result} />}
        {evaluation && <Lost plan={plan} evaluation={evaluation} />}
        {isAnswered && (
          <>
            <BuysHours plan={plan} />
            <Later>
              <InForce plan={plan} />
              <MeasureNext />
              {evaluation && <OnTheWay plan={plan} result={evaluation.result} />}
              {evaluation && <EnergyPath plan={plan} result={evaluation.result} />}
            </Later>
          </>
        )}
      </aside>
    </div>
  )
})
