import { type HouseholdChanges, isUnchanged } from '@/core/plan/householdChanges'
import { changeWords as changeWordsWords } from '@/words/en/ui/keep'
import { wordsOf } from '@/words/translate'

const say = wordsOf(changeWordsWords)

const MOST_NAMES = 4

/** What changes, a line for each thing. */
export function changeWords(changes: HouseholdChanges): string[] {
  if (isUnchanged(changes)) return [say('nothing')]
  const lines = changes.lists.flatMap(({ list, ...names }) =>
    (['added', 'removed', 'changed'] as const)
      .filter((what) => names[what].length > 0)
      .map((what) =>
        say('line', {
          things: say(list, { count: names[what].length }),
          what,
          names: names[what].slice(0, MOST_NAMES).join(', '),
          more: Math.max(0, names[what].length - MOST_NAMES),
        }),
      ),
  )
  if (changes.profile) lines.push(say('nameMainsOrCurrency'))
  if (changes.refill) lines.push(say('panelsGeneratorOrCar'))
  if (changes.wiring) lines.push(say('cordsCablesOrWhatIsAt'))
  if (changes.settings) lines.push(say('whatIsSelectedOrWhatIs'))
  return lines
}
