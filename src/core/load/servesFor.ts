import type { Load } from '../plan/schema'

/**
 * What depends on a load: food kept cold or frozen, a warm house, things that must not freeze, cooled rooms, animals, a
 * pit that fills, drawn water, or nothing that spoils.
 */
export type ServesFor =
  | 'cold food'
  | 'frozen food'
  | 'warm house'
  | 'frost guard'
  | 'cooled rooms'
  | 'animals'
  | 'pit'
  | 'water'
  | 'nothing'

/** A box that is kept colder than this keeps frozen food; colder than the other, food; °C. */
const FROZEN_C = -10
const FOOD_C = 8
const ANIMALS =
  /aquarium|fish|tank (heater|filter)|canister filter|bubbler|air stone|koi|reef|turtle|terrarium|reptile|vivarium|incubator|brooder|chick|pond|hive/i
const FROST = /pipe|trace|heat(ing)? (tape|cable)|frost|de-?ic/i

/** Told by how it behaves first, by its name where that does not say. */
export function servesFor({ name, behaviour }: Pick<Load, 'name' | 'behaviour'>): ServesFor {
  if (ANIMALS.test(name)) return 'animals'
  if (FROST.test(name)) return 'frost guard'
  if (behaviour.kind === 'cycling' && behaviour.follows) {
    const { mode, setC } = behaviour.follows
    if (mode === 'heating') return 'warm house'
    if (setC.value <= FROZEN_C) return 'frozen food'
    return setC.value <= FOOD_C ? 'cold food' : 'cooled rooms'
  }
  if (behaviour.kind === 'pump') {
    if (behaviour.inflowFollows === 'rain') return 'pit'
    if (behaviour.inflowFollows === 'use') return 'water'
  }
  return 'nothing'
}
