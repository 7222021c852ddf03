'use client'
import Button from '@mui/material/Button'
import { formatDuration } from '@/words/format'
import type { MeasureNext } from '@/core/sizing/measureNext'
import { measureList } from '@/words/en/ui/answer'
import { wordsOf } from '@/words/translate'

const say = wordsOf(measureList)

const SHOWN = 3

/** What is worth measuring, and what it would do to the band. */
export function MeasureList(props: {
  measures: MeasureNext[] | null
  /** makes each name a button */
  select?: (loadId: string) => void
}) {
  const { measures, select } = props
  if (!measures) return <p className="hint">{say('whatIsWorthMeasuringIsBeing')}</p>
  if (measures.length === 0) return <p className="hint">{say('nothingLeftToMeasureWouldNarrow')}</p>
  return (
    <ol className="points figures">
      {measures.slice(0, SHOWN).map(({ loadId, name, now, then }) => (
        <li key={loadId ?? `of ${name}`}>
          {select && loadId !== null ? (
            <Button variant="text" onClick={() => select(loadId)}>
              {name}
            </Button>
          ) : loadId === null ? (
            say('itsOwnDraw', { name })
          ) : (
            name
          )}{' '}
          {say('wouldNarrowTheBandFromTo', {
            duration: formatDuration(now.p90 - now.p10),
            duration2: formatDuration(then.p90 - then.p10),
          })}
        </li>
      ))}
    </ol>
  )
}
