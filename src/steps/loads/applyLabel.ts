import type { LabelResult, PlateKind } from '@/core/load/label'
import type { HouseholdLoad } from '@/core/plan/schema'
import { quantity } from '@/core/quantity/quantity'
import { withStart } from './loadForm'

const HEATERS = /heater|kettle|toaster|oven|dryer|iron|lamp|blanket|mat\b/i
const COLD = /fridge|refrigerator|freezer|cooler/i

/** What kind of plate a load most likely has. */
export function plateKindOf({ name, behaviour, start }: HouseholdLoad): PlateKind {
  if (COLD.test(name) || (behaviour.kind === 'cycling' && behaviour.follows?.mode === 'cooling'))
    return 'cold box'
  if (start || behaviour.kind === 'pump') return 'motor'
  return HEATERS.test(name) ? 'heat' : 'electronics'
}

/**
 * The parts of a load that its plate changes. On a cold box the plate's limit is its defrost, not its compressor, whose
 * watts stay as they were unless the plate is lower.
 */
export function applyLabel(
  load: HouseholdLoad,
  result: LabelResult,
  kind: PlateKind,
): Partial<HouseholdLoad> {
  const { limitW, runningW, averageW, whCycle, startVa, plate } = result
  const { behaviour } = load
  const changed: Partial<HouseholdLoad> = {}
  const startFrom = startVa === null ? load.start : withStart(startVa, 'label')
  if (startVa !== null && startFrom && plate.hp !== null && plate.codeLetter)
    startFrom.basis = { kind: 'code letter', hp: plate.hp, letter: plate.codeLetter }
  if (startVa !== null) changed.start = startFrom
  if (behaviour.kind === 'cycling') {
    const isCold = kind === 'cold box'
    const running = runningW && !isCold ? runningW : behaviour.runningW
    const capped =
      isCold && limitW && behaviour.runningW.value > limitW.value
        ? { ...behaviour.runningW, value: limitW.value }
        : running
    const highest = Math.max(capped.value, isCold ? (limitW?.value ?? 0) : 0)
    const average = averageW ?? behaviour.averageW
    changed.behaviour = {
      ...behaviour,
      runningW: capped,
      averageW: { ...average, value: Math.min(average.value, highest || average.value) },
      ...(isCold && limitW && behaviour.defrost ? { defrost: { ...behaviour.defrost, watts: limitW } } : {}),
      // a year's energy is told for a room of 32 °C with its doors shut
      ...(averageW && behaviour.follows?.mode === 'cooling'
        ? { follows: { ...behaviour.follows, knownAtC: quantity(32.2, '°C', 'label', { plusMinus: 0.5 }) } }
        : {}),
    }
    return changed
  }
  if (behaviour.kind === 'session' && whCycle) {
    const watts = runningW?.value ?? behaviour.runningW.value
    changed.behaviour = {
      ...behaviour,
      runningW: runningW ?? behaviour.runningW,
      minutesEach: quantity(
        Math.min(1440, Math.max(0.05, Math.round((whCycle.value / Math.max(1, watts)) * 600) / 10)),
        'min',
        'label',
        { times: 1.3 },
      ),
    }
    return changed
  }
  const running = runningW ?? (averageW && behaviour.kind === 'constant' ? averageW : null)
  if (running) changed.behaviour = { ...behaviour, runningW: running }
  return changed
}
