import { momentOf } from '@/words/momentOf'
import type { Plan } from '@/core/plan/document'
import { formatPercent } from '@/words/format'
import type { SimulationResult } from '@/core/simulation/result'
import { onTheWay } from '@/words/en/pages/runtime'
import { wordsOf } from '@/words/translate'
import { eventWords, isNotable } from './eventWords'

const say = wordsOf(onTheWay)

/** What else happens before it ends: sources taking over, limits passed, defrosts, a cut-off or sleep before the reserve. */
export function OnTheWay({ plan, result }: { plan: Plan; result: SimulationResult }) {
  const moment = (minute: number) => momentOf(plan, minute, 10)
  const notable = result.events.filter(isNotable)
  return (
    notable.length > 0 && (
      <>
        <h2>{say('alongTheWay')}</h2>
        <ul className="lines">
          {notable.map((event) => (
            <li key={`${event.kind} ${event.sourceId} ${event.loadId} ${event.limit}`}>
              {eventWords(event, plan)}
              <small>
                {event.fraction < 1
                  ? say('inOfTheRunsFirstAbout', { percent: formatPercent(event.fraction) })
                  : say('about')}
                {moment(event.atMin.p50)}
              </small>
            </li>
          ))}
        </ul>
      </>
    )
  )
}
