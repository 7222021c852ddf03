import { APPLIANCES, outageKindOf } from '@/catalog/appliances'
import type { LineLoad } from '@/core/load/loadLine'
import type { Household } from '@/core/plan/household'
import { LIMITS } from '@/core/plan/limits'
import type { HouseholdLoad } from '@/core/plan/schema'
import { freshId, freshName } from './edits'
import { blankLoad } from '@/catalog/appliances/loadFrom'

/** A load of the household from what a line said; what it did not say comes from the catalogue, the tier in this outage too. */
export function loadOfLine(line: LineLoad, household: Household): HouseholdLoad {
  const { loads, profile, scenarios, chosen } = household
  const mains = profile.mains === '230 V' ? 230 : 120
  const name = freshName((line.name[0].toUpperCase() + line.name.slice(1)).slice(0, LIMITS.nameLength), loads)
  const blank = blankLoad(freshId(name, loads), name, mains)
  const volts = line.volts ?? blank.volts
  const appliance = line.thing && APPLIANCES.find(({ id }) => id === line.thing!.id)
  const scenario = scenarios.find(({ id }) => id === chosen.scenarioId)
  const tier = appliance && scenario ? appliance.tiers[outageKindOf(scenario)] : null
  return {
    ...blank,
    volts,
    leg: volts === 240 ? 'both' : blank.leg,
    behaviour: line.behaviour,
    ...(line.count > 1 ? { count: line.count } : {}),
    start: line.start,
    medical: line.medical,
    note: appliance?.caution ?? '',
    standings: tier ? { [chosen.scenarioId]: { on: tier !== 'notOnBattery', tier } } : {},
  }
}
