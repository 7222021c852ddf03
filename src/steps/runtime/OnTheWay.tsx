import { formatMoment } from '@/core/plan/clock'
import type { Plan } from '@/core/plan/document'
import { formatPercent } from '@/core/quantity/format'
import type { PlanEvent, SimulationResult } from '@/core/simulation/result'
import styles from './RuntimePage.module.css'

/** What else happens before it ends: sources taking over, limits passed, defrosts. */
export function OnTheWay({ plan, result }: { plan: Plan; result: SimulationResult }) {
  const moment = (minute: number) => formatMoment(plan.scenario.startsAt, minute, 10)
  const notable = result.events.filter(({ kind, fraction }) => kind !== 'empty' && fraction >= 0.005)
  return (
    notable.length > 0 && (
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
    )
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
