import * as z from 'zod'
import { PLAN_FORMAT, PLAN_VERSION, type Plan, powerFaults } from './document'
import { type Fault, faultsOf } from './fault'
import {
  LIMITS,
  householdLoadSchema,
  idSchema,
  powerSystemSchema,
  profileSchema,
  scenarioSchema,
  type Tier,
} from './schema'

/**
 * All a household keeps: several scenarios, one list of loads with their standing in each scenario, and
 * several power systems. A plan document is one scenario and one power system of it.
 */
export const householdSchema = z.strictObject({
  profile: profileSchema,
  scenarios: z.array(scenarioSchema).min(1).max(LIMITS.scenarios),
  loads: z.array(householdLoadSchema).max(LIMITS.loads),
  powerSystems: z.array(powerSystemSchema).min(1).max(LIMITS.powerSystems),
  /** by power system, by load: the source it hangs on, where that is not the first */
  hangsOn: z.record(idSchema, z.record(idSchema, idSchema)),
  chosen: z.strictObject({ scenarioId: idSchema, powerSystemId: idSchema }),
})

export type Household = z.infer<typeof householdSchema>
export type HouseholdReading = { ok: true; household: Household } | { ok: false; faults: Fault[] }

/** Reads an unknown value as a household; every fault comes with the path of its field and what would be right. */
export function readHousehold(input: unknown): HouseholdReading {
  const parsed = householdSchema.safeParse(input)
  if (!parsed.success) return { ok: false, faults: faultsOf(parsed.error) }
  const household = parsed.data
  const faults = household.powerSystems.flatMap((system, i) => powerFaults(system, `powerSystems[${i}]`))
  for (const [key, list] of Object.entries({
    scenarios: household.scenarios,
    loads: household.loads,
    powerSystems: household.powerSystems,
  })) {
    const seen = new Set<string>()
    list.forEach(({ id }, i) => {
      if (seen.has(id))
        faults.push({ path: `${key}[${i}].id`, message: `“${id}” is used twice; every id must be its own` })
      seen.add(id)
    })
  }
  if (!household.scenarios.some(({ id }) => id === household.chosen.scenarioId))
    faults.push({ path: 'chosen.scenarioId', message: 'names no scenario of this household' })
  if (!household.powerSystems.some(({ id }) => id === household.chosen.powerSystemId))
    faults.push({ path: 'chosen.powerSystemId', message: 'names no power system of this household' })
  return faults.length ? { ok: false, faults } : { ok: true, household }
}

/** How a load stands in a scenario that says nothing of it. */
export const DEFAULT_STANDING: { on: boolean; tier: Tier } = { on: true, tier: 'hold' }

/**
 * The plan document of one scenario and one power system of a household.
 *
 * @param scenarioId defaults to the chosen one
 * @param powerSystemId defaults to the chosen one
 * @throws RangeError when the household has no such scenario or power system
 */
export function planOf(
  household: Household,
  scenarioId = household.chosen.scenarioId,
  powerSystemId = household.chosen.powerSystemId,
): Plan {
  const scenario = household.scenarios.find(({ id }) => id === scenarioId)
  const powerSystem = household.powerSystems.find(({ id }) => id === powerSystemId)
  if (!scenario || !powerSystem) throw new RangeError('no such scenario or power system')
  const hangsOn = household.hangsOn[powerSystemId] ?? {}
  const known = new Set(powerSystem.sources.map(({ id }) => id))
  const loads = household.loads.map(({ standings, ...load }) => ({
    ...load,
    ...(standings[scenarioId] ?? DEFAULT_STANDING),
    sourceId: known.has(hangsOn[load.id]) ? hangsOn[load.id] : powerSystem.sources[0].id,
  }))
  return {
    format: PLAN_FORMAT,
    version: PLAN_VERSION,
    household: household.profile,
    scenario,
    loads,
    powerSystem,
    refill: {},
  }
}
