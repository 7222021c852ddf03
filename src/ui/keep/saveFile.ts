import type { Household } from '@/core/plan/household'
import { HOUSEHOLD_FORMAT } from '@/core/plan/householdFormat'
import { PLAN_VERSION } from '@/core/plan/limits'
import { saveText } from './saveText'

/** Hands the whole household out as a file, as it stands in this window. */
export function saveFile(household: Household): void {
  const text = `${JSON.stringify({ format: HOUSEHOLD_FORMAT, version: PLAN_VERSION, household }, null, 2)}\n`
  const name = household.profile.name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
  saveText(`${name || 'household'}.json`, 'application/json', text)
}
