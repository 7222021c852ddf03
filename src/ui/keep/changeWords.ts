import { type HouseholdChanges, isUnchanged } from '@/core/plan/householdChanges'

const LISTS = {
  scenarios: ['outage', 'outages'],
  loads: ['load', 'loads'],
  powerSystems: ['power system', 'power systems'],
  equipment: ['piece of own equipment', 'pieces of own equipment'],
} as const
const MOST_NAMES = 4

const named = (names: readonly string[]) =>
  `${names.slice(0, MOST_NAMES).join(', ')}${names.length > MOST_NAMES ? ` and ${names.length - MOST_NAMES} more` : ''}`

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
  if (changes.profile) lines.push('name, mains or currency')
  if (changes.refill) lines.push('panels, generator or car')
  if (changes.wiring) lines.push('cords, cables or what is at risk')
  if (changes.settings) lines.push('what is selected, or what is plugged in where')
  return lines
}
