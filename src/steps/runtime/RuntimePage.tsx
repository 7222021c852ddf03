'use client'
import { SelectField } from '@/ui/field/SelectField'
import Skeleton from '@mui/material/Skeleton'
import dynamic from 'next/dynamic'
import { useMemo, useState } from 'react'
import { planOf } from '@/core/plan/planOf'
import { answerText } from '@/core/sizing/answer'
import { typicalRun } from '@/core/simulation/trace'
import { chargeCurve } from '@/ui/chart/chargeCurve'
import { ChartReadout } from '@/ui/chart/ChartReadout'
import { readoutAt, readoutWords } from '@/ui/chart/readout'
import { useHousehold } from '@/ui/household/HouseholdContext'
import { BuysHours } from './BuysHours'
import { Ends } from './Ends'
import { HoursTable } from './HoursTable'
import { InForce } from './InForce'
import { Lanes } from './Lanes'
import { MeasureNext } from '@/ui/strip/MeasureNext'
import { OnTheWay } from './OnTheWay'
import { useGutters } from '@/ui/timeline/useGutters'
import { EnergyByLoad } from './EnergyByLoad'
import { EnergyPath } from './EnergyPath'
import { WhatIf } from './WhatIf'
import styles from './RuntimePage.module.css'

const ChargeChart = dynamic(() => import('@/ui/chart/ChargeChart'), { ssr: false })

/** State of charge over the clock, what every load takes, and when it ends. */
export function RuntimePage() {
  const household = useHousehold((state) => state.household)
  const evaluation = useHousehold((state) => state.evaluation)
  const failure = useHousehold((state) => state.failure)
  const plan = useMemo(() => planOf(household), [household])
  const { sources } = plan.powerSystem
  const { frame, gutters } = useGutters()
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
  const shownMin = curve?.shownMin
  const traces = useMemo(
    () => (shownMin === undefined ? [] : typicalRun(plan, Math.ceil(shownMin))),
    [plan, shownMin],
  )
  return (
    <div className={styles.columns}>
      <div className={styles.main}>
        <div className={styles.legend}>
          <h2>State of charge</h2>
          {sources.length > 1 && (
            <SelectField
              cell
              label="Source shown"
              value={sourceId ?? ''}
              options={sources.map(({ id, name }) => ({ value: id, words: name }))}
              onChange={setWanted}
            />
          )}
          <span>
            <i className={styles.keyLine} /> most likely
          </span>
          <span>
            <i className={styles.keyBand} /> likely range (80 %)
          </span>
          <span>
            <i className={styles.keyHatch} /> reserve
          </span>
        </div>
        <div ref={frame} className={styles.chart}>
          {!curve && !failure && <Skeleton variant="rectangular" height="100%" />}
          {curve && evaluation && (
            <>
              <div className={styles.canvas}>
                <ChargeChart
                  curve={curve}
                  label={`State of charge. ${answerText(evaluation.answer)}`}
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
          )}
        </div>
        {curve && evaluation && (
          <Lanes
            plan={plan}
            traces={traces}
            result={evaluation.result}
            shownMin={curve.shownMin}
            gutters={gutters}
          />
        )}
        {curve && <HoursTable plan={plan} curve={curve} traces={traces} />}
        <WhatIf />
        {evaluation && <EnergyByLoad plan={plan} result={evaluation.result} />}
      </div>
      <aside className={styles.side} aria-label="When it ends and where the energy goes">
        {evaluation && <Ends plan={plan} result={evaluation.result} />}
        <BuysHours plan={plan} />
        <InForce plan={plan} />
        <MeasureNext className={styles.note} />
        {evaluation && <OnTheWay plan={plan} result={evaluation.result} />}
        {evaluation && <EnergyPath plan={plan} result={evaluation.result} />}
      </aside>
    </div>
  )
}
