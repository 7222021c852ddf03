import { render } from '@testing-library/react'
import { planOf } from '@/core/plan/planOf'
import type { Household } from '@/core/plan/household'
import { evaluate } from './saidEvaluation'
import { HouseholdProvider } from '@/ui/household/HouseholdContext'

/** The page's workers are not there: what they would find stays as it was handed in. */
export class NoWorker {
  postMessage(): void {}
  addEventListener(): void {}
  removeEventListener(): void {}
  terminate(): void {}
}

/**
 * Renders parts of a page as they stand in a household.
 *
 * @param evaluated the household as it was evaluated last, where that is an older one
 */
export function inHousehold(household: Household, children: React.ReactNode, evaluated = household) {
  const stored = { id: 'h', version: 1, savedAt: '2027-01-01T10:00:00.000Z', household }
  return render(
    <HouseholdProvider stored={stored} evaluation={evaluate(planOf(evaluated), { runs: 20 })}>
      {children}
    </HouseholdProvider>,
  )
}
