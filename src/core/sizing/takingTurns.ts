import type { Load } from '../plan/schema'

/** Pairs of loads, by id, that never run together because one of them waits while the other runs. */
export type Apart = readonly (readonly [string, string])[]

/** More pairs at one moment than this are not taken apart: all are then counted together, which is the safe side. */
const MOST_PAIRS = 10

/** The pairs that rules keep apart. */
export const apartOf = (loads: readonly Load[]): Apart =>
  loads.flatMap(({ id, steering }) =>
    (steering?.rules ?? []).flatMap((rule) =>
      rule.kind === 'not with' && loads.some((other) => other.id === rule.loadId)
        ? [[id, rule.loadId] as const]
        : [],
    ),
  )

/**
 * The largest sets of loads that may run at one moment when some take turns.
 *
 * @param loads all that may run then by the clock
 */
export function setsTogether(loads: readonly Load[], apart: Apart): (readonly Load[])[] {
  const has = (id: string) => loads.some((load) => load.id === id)
  const pairs = apart.filter(([a, b]) => a !== b && has(a) && has(b))
  if (pairs.length === 0 || pairs.length > MOST_PAIRS) return [loads]
  return pairs[0].flatMap((out) =>
    setsTogether(
      loads.filter(({ id }) => id !== out),
      pairs.slice(1),
    ),
  )
}
