import { averageW } from '../load/average'
import type { Load, Scenario } from '../plan/schema'
import { middleLoad } from './chance'
import { compileLoad, hoursOf } from './compile'
import { DemandGrid } from './demand'
import { emptyLoadValues } from './loadValues'

const DAY_MIN = 1440

/**
 * A load's average watts in this outage: its weather, its rain, its steering; over whole days from the start, one at
 * least, at the middle values.
 */
export function expectedW(load: Load, scenario: Scenario): number {
  if (!load.steering && load.behaviour.kind !== 'cycling' && load.behaviour.kind !== 'pump')
    return averageW(load.behaviour)
  const days = Math.min(3, Math.max(1, Math.ceil(scenario.durationH / 24)))
  const lengthMin = days * DAY_MIN
  const compiled = compileLoad(load, 0, scenario, lengthMin)
  const grid = new DemandGrid([compiled], lengthMin)
  grid.write(0, compiled, middleLoad(compiled, 1, emptyLoadValues(hoursOf(lengthMin))))
  return (grid.energyWh(0, lengthMin) * 60) / lengthMin
}
