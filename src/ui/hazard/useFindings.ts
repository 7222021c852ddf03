import { useDeferredValue, useEffect, useState } from 'react'
import { later } from '../shell/part'
import { fitsPlan } from '../household/fitsPlan'
import { planFor } from '../household/planFor'
import type { Household } from '@/core/plan/household'
import type { Evaluation } from '@/words/answer/evaluation'
import { useHousehold } from '../household/HouseholdContext'
import type { ShownFinding } from './findingsOf'

const loadFindings = later(() => import('./findingsOf'))

let latest: { household: Household; evaluation: Evaluation; findings: ShownFinding[] } | null = null

/** What can hurt in the plan as it stands; null until it is worked out, which happens apart from what is painted first. */
export function useFindings(): ShownFinding[] | null {
  const household = useDeferredValue(useHousehold((state) => state.household))
  const evaluation = useDeferredValue(useHousehold((state) => state.evaluation))
  const [findings, setFindings] = useState<ShownFinding[] | null>(null)
  useEffect(() => {
    const plan = planFor(household)
    // those of before stay until the answer to what was changed has come
    if (!evaluation || !fitsPlan(plan, evaluation.result)) return
    let isCurrent = true
    void loadFindings().then(({ shownFindings }) => {
      if (!isCurrent) return
      if (latest?.household !== household || latest.evaluation !== evaluation)
        latest = { household, evaluation, findings: shownFindings(plan, evaluation) }
      setFindings(latest.findings)
    })
    return () => {
      isCurrent = false
    }
  }, [household, evaluation])
  return findings
}
