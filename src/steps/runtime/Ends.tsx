import { formatMoment } from '@/core/plan/clock'
import type { Plan } from '@/core/plan/document'
import { formatDuration, formatExactDuration, formatPercent } from '@/core/quantity/format'
import { runsText } from '@/core/sizing/answer'
import type { PlanEvent, SimulationResult } from '@/core/simulation/result'
import styles from './RuntimePage.module.css'

/** The hours of the clock at which the supply ends, and what else happens on the way. */
export function Ends({ plan, result }: { plan: Plan; result: SimulationResult }) {
  const { startsAt } = plan.scenario
  const { runtimeMin, horizonMin } = result
  const moment = (minute: number) =>
    minute === Infinity ? `not within ${formatExactDuration(horizonMin)}` : formatMoment(startsAt, minute, 10)
  const length = (minute: number) => (minute === Infinity ? '' : formatDuration(minute))
  const rows: [string, number][] = [
    ['Early, 1 run in 10', runtimeMin.p10],
    ['Middle run', runtimeMin.p50],
    ['Late, 1 run in 10', runtimeMin.p90],
  ]
  const notable = result.events.filter(({ kind, fraction }) => kind !== 'empty' && fraction >= 0.005)
  return (
    <>
      <h2>When it ends</h2>
      <dl className={styles.list}>
        {rows.map(([words, minute]) => (
          <div key={words}>
            <dt>{words}</dt>
            <dd>
              {moment(minute)}
              <small
                className={styles.note}
                style={{ display: 'block', padding: 0, fontWeight: 400, minHeight: 18 }}
              >
                {length(minute)}
              </small>
            </dd>
          </div>
        ))}
      </dl>
      {notable.length > 0 && (
        <>
          <h2>On the way</h2>
          <ul className={styles.events}>
            {notable.map((event) => (
              <li key={`${event.kind} ${event.sourceId} ${event.loadId} ${event.limit}`}>
                {eventWords(event, plan)}
                <small>
                  {event.fraction < 1
                    ? `in ${formatPercent(event.fraction)} of the runs, first about `
                    : 'about '}
                  {moment(event.atMin.p50)}
                </small>
              </li>
            ))}
          </ul>
        </>
      )}
      <p className={styles.note}>
        From {result.runs} seeded runs;{' '}
        {result.reachesFraction === 0 ? 'none' : runsText(result.reachesFraction)} last the whole outage.
      </p>
    </>
  )
}

function eventWords(event: PlanEvent, plan: Plan): string {
  const source = plan.powerSystem.sources.find(({ id }) => id === event.sourceId)?.name ?? ''
  const load = plan.loads.find(({ id }) => id === event.loadId)?.name ?? ''
  if (event.kind === 'takes-over') return `${source} takes over`
  if (event.kind === 'defrost') return `${load} defrosts`
  if (event.kind === 'ends-in-defrost') return `A defrost of ${load} empties ${source}`
  return event.limit === 'surge'
    ? `${load} starts past the surge limit`
    : `${load} takes it past the continuous limit`
}
