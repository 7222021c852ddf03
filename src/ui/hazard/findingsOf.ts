import { WIRING_TABLES } from '@/catalog/wires'
import type { Judged } from '@/core/hazard/hazardInput'
import { type AnsweredFinding, factsText, hazardsOf } from '@/core/hazard/hazards'
import type { Plan } from '@/core/plan/document'
import { type FindingWords, findingWords } from '@/words/hookup/hazardWords'

/** A finding as it is shown. */
export interface ShownFinding {
  found: AnsweredFinding
  words: FindingWords
  /** what it was found in, kept with an answer */
  facts: string
}

/** The findings of a plan in words; loaded when a page wants them, since few do at first. */
export function shownFindings(plan: Plan, judged: Judged): ShownFinding[] {
  const saying = { units: plan.household.units, startsAt: plan.scenario.startsAt }
  return hazardsOf(plan, judged, WIRING_TABLES).map((found) => ({
    found,
    words: findingWords(found, saying),
    facts: factsText(found),
  }))
}
