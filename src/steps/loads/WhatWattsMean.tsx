'use client'
import FormControlLabel from '@mui/material/FormControlLabel'
import Radio from '@mui/material/Radio'
import RadioGroup from '@mui/material/RadioGroup'
import type { Behaviour } from '@/core/plan/schema'
import { formatPercent, formatWatts } from '@/words/format'
import { whatWattsMean } from '@/words/en/pages/behaviourFields'
import { wordsOf } from '@/words/translate'
import { type RunningMeans, highestW, withRunningW } from './runningMeans'

const say = wordsOf(whatWattsMean)

interface Asked {
  before: Behaviour
  watts: number
}

/** Whether the watts that were typed are those of the running compressor alone, or all of the load is larger. */
export function WhatWattsMean(props: Asked & { means: RunningMeans; choose: (means: RunningMeans) => void }) {
  const { means, choose, ...asked } = props
  return (
    <RadioGroup value={means} onChange={(event) => choose(event.target.value as RunningMeans)}>
      <Choice asked={asked} means="average stays" />
      <Choice asked={asked} means="average follows" />
    </RadioGroup>
  )
}

function Choice({ asked, means }: { asked: Asked; means: RunningMeans }) {
  const next = withRunningW(asked.before, asked.watts, means)
  if (next.kind !== 'cycling' || asked.before.kind !== 'cycling') return null
  const average = formatWatts(next.averageW.value)
  const isPossible = means === 'average follows' || asked.before.averageW.value <= highestW(next)
  const share = formatPercent(Math.min(1, next.averageW.value / Math.max(1e-9, next.runningW.value)))
  return (
    <FormControlLabel
      value={means}
      disabled={!isPossible}
      control={<Radio size="small" />}
      label={
        means === 'average stays'
          ? isPossible
            ? say('measuredWhileItRanTheAverage', { average, share })
            : say('theAverageCannotStayItWould')
          : say('allOfItIsTheAverage', {
              watts: asked.watts > asked.before.runningW.value ? 'yes' : 'no',
              average,
              share,
            })
      }
    />
  )
}
