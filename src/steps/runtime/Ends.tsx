import { momentOf } from '@/words/momentOf'
import type { Plan } from '@/core/plan/document'
import { formatDuration, formatExactDuration } from '@/words/format'
import { runsText } from '@/words/workings/runsAndBands'
import type { SimulationResult } from '@/core/simulation/result'
import { ends } from '@/words/en/pages/runtime'
import { wordsOf } from '@/words/translate'

const say = wordsOf(ends)

/** The hours of the clock at which the supply ends. */
export function Ends({ plan, result }: { plan: Plan; result: SimulationResult }) {
  const { runtimeMin, horizonMin } = result
  const moment = (minute: number) =>
    minute === Infinity
      ? say('notWithin', { exactDuration: formatExactDuration(horizonMin) })
      : momentOf(plan, minute, 10)
  const length = (minute: number) => (minute === Infinity ? '' : formatDuration(minute))
  const rows: [string, number][] = [
    [say('earliest1In10'), runtimeMin.p10],
    [say('mostLikely'), runtimeMin.p50],
    [say('text90SureBy'), runtimeMin.p90],
  ]
  return (
    <>
      <h2>{say('whenItEnds')}</h2>
      <dl className="facts">
        {rows.map(([words, minute]) => (
          <div key={words}>
            <dt>{words}</dt>
            <dd>
              {moment(minute)}
              <br />
              <small>{length(minute)}</small>
            </dd>
          </div>
        ))}
      </dl>
      <p className="hint">
        {say('fromSimulatedRunsTheWholeOutage', {
          runs: result.runs,
          runsText: runsText(result.reachesFraction),
          reachesFraction: result.reachesFraction === 0 ? 'yes' : 'no',
        })}
      </p>
    </>
  )
}
