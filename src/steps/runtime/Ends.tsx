import { momentOf } from '@/core/plan/momentOf'
import type { Plan } from '@/core/plan/document'
import { formatDuration, formatExactDuration } from '@/core/quantity/format'
import { runsText } from '@/core/sizing/runsAndBands'
import type { SimulationResult } from '@/core/simulation/result'
import styles from './RuntimePage.module.css'

/** The hours of the clock at which the supply ends. */
export function Ends({ plan, result }: { plan: Plan; result: SimulationResult }) {
  const { startsAt } = plan.scenario
  const { runtimeMin, horizonMin } = result
  const moment = (minute: number) =>
    minute === Infinity ? `not within ${formatExactDuration(horizonMin)}` : momentOf(plan, minute, 10)
  const length = (minute: number) => (minute === Infinity ? '' : formatDuration(minute))
  const rows: [string, number][] = [
    ['Earliest (1 in 10)', runtimeMin.p10],
    ['Most likely', runtimeMin.p50],
    ['90 % sure by', runtimeMin.p90],
  ]
  return (
    <>
      <h2>When it ends</h2>
      <dl className={styles.list}>
        {rows.map(([words, minute]) => (
          <div key={words}>
            <dt>{words}</dt>
            <dd>
              {moment(minute)}
              <br />
              <small className={styles.length}>{length(minute)}</small>
            </dd>
          </div>
        ))}
      </dl>
      <p className={styles.note}>
        From {result.runs} simulated runs; {runsText(result.reachesFraction)}{' '}
        {result.reachesFraction === 0 ? 'lasts' : 'last'} the whole outage.
      </p>
    </>
  )
}
