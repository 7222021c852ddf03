import type { Told } from '@/core/quantity/told'
import { sayTold } from '@/words/sayTold'
import { useUnits } from '../field/units'
import { useScenario } from './HouseholdContext'

/** Says facts of the core in the household's units. */
export function useTold() {
  const units = useUnits()
  const { startsAt } = useScenario()
  return (fact: Told) => sayTold(fact, { units, startsAt })
}
