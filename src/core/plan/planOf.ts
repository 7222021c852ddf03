import { agedLoad, agedSource } from './agedParts'
import { ownEntry } from './builtInIds'
import type { Plan } from './document'
import type { Household } from './household'
import { PLAN_FORMAT, PLAN_VERSION } from './limits'
import { NO_REFILL } from './noRefill'
import type { PowerSystem, Standing } from './schema'

/** How a load stands in a scenario that says nothing of it. */
export const DEFAULT_STANDING: Standing = { on: true, tier: 'critical' }

/**
 * The plan document of one scenario and one power system of a household, with what was tested as old as it is on a day.
 *
 * @param scenarioId defaults to the chosen one
 * @param powerSystemId defaults to the chosen one
 * @param day "YYYY-MM-DD"; the one the outage begins on unless given
 * @throws RangeError when the household has no such scenario or power system
 */
export function planOf(
  household: Household,
  scenarioId = household.chosen.scenarioId,
  powerSystemId = household.chosen.powerSystemId,
  day?: string,
): Plan {
  const scenario = household.scenarios.find(({ id }) => id === scenarioId)
  const powerSystem = household.powerSystems.find(({ id }) => id === powerSystemId)
  if (!scenario || !powerSystem) throw new RangeError('no such scenario or power system')
  const hangings = ownEntry(household.hangsOn, powerSystemId)
  const known = new Set(powerSystem.sources.map(({ id }) => id))
  const on = day ?? scenario.startsAt.slice(0, 10)
  const loads = household.loads.map((kept) => {
    const { standings, ...load } = agedLoad(kept, on)
    const sourceId = ownEntry(hangings, load.id)
    return {
      ...load,
      ...(ownEntry(standings, scenarioId) ?? DEFAULT_STANDING),
      sourceId: sourceId !== undefined && known.has(sourceId) ? sourceId : powerSystem.sources[0].id,
    }
  })
  return {
    format: PLAN_FORMAT,
    version: PLAN_VERSION,
    household: household.profile,
    scenario,
    loads,
    powerSystem: agedSystem(powerSystem, on),
    refill: household.refill ?? NO_REFILL,
    ...(household.wiring && { wiring: household.wiring }),
  }
}

function agedSystem(system: PowerSystem, day: string): PowerSystem {
  const sources = system.sources.map((source) => agedSource(source, day))
  return sources.some((source, i) => source !== system.sources[i]) ? { ...system, sources } : system
}
