import type { PlateKind } from '../plan/limits'
import type { Behaviour } from '../plan/schema'

const HEATERS =
  /heater|kettle|toaster|oven|dryer|\biron\b|lamp|blanket|mat\b|stove|range|grill|fryer|cooker|radiator|halogen|bulb/i
const COLD = /fridge|refrigerator|freezer|cooler/i
const HEAT_LIKE_BUT_MOTOR = /hood|gas/i

/** What kind of label a thing most likely has. */
export function plateKindOf(thing: { name: string; behaviour: Behaviour; hasStart: boolean }): PlateKind {
  const { name, behaviour, hasStart } = thing
  const isBox = behaviour.kind === 'cycling' && behaviour.follows?.mode === 'cooling'
  if (COLD.test(name) || (isBox && behaviour.box && (behaviour.follows?.setC.value ?? 20) < 10))
    return 'cold box'
  if (hasStart || behaviour.kind === 'pump' || isBox) return 'motor'
  return HEATERS.test(name) && !HEAT_LIKE_BUT_MOTOR.test(name) ? 'heat' : 'electronics'
}
