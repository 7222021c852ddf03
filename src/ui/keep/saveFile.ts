import type { Household } from '@/core/plan/household'
import { HOUSEHOLD_FORMAT } from '@/core/plan/householdFormat'
import { PLAN_VERSION } from '@/core/plan/limits'
import { runFile } from '@/core/run/runDocument'
import { saveFile as saveFileWords } from '@/words/en/ui/keep'
import { wordsOf } from '@/words/translate'
import { saveText } from './saveText'

const say = wordsOf(saveFileWords)

/**
 * Hands the whole household out as a file, as it stands in this window, with its runs and their photos.
 *
 * @returns in words what is not in it; null where all is
 */
export async function saveFile(householdId: string, household: Household): Promise<string | null> {
  const { gatherRuns } = await import('../runs/runArchive')
  const { runs, isWhole } = await gatherRuns(householdId)
  const file = {
    format: HOUSEHOLD_FORMAT,
    version: PLAN_VERSION,
    household,
    ...(runs.length > 0 && { runs: runs.map(runFile) }),
  }
  const text = `${JSON.stringify(file, null, 2)}\n`
  const name = household.profile.name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
  saveText(`${name || 'household'}.json`, 'application/json', text)
  return isWhole ? null : say('whatIsNotOnThisDevice')
}
