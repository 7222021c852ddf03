'use client'
import { memo } from 'react'
import type { Plan } from '@/core/plan/document'
import { useAdvice } from '@/ui/household/useAdvice'
import { useSeen } from '@/ui/household/useSeen'
import { measureNext as measureNextWords } from '@/words/en/ui/answer'
import { wordsOf } from '@/words/translate'
import type { SimulationClient } from '@/worker/simulationClient'
import { MeasureList } from './MeasureList'

const say = wordsOf(measureNextWords)

const ask = (client: SimulationClient, plan: Plan) => client.measureNext(plan)

/** Which measurement narrows the band most; where loads can be chosen, a name leads to its load. */
export const MeasureNext = memo(function MeasureNext(props: { select?: (loadId: string) => void }) {
  const { element, isSeen } = useSeen<HTMLElement>()
  return (
    <section ref={element} aria-label={say('whatToMeasureNext')}>
      <h2>{say('whatToMeasureNext')}</h2>
      <MeasureList measures={useAdvice(ask, isSeen)} {...props} />
    </section>
  )
})
