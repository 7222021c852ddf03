import { canonical } from '../quantity/canonical'
import type { Household } from './household'

/** What differs between two states of a household, in one of its lists. */
export interface ListChange {
  list: 'scenarios' | 'loads' | 'powerSystems' | 'equipment'
  /** by name */
  added: string[]
  removed: string[]
  changed: string[]
}

export interface HouseholdChanges {
  lists: ListChange[]
  /** whether its name or the like, what refills it, or what hangs where and is chosen differs */
  profile: boolean
  refill: boolean
  /** cords, cables, what suffers without power, findings answered */
  wiring: boolean
  settings: boolean
}

/** What would come to be and go if one state of a household took another's place. */
export function changesBetween(before: Household, after: Household): HouseholdChanges {
  const named = (
    household: Household,
  ): Record<ListChange['list'], Map<string, { name: string; text: string }>> => ({
    scenarios: byId(household.scenarios.map((item) => ({ ...item, item }))),
    loads: byId(household.loads.map((item) => ({ ...item, item }))),
    powerSystems: byId(household.powerSystems.map((item) => ({ ...item, item }))),
    equipment: byId(
      (household.equipment ?? []).map((item) => ({ id: item.id, name: item.source.name, item })),
    ),
  })
  const [old, now] = [named(before), named(after)]
  const lists = (['scenarios', 'loads', 'powerSystems', 'equipment'] as const)
    .map((list): ListChange => {
      const names = (of: typeof old.loads, wanted: (id: string, text: string) => boolean) =>
        [...of].filter(([id, { text }]) => wanted(id, text)).map(([, { name }]) => name)
      return {
        list,
        added: names(now[list], (id) => !old[list].has(id)),
        removed: names(old[list], (id) => !now[list].has(id)),
        changed: names(now[list], (id, text) => old[list].has(id) && old[list].get(id)!.text !== text),
      }
    })
    .filter(({ added, removed, changed }) => added.length + removed.length + changed.length > 0)
  const differs = (a: unknown, b: unknown) => canonical(a) !== canonical(b)
  return {
    lists,
    profile: differs(before.profile, after.profile),
    refill: differs(before.refill, after.refill),
    wiring: differs(before.wiring, after.wiring),
    settings: differs([before.hangsOn, before.chosen], [after.hangsOn, after.chosen]),
  }
}

export const isUnchanged = ({ lists, profile, refill, wiring, settings }: HouseholdChanges): boolean =>
  lists.length === 0 && !profile && !refill && !wiring && !settings

const byId = (list: readonly { id: string; name: string; item: unknown }[]) =>
  new Map(list.map(({ id, name, item }) => [id, { name, text: canonical(item) }]))
