import { ownEntry, withoutBuiltInIds } from '@/core/plan/builtInIds'
import { type Household, readHousehold } from '@/core/plan/household'
import { sayDocument } from '@/words/reading/sayDocument'
import type * as schema from './schema'

type Rows<T extends { $inferSelect: unknown }> = T['$inferSelect'][]

/** A household as its rows in every table that holds a part of it. */
export interface HouseholdRows {
  household: {
    profile: unknown
    equipment: unknown
    refill: unknown
    wiring: unknown
    chosenScenarioId: string
    chosenPowerSystemId: string
  }
  scenarios: Rows<typeof schema.scenarios>
  loads: Rows<typeof schema.loads>
  standings: Rows<typeof schema.standings>
  powerSystems: Rows<typeof schema.powerSystems>
  sources: Rows<typeof schema.sources>
  loadSources: Rows<typeof schema.loadSources>
}

const laidOut = new WeakMap<Household, { householdId: string; rows: HouseholdRows }>()

/** A household as rows, made once: a household is never changed in place. Standings and hangings of things that are gone are left out. */
export function rowsOf(householdId: string, household: Household): HouseholdRows {
  const known = laidOut.get(household)
  if (known?.householdId === householdId) return known.rows
  const rows = layOut(householdId, household)
  laidOut.set(household, { householdId, rows })
  return rows
}

function layOut(householdId: string, household: Household): HouseholdRows {
  const scenarioIds = new Set(household.scenarios.map(({ id }) => id))
  const loadIds = new Set(household.loads.map(({ id }) => id))
  return {
    household: {
      profile: household.profile,
      equipment: household.equipment ?? null,
      refill: household.refill ?? null,
      wiring: household.wiring ?? null,
      chosenScenarioId: household.chosen.scenarioId,
      chosenPowerSystemId: household.chosen.powerSystemId,
    },
    scenarios: household.scenarios.map((scenario, position) => ({
      householdId,
      position,
      ...scenario,
      sky: scenario.sky ?? null,
      charging: scenario.charging ?? null,
    })),
    loads: household.loads.map(({ standings, count, label, ...load }, position) => {
      void standings
      return { householdId, position, ...load, count: count ?? null, label: label ?? null }
    }),
    standings: household.loads.flatMap(({ id: loadId, standings }) =>
      Object.entries(standings)
        .filter(([scenarioId]) => scenarioIds.has(scenarioId))
        .map(([scenarioId, { on, tier, steering }]) => ({
          householdId,
          scenarioId,
          loadId,
          isOn: on,
          tier,
          steering: steering ?? null,
        })),
    ),
    powerSystems: household.powerSystems.map(({ id, name, note, shown }, position) => ({
      householdId,
      id,
      position,
      name,
      note,
      shown: shown ?? null,
    })),
    sources: household.powerSystems.flatMap((system) =>
      system.sources.map(({ id, name, kind, ...spec }, position) => ({
        householdId,
        powerSystemId: system.id,
        id,
        position,
        name,
        kind,
        capacityWh: spec.capacityWh.value,
        spec,
      })),
    ),
    loadSources: household.powerSystems.flatMap((system) => {
      const known = new Set(system.sources.map(({ id }) => id))
      return Object.entries(ownEntry(household.hangsOn, system.id) ?? {})
        .filter(([loadId, sourceId]) => loadIds.has(loadId) && known.has(sourceId))
        .map(([loadId, sourceId]) => ({ householdId, powerSystemId: system.id, loadId, sourceId }))
    }),
  }
}

/** Puts a household together from its rows. @throws Error when the rows do not make a household */
export function householdOf(rows: HouseholdRows): Household {
  const inOrder = <T extends { position: number }>(list: T[]) =>
    [...list].sort((a, b) => a.position - b.position)
  const without = <T extends object, K extends keyof T>(row: T, ...keys: K[]): Omit<T, K> =>
    Object.fromEntries(Object.entries(row).filter(([key]) => !keys.includes(key as K))) as Omit<T, K>
  const hangings = new Map<string, [string, string][]>()
  for (const { powerSystemId, loadId, sourceId } of rows.loadSources) {
    const list = hangings.get(powerSystemId)
    if (list) list.push([loadId, sourceId])
    else hangings.set(powerSystemId, [[loadId, sourceId]])
  }
  const stored = {
    profile: rows.household.profile,
    ...(rows.household.equipment ? { equipment: rows.household.equipment } : {}),
    ...(rows.household.refill ? { refill: rows.household.refill } : {}),
    ...(rows.household.wiring ? { wiring: rows.household.wiring } : {}),
    chosen: {
      scenarioId: rows.household.chosenScenarioId,
      powerSystemId: rows.household.chosenPowerSystemId,
    },
    scenarios: inOrder(rows.scenarios).map(({ sky, charging, ...row }) => ({
      ...without(row, 'householdId', 'position'),
      ...(sky ? { sky } : {}),
      ...(charging ? { charging } : {}),
    })),
    loads: inOrder(rows.loads).map(({ count, label, ...row }) => ({
      ...without(row, 'householdId', 'position'),
      ...(count === null ? {} : { count }),
      ...(label ? { label } : {}),
      standings: Object.fromEntries(
        rows.standings
          .filter(({ loadId }) => loadId === row.id)
          .map(({ scenarioId, isOn, tier, steering }) => [
            scenarioId,
            { on: isOn, tier, ...(steering ? { steering } : {}) },
          ]),
      ),
    })),
    powerSystems: inOrder(rows.powerSystems).map(({ id, name, note, shown }) => ({
      id,
      name,
      note,
      ...(shown ? { shown } : {}),
      sources: inOrder(rows.sources.filter(({ powerSystemId }) => powerSystemId === id)).map((row) => ({
        id: row.id,
        name: row.name,
        kind: row.kind,
        ...(row.spec as object),
      })),
    })),
    hangsOn: Object.fromEntries([...hangings].map(([id, list]) => [id, Object.fromEntries(list)])),
  }
  const reading = readHousehold(withoutBuiltInIds(stored))
  if (!reading.ok) {
    const { path, message } = reading.faults[0]
    throw new Error(`the stored household is damaged: ${path} ${sayDocument(message)}`)
  }
  return reading.household
}
