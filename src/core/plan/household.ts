import * as z from 'zod'
import { told } from '../quantity/told'
import { powerFaults } from './document'
import { equipmentSchema } from './equipment'
import { type Fault, faultsOf } from './fault'
import { brokenText } from './brokenText'
import { LIMITS } from './limits'
import { upgradeHousehold } from './migrate'
import { householdLoadSchema, idSchema, profileSchema, scenarioSchema } from './schema'
import { powerSystemSchema } from './power'
import { refillSchema } from './refill'
import { refillFaults } from './refillFaults'
import { wiringSchema } from './wiring'
import { wiringFaults } from './wiringFaults'

/**
 * All a household keeps: several scenarios, one list of loads with their standing in each scenario, and
 * several power systems. A plan document is one scenario and one power system of it.
 */
export const householdSchema = z.strictObject({
  profile: profileSchema,
  scenarios: z.array(scenarioSchema).min(1).max(LIMITS.scenarios),
  loads: z.array(householdLoadSchema).max(LIMITS.loads),
  powerSystems: z.array(powerSystemSchema).min(1).max(LIMITS.powerSystems),
  /** what stands in the cellar or was looked at: beside the catalogue */
  equipment: z.array(equipmentSchema).max(LIMITS.equipment).optional(),
  /** what refills any of the power systems */
  refill: refillSchema.optional(),
  /** how things are connected, what suffers without power, and which findings are answered */
  wiring: wiringSchema.optional(),
  /** by power system, by load: the source it hangs on, where that is not the first */
  hangsOn: z.record(idSchema, z.record(idSchema, idSchema)),
  chosen: z.strictObject({ scenarioId: idSchema, powerSystemId: idSchema }),
})

export type Household = z.infer<typeof householdSchema>
export type HouseholdReading = { ok: true; household: Household } | { ok: false; faults: Fault[] }

/** Reads an unknown value as a household; every fault comes with the path of its field and what would be right. */
export function readHousehold(input: unknown): HouseholdReading {
  const broken = brokenText(input)
  if (broken) return { ok: false, faults: [broken] }
  // mostly it is of this version already, and needs no copy that is upgraded
  const asItIs = householdSchema.safeParse(input)
  const parsed = asItIs.success ? asItIs : householdSchema.safeParse(upgradeHousehold(input))
  if (!parsed.success) return { ok: false, faults: faultsOf(parsed.error) }
  const household = parsed.data
  const faults = household.powerSystems.flatMap((system, i) => powerFaults(system, `powerSystems[${i}]`))
  if (household.refill) faults.push(...refillFaults(household.refill, 'refill'))
  faults.push(...wiringFaults(household.wiring, 'wiring'))
  for (const [key, list] of Object.entries({
    scenarios: household.scenarios,
    loads: household.loads,
    powerSystems: household.powerSystems,
    equipment: household.equipment ?? [],
  })) {
    const seen = new Set<string>()
    list.forEach(({ id }, i) => {
      if (seen.has(id)) faults.push({ path: `${key}[${i}].id`, message: told('document.usedTwice', { id }) })
      seen.add(id)
    })
  }
  if (!household.scenarios.some(({ id }) => id === household.chosen.scenarioId))
    faults.push({ path: 'chosen.scenarioId', message: told('document.noScenario') })
  if (!household.powerSystems.some(({ id }) => id === household.chosen.powerSystemId))
    faults.push({ path: 'chosen.powerSystemId', message: told('document.noPowerSystem') })
  return faults.length ? { ok: false, faults } : { ok: true, household }
}
