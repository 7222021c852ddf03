import { averageW } from '../load/average'
import type { Load, Scenario } from '../plan/schema'
import { middleLoad } from './chance'
import { compileLoad, hoursOf } from './compile'
import { DemandGrid } from './demand'
import { emptyLoadValues } from './loadValues'

const DAY_MIN = 1440

/**
 * A load's average watts in this outage: its weather, its rain, its steering; over whole days from the start, one at
 * least, at the middle values. What is not steered needs no run: the mean of its hours, and the defrosts its running
 * time brings.
 */
export function expectedW(load: Load, scenario: Scenario): number {
  const { behaviour, steering } = load
  const cycles = behaviour.kind === 'cycling' || behaviour.kind === 'pump'
  if (!steering && !cycles) return averageW(behaviour)
  const days = Math.min(3, Math.max(1, Math.ceil(scenario.durationH / 24)))
  const lengthMin = days * DAY_MIN
  const compiled = compileLoad(load, 0, scenario, lengthMin)
  const values = middleLoad(compiled, 1, emptyLoadValues(hoursOf(lengthMin)))
  if (!steering) {
    const { wattsH, dutyH, defrostW, defrostMin, defrostEveryMin } = values
    const idleW = behaviour.kind === 'cycling' ? values.idleW : 0
    const perRunningW = defrostEveryMin > 0 ? ((defrostW - idleW) * defrostMin) / defrostEveryMin : 0
    let sum = 0
    // nothing else runs while it defrosts
    const defrostShare = defrostEveryMin > 0 ? defrostMin / defrostEveryMin : 0
    for (let h = 0; h < days * 24; h++)
      sum += idleW + (dutyH[h] * (wattsH[h] - idleW + perRunningW)) / (1 + dutyH[h] * defrostShare)
    return sum / (days * 24)
  }
  const grid = new DemandGrid([compiled], lengthMin)
  grid.write(0, compiled, values)
  return (grid.energyWh(0, lengthMin) * 60) / lengthMin
}
