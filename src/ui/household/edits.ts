import { isBuiltIn, ownEntry } from '@/core/plan/builtInIds'
import type { Equipment } from '@/core/plan/equipment'
import type { Household } from '@/core/plan/household'
import { DEFAULT_STANDING } from '@/core/plan/planOf'
import type { ChargingTimes, PanelArray, Refill } from '@/core/plan/refill'
import { NO_CHARGING, NO_REFILL } from '@/core/plan/noRefill'
import type {
  HouseholdLoad,
  PowerSystem,
  Profile,
  Scenario,
  Source,
  Standing,
  Steering,
} from '@/core/plan/schema'

/** Changes of a household, each from one state to the next; nothing is changed in place. */
export type Edit = (household: Household) => Household

const replaced = <T extends { id: string }>(list: T[], id: string, change: (item: T) => T): T[] =>
  list.map((item) => (item.id === id ? change(item) : item))

export const changeProfile =
  (change: Partial<Profile>): Edit =>
  (household) => ({ ...household, profile: { ...household.profile, ...change } })

export const changeScenario =
  (id: string, change: Partial<Scenario>): Edit =>
  (household) => ({
    ...household,
    scenarios: replaced(household.scenarios, id, (item) => ({ ...item, ...change })),
  })

export const changeLoad =
  (id: string, change: Partial<HouseholdLoad>): Edit =>
  (household) => ({ ...household, loads: replaced(household.loads, id, (item) => ({ ...item, ...change })) })

/** How a load stands in the chosen scenario. */
export function standingOf(household: Household, load: HouseholdLoad): Standing {
  return ownEntry(load.standings, household.chosen.scenarioId) ?? DEFAULT_STANDING
}

export const changeStanding =
  (loadId: string, change: Partial<Standing>): Edit =>
  (household) => ({
    ...household,
    loads: replaced(household.loads, loadId, (load) => ({
      ...load,
      standings: {
        ...load.standings,
        [household.chosen.scenarioId]: { ...standingOf(household, load), ...change },
      },
    })),
  })

/** Takes out what steers nothing: empty lists and set-backs of nought. */
export function tidySteering(steering: Steering): Steering | undefined {
  const kept = Object.entries(steering).filter(
    ([, value]) => value !== undefined && value !== 0 && !(Array.isArray(value) && value.length === 0),
  )
  return kept.length ? (Object.fromEntries(kept) as Steering) : undefined
}

/** Changes how a load is steered in the chosen scenario. */
export const steerLoad =
  (loadId: string, change: Steering): Edit =>
  (household) => {
    const load = household.loads.find(({ id }) => id === loadId)
    if (!load) return household
    return changeStanding(loadId, {
      steering: tidySteering({ ...standingOf(household, load).steering, ...change }),
    })(household)
  }

/** Moves a load to another place in the ledger. */
export const moveLoad =
  (id: string, to: number): Edit =>
  (household) => {
    const from = household.loads.findIndex((load) => load.id === id)
    const at = Math.max(0, Math.min(household.loads.length - 1, to))
    if (from < 0 || from === at) return household
    const loads = [...household.loads]
    loads.splice(at, 0, ...loads.splice(from, 1))
    return { ...household, loads }
  }

/** Adds a load after another, or at the end. */
export const addLoad =
  (load: HouseholdLoad, afterId?: string): Edit =>
  (household) => {
    const at = household.loads.findIndex(({ id }) => id === afterId)
    const loads = [...household.loads]
    loads.splice(at < 0 ? loads.length : at + 1, 0, load)
    return { ...household, loads }
  }

export const removeLoad =
  (id: string): Edit =>
  (household) => ({ ...household, loads: household.loads.filter((load) => load.id !== id) })

export const choose =
  (chosen: Partial<Household['chosen']>): Edit =>
  (household) => ({ ...household, chosen: { ...household.chosen, ...chosen } })

/** The next (or with −1 the one before) in a list of things with ids, going round. */
export function neighbour<T extends { id: string }>(list: readonly T[], id: string, step: 1 | -1): T {
  const at = list.findIndex((item) => item.id === id)
  return list[(at + step + list.length) % list.length]
}

/** Adds a scenario and chooses it; loads stand in it as they do in the one it was made from. */
export const addScenario =
  (scenario: Scenario, likeId: string): Edit =>
  (household) => ({
    ...household,
    scenarios: [...household.scenarios, scenario],
    loads: household.loads.map((load) => {
      const like = ownEntry(load.standings, likeId)
      return like ? { ...load, standings: { ...load.standings, [scenario.id]: like } } : load
    }),
    chosen: { ...household.chosen, scenarioId: scenario.id },
  })

/** Removes a scenario and what loads said of it; the last one stays. */
export const removeScenario =
  (id: string): Edit =>
  (household) => {
    if (household.scenarios.length === 1) return household
    const next = neighbour(household.scenarios, id, 1).id
    return {
      ...household,
      scenarios: household.scenarios.filter((scenario) => scenario.id !== id),
      loads: household.loads.map((load) => {
        const { [id]: gone, ...standings } = load.standings
        return gone ? { ...load, standings } : load
      }),
      chosen:
        household.chosen.scenarioId === id ? { ...household.chosen, scenarioId: next } : household.chosen,
    }
  }

export const addPowerSystem =
  (system: PowerSystem): Edit =>
  (household) => ({
    ...household,
    powerSystems: [...household.powerSystems, system],
    chosen: { ...household.chosen, powerSystemId: system.id },
  })

/** Removes a power system; the last one stays. */
export const removePowerSystem =
  (id: string): Edit =>
  (household) => {
    if (household.powerSystems.length === 1) return household
    const next = neighbour(household.powerSystems, id, 1).id
    const { [id]: gone, ...hangsOn } = household.hangsOn
    void gone
    return {
      ...household,
      powerSystems: household.powerSystems.filter((system) => system.id !== id),
      hangsOn,
      chosen:
        household.chosen.powerSystemId === id
          ? { ...household.chosen, powerSystemId: next }
          : household.chosen,
    }
  }

export const changePowerSystem =
  (id: string, change: Partial<PowerSystem>): Edit =>
  (household) => ({
    ...household,
    powerSystems: replaced(household.powerSystems, id, (item) => ({ ...item, ...change })),
  })

export const changeSource =
  (systemId: string, sourceId: string, change: Partial<Source>): Edit =>
  (household) => ({
    ...household,
    powerSystems: replaced(household.powerSystems, systemId, (system) => ({
      ...system,
      sources: replaced(system.sources, sourceId, (source) => ({ ...source, ...change })),
    })),
  })

/** Adds a source to a power system. */
export const addSource =
  (systemId: string, source: Source): Edit =>
  (household) => ({
    ...household,
    powerSystems: replaced(household.powerSystems, systemId, (system) => ({
      ...system,
      sources: [...system.sources, source],
    })),
  })

/** Removes a source; the last stays. What hung on it hangs on the first, what followed it follows what it followed. */
export const removeSource =
  (systemId: string, sourceId: string): Edit =>
  (household) => {
    const system = household.powerSystems.find(({ id }) => id === systemId)
    const gone = system?.sources.find(({ id }) => id === sourceId)
    if (!system || !gone || system.sources.length === 1) return household
    const hangings = Object.entries(ownEntry(household.hangsOn, systemId) ?? {})
    return {
      ...household,
      powerSystems: replaced(household.powerSystems, systemId, () => ({
        ...system,
        sources: system.sources
          .filter(({ id }) => id !== sourceId)
          .map((source) =>
            source.afterSourceId === sourceId ? { ...source, afterSourceId: gone.afterSourceId } : source,
          ),
      })),
      hangsOn: {
        ...household.hangsOn,
        [systemId]: Object.fromEntries(hangings.filter(([, on]) => on !== sourceId)),
      },
    }
  }

/** Hangs a load on a source of a power system. */
export const hangLoad =
  (systemId: string, loadId: string, sourceId: string): Edit =>
  (household) => ({
    ...household,
    hangsOn: {
      ...household.hangsOn,
      [systemId]: { ...ownEntry(household.hangsOn, systemId), [loadId]: sourceId },
    },
  })

/** Puts equipment beside the catalogue, or takes all of it away. */
export const keepEquipment =
  (equipment: Equipment[]): Edit =>
  (household) => {
    const { equipment: before, ...rest } = household
    void before
    return equipment.length ? { ...rest, equipment } : rest
  }

/** An id nobody in the list has, made from a name: "Chest freezer" → "chest-freezer", "chest-freezer-2". */
export function freshId(name: string, taken: readonly { id: string }[]): string {
  const base =
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 48) || 'item'
  const used = new Set(taken.map(({ id }) => id))
  for (let n = 1; ; n++) {
    const id = n === 1 ? base : `${base}-${n}`
    if (!used.has(id) && !isBuiltIn(id)) return id
  }
}

/** A name nobody in the list has: "Chest freezer", "Chest freezer 2". */
export function freshName(name: string, taken: readonly { name: string }[]): string {
  const used = new Set(taken.map((item) => item.name))
  for (let n = 1; ; n++) {
    const candidate = n === 1 ? name : `${name.slice(0, 74)} ${n}`
    if (!used.has(candidate)) return candidate
  }
}

/** What refills any of the household's power systems. */
export const changeRefill =
  (change: Partial<Refill>): Edit =>
  (household) => ({ ...household, refill: { ...(household.refill ?? NO_REFILL), ...change } })

export const changePanels =
  (id: string, change: Partial<PanelArray>): Edit =>
  (household) =>
    changeRefill({
      panels: replaced((household.refill ?? NO_REFILL).panels, id, (array) => ({ ...array, ...change })),
    })(household)

/** When the generator or the car runs in the chosen outage, or the grid comes back. */
export const changeCharging =
  (change: Partial<ChargingTimes>): Edit =>
  (household) => ({
    ...household,
    scenarios: replaced(household.scenarios, household.chosen.scenarioId, (scenario) => ({
      ...scenario,
      charging: { ...NO_CHARGING, ...scenario.charging, ...change },
    })),
  })
