import type { Behaviour } from '../plan/schema'

/**
 * Heating is chosen for the coldest of its place: where that is colder than the day its usual duty is known at, the same
 * duty belongs to the colder day. Common practice, no source.
 *
 * @param coldestC the coldest of the place that is known, °C
 * @returns the behaviour itself where nothing changes
 */
export function onDesignDay(behaviour: Behaviour, coldestC: number): Behaviour {
  if (behaviour.kind !== 'cycling' || behaviour.follows?.mode !== 'heating') return behaviour
  const { follows, averageW } = behaviour
  if (averageW.evidence !== 'typical' || follows.surroundings !== 'outdoors') return behaviour
  if (coldestC >= follows.knownAtC.value) return behaviour
  return { ...behaviour, follows: { ...follows, knownAtC: { ...follows.knownAtC, value: coldestC } } }
}
