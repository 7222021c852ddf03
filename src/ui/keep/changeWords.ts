import { type HouseholdChanges, isUnchanged } from '@/core/plan/householdChanges'
import { changeWords as changeWordsWords } from '@/words/en/ui/keep'
import { wordsOf } from '@/words/translate'

const say = wordsOf(changeWordsWords)

const LISTS = {
  scenarios: ['outage', 'outages'],
  loads: ['load', 'loads'],
  powerSystems: [say('powerSystem'), say('powerSystems')],
  equipment: [say('pieceOfOwnEquipment'), say('piecesOfOwnEquipment')],
} as const
const MOST_NAMES = 4

const named = (names: readonly string[]) =>
  `${names.slice(0, MOST_NAMES).join(', ')}${names.length > MOST_NAMES ? say('andMore', { nNames: names.length - MOST_NAMES }) : ''}`

/** What changes, a line for each thing. */
export function changeWords(changes: HouseholdChanges): string[] {
  if (isUnchanged(changes)) return ['nothing']
  const lines = changes.lists.flatMap(({ list, added, removed, changed }) =>
    (
      [
        ['added', added],
        ['removed', removed],
        ['changed', changed],
      ] as const
    )
      .filter(([, names]) => names.length > 0)
      .map(
        ([what, names]) =>
          `${names.length} ${LISTS[list][names.length === 1 ? 0 : 1]} ${what}: ${named(names)}`,
      ),
  )
  if (changes.profile) lines.push(say('nameMainsOrCurrency'))
  if (changes.refill) lines.push(say('panelsGeneratorOrCar'))
  if (changes.wiring) lines.push(say('cordsCablesOrWhatIsAt'))
  if (changes.settings) lines.push(say('whatIsSelectedOrWhatIs'))
  return lines
}
