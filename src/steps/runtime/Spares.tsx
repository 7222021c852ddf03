'use client'
import type { Plan } from '@/core/plan/document'
import type { LeverLoss } from '@/core/sizing/byLosses'
import { type Spares as Words, sparesWords } from '@/words/hookup/hookupWords'

/** What a lever spares of what would be lost, as its gain or as the line under it. */
export function Spares({ plan, loss, as }: { plan: Plan; loss: LeverLoss; as: keyof Words }) {
  return sparesWords(loss, { units: plan.household.units, startsAt: plan.scenario.startsAt })[as]
}
