import * as z from 'zod'
import { told } from '../quantity/told'
import { bankFaults } from './bankFaults'
import { type Fault, faultsOf } from './fault'
import { migrate } from './migrate'
import { LIMITS, PLAN_FORMAT, PLAN_VERSION } from './limits'
import { refillSchema } from './refill'
import { refillFaults } from './refillFaults'
import { wiringFaults } from './wiringFaults'
import { loadSchema, profileSchema, scenarioSchema } from './schema'
import { powerSystemSchema } from './power'
import { wiringSchema } from './wiring'

/** The one shape that travels: a scenario, the loads as they stand in it, and the power system held against it. */
export const planSchema = z.strictObject({
  format: z.literal(PLAN_FORMAT),
  version: z.literal(PLAN_VERSION),
  household: profileSchema,
  scenario: scenarioSchema,
  loads: z.array(loadSchema).max(LIMITS.loads),
  powerSystem: powerSystemSchema,
  refill: refillSchema,
  /** how things are connected; nothing is said unless it is there */
  wiring: wiringSchema.optional(),
})

export type Plan = z.infer<typeof planSchema>

export type PlanReading = { ok: true; plan: Plan } | { ok: false; faults: Fault[] }

/**
 * Reads an unknown value as a plan document: migrates older versions, refuses unknown fields and versions,
 * and checks that everything named exists.
 *
 * @param input parsed JSON
 * @returns the plan, or every fault with the path of its field and what would be right
 */
export function readPlan(input: unknown): PlanReading {
  const migrated = migrate(input, PLAN_FORMAT, PLAN_VERSION)
  if (!migrated.ok) return migrated
  const parsed = planSchema.safeParse(migrated.document)
  if (!parsed.success) return { ok: false, faults: faultsOf(parsed.error) }
  const faults = [
    ...powerFaults(parsed.data.powerSystem, 'powerSystem'),
    ...loadFaults(parsed.data),
    ...refillFaults(parsed.data.refill, 'refill'),
    ...wiringFaults(parsed.data.wiring, 'wiring'),
  ]
  return faults.length ? { ok: false, faults } : { ok: true, plan: parsed.data }
}

function loadFaults(plan: Plan): Fault[] {
  const known = new Set(plan.powerSystem.sources.map((source) => source.id))
  return [
    ...duplicates(
      plan.loads.map((load) => load.id),
      'loads',
    ),
    ...plan.loads.flatMap((load, i) =>
      known.has(load.sourceId)
        ? []
        : [
            {
              path: `loads[${i}].sourceId`,
              message: told('document.noSourceAmong', { choices: [...known] }),
            },
          ],
    ),
  ]
}

/** Faults of a power system that its schema cannot see: names that point nowhere, turns that go in a circle. */
export function powerFaults(system: Plan['powerSystem'], at: string): Fault[] {
  const faults = duplicates(
    system.sources.map((source) => source.id),
    `${at}.sources`,
  )
  if (system.sources.every(({ isAway }) => isAway))
    faults.push({ path: `${at}.sources`, message: told('document.allAway') })
  const byId = new Map(system.sources.map((source) => [source.id, source]))
  const followed = new Set<string>()
  system.sources.forEach((source, i) => {
    const path = `${at}.sources[${i}].afterSourceId`
    if (source.surgeW.value < source.continuousW.value)
      faults.push({
        path: `${at}.sources[${i}].surgeW`,
        message: told('document.surgeBelow'),
      })
    if (source.bank) faults.push(...bankFaults(source.bank, `${at}.sources[${i}].bank`))
    const solar = source.outfit?.input.solar
    if (solar && solar.lowV >= solar.highV)
      faults.push({
        path: `${at}.sources[${i}].outfit.input.solar`,
        message: told('document.windowUpsideDown'),
      })
    if (source.afterSourceId === null) return
    if (!byId.has(source.afterSourceId)) faults.push({ path, message: told('document.noSource') })
    if (followed.has(source.afterSourceId)) faults.push({ path, message: told('document.takenOver') })
    followed.add(source.afterSourceId)
    let next: string | null | undefined = source.afterSourceId
    for (let hops = 0; next; hops++, next = byId.get(next)?.afterSourceId) {
      if (next !== source.id && hops <= byId.size) continue
      faults.push({ path, message: told('document.sourceCircle') })
      break
    }
  })
  return faults
}

function duplicates(ids: string[], at: string): Fault[] {
  return ids.flatMap((id, i) =>
    ids.indexOf(id) < i ? [{ path: `${at}[${i}].id`, message: told('document.usedTwice', { id }) }] : [],
  )
}
