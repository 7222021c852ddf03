import { useEffect, useState } from 'react'
import type { Household } from '@/core/plan/household'
import { planOf } from '@/core/plan/planOf'
import type { AnswerPart } from '@/words/answer/answerParts'
import { SimulationClient } from '@/worker/simulationClient'

export type StartAnswer =
  { kind: 'waiting' } | { kind: 'done'; parts: AnswerPart[] } | { kind: 'failed'; message: string }

/** The answer of a household that is still being put together, worked out anew with each change. */
export function useStartAnswer(household: Household): StartAnswer {
  const [client] = useState(() => new SimulationClient())
  const [answer, setAnswer] = useState<StartAnswer>({ kind: 'waiting' })
  useEffect(() => () => client.dispose(), [client])
  useEffect(() => {
    if (household.loads.length === 0) return
    let isOver = false
    void client.evaluateNewest(planOf(household)).then((outcome) => {
      if (!outcome || isOver) return
      setAnswer(outcome.kind === 'done' ? { kind: 'done', parts: outcome.evaluation.answer } : outcome)
    })
    return () => {
      isOver = true
    }
  }, [client, household])
  return answer
}
