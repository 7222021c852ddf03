import type { Cord, HouseWiring, LoadWiring, Need, Pit, Risk, SourceWiring, Wiring } from '@/core/plan/wiring'
import type { Household } from '@/core/plan/household'
import { MOST_WIRING } from '@/core/plan/wiringLimits'
import type { Edit } from './edits'

/** Changes of how a household connects things. */

const changeWiring =
  (change: (wiring: Wiring) => Wiring): Edit =>
  (household) => ({ ...household, wiring: withoutGone(household, change(household.wiring ?? {})) })

/**
 * What was said of loads and sources that are gone, and the oldest answers and prices over the limit, are let go: a list that
 * only grew would one day be refused.
 */
function withoutGone(household: Household, wiring: Wiring): Wiring {
  const loadIds = new Set(household.loads.map(({ id }) => id))
  const sources = new Set(
    household.powerSystems.flatMap((system) => system.sources.map(({ id }) => `${system.id} ${id}`)),
  )
  const { risk } = wiring
  return said({
    ...wiring,
    loads: wiring.loads?.filter(({ loadId }) => loadIds.has(loadId)),
    sources: wiring.sources?.filter((one) => sources.has(`${one.powerSystemId} ${one.sourceId}`)),
    risk: risk && said({ ...risk, pits: risk.pits?.filter(({ loadId }) => loadIds.has(loadId)) }),
    acknowledged: wiring.acknowledged?.slice(-MOST_WIRING.acknowledged),
    prices: wiring.prices?.slice(-MOST_WIRING.parts),
  })
}

/** Takes out what is no longer said. */
const said = <T extends object>(thing: T): T =>
  Object.fromEntries(Object.entries(thing).filter(([, value]) => value !== undefined)) as T

/** The list with one changed, or with a new one behind it. */
const put = <T>(list: readonly T[] = [], is: (one: T) => boolean, change: (one: T | null) => T): T[] =>
  list.some(is) ? list.map((one) => (is(one) ? change(one) : one)) : [...list, change(null)]

export const changeHouseWiring = (part: Partial<HouseWiring>): Edit =>
  changeWiring((wiring) => ({ ...wiring, house: said({ ...wiring.house, ...part }) }))

export const changeRisk = (part: Partial<Risk>): Edit =>
  changeWiring((wiring) => ({ ...wiring, risk: said({ ...wiring.risk, ...part }) }))

export const changeLoadWiring = (loadId: string, part: Partial<LoadWiring>): Edit =>
  changeWiring((wiring) => ({
    ...wiring,
    loads: put(
      wiring.loads,
      (one) => one.loadId === loadId,
      (one) => said({ loadId, ...one, ...part }),
    ),
  }))

export const changeSourceWiring = (
  powerSystemId: string,
  sourceId: string,
  part: Partial<SourceWiring>,
): Edit =>
  changeWiring((wiring) => ({
    ...wiring,
    sources: put(
      wiring.sources,
      (one) => one.sourceId === sourceId && one.powerSystemId === powerSystemId,
      (one) => said({ powerSystemId, sourceId, ...one, ...part }),
    ),
  }))

export const changeCord = (id: string, part: Partial<Cord>): Edit =>
  changeWiring((wiring) => ({
    ...wiring,
    cords: wiring.cords?.map((cord) => (cord.id === id ? said({ ...cord, ...part }) : cord)),
  }))

/** Adds a cord and, where one is given, hangs a load on it. */
export const addCord =
  (cord: Cord, loadId?: string): Edit =>
  (household) => {
    const withCord = changeWiring((wiring) => ({ ...wiring, cords: [...(wiring.cords ?? []), cord] }))(
      household,
    )
    return loadId === undefined
      ? withCord
      : changeLoadWiring(loadId, { connection: 'cord', cordId: cord.id })(withCord)
  }

/** Removes a cord: what hung on it hangs on none, what was plugged into it goes into the source. */
export const removeCord = (id: string): Edit =>
  changeWiring((wiring) => ({
    ...wiring,
    cords: wiring.cords
      ?.filter((cord) => cord.id !== id)
      .map((cord) => (cord.fromCordId === id ? said({ ...cord, fromCordId: undefined }) : cord)),
    loads: wiring.loads?.map((one) =>
      one.cordId === id ? said({ ...one, cordId: undefined, connection: undefined }) : one,
    ),
  }))

export const changePit = (loadId: string, pit: Pit | null): Edit =>
  changeWiring((wiring) => {
    const others = (wiring.risk?.pits ?? []).filter((one) => one.loadId !== loadId)
    return { ...wiring, risk: { ...wiring.risk, pits: pit ? [...others, pit] : others } }
  })

export const changeNeed = (id: string, need: Need | null): Edit =>
  changeWiring((wiring) => {
    const needs = wiring.risk?.needs ?? []
    return {
      ...wiring,
      risk: {
        ...wiring.risk,
        needs: need
          ? put(
              needs,
              (one) => one.id === id,
              () => need,
            )
          : needs.filter((one) => one.id !== id),
      },
    }
  })

/** Keeps the household's answer to a finding; null takes it back. */
export const answerFinding = (finding: string, answer: { facts: string; note: string } | null): Edit =>
  changeWiring((wiring) => ({
    ...wiring,
    acknowledged: [
      ...(wiring.acknowledged ?? []).filter((one) => one.finding !== finding),
      ...(answer ? [{ finding, ...answer }] : []),
    ],
  }))

/** Keeps what a part costs; null: not known. */
export const pricePart = (part: string, price: number | null): Edit =>
  changeWiring((wiring) => ({
    ...wiring,
    prices: [
      ...(wiring.prices ?? []).filter((one) => one.part !== part),
      ...(price === null ? [] : [{ part, price }]),
    ],
  }))
