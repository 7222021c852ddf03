import { type Told, told } from '../quantity/told'
import type { Fault } from './fault'
import { USUAL_INDOOR_C } from './limits'
import { NO_REFILL } from './noRefill'
import { UNITS_OF } from '../quantity/units'

type Json = Record<string, unknown>
type Migration = (document: Json) => Json

/**
 * Steps from each older version to the next. Version 1 was the draft with a single power station: the
 * station stood where the power system is now, and loads named no source. Version 2 had loads that followed
 * nothing, said in a field of its own, and scenarios that knew neither indoor temperature nor rain.
 * Version 3 knew sources only as a capacity behind an inverter: what a bank is built of, and what a station
 * has beside its watts, came with version 4 as fields that may be missing. Version 5 knows what refills it.
 * Version 6 knows how many things a row stands for, what their label says, and what a thermostat's load draws
 * between its cycles: all fields that may be missing. Version 7 knows how full an electric car is, a step-up charger
 * between a car and a bank, and how surely it is known for how long a box had been off: all may be missing.
 * Version 8 names tiers and evidence in the trade's words and keeps each unit the household reads in. Version 9 knows on
 * which day a figure was tested, which may be missing. Version 10 knows how things are connected, which may be missing.
 * Version 11 knows fuses of strings, whether batteries of a bank are alike, and carports: all may be missing.
 */
const MIGRATIONS: Readonly<Record<number, Migration>> = {
  1: ({ station, ...document }) => ({
    ...document,
    version: 2,
    powerSystem: {
      id: 'system',
      name: (station as Json)?.name ?? 'Power station',
      sources: [station],
      note: '',
    },
    loads: (document.loads as Json[]).map((load) => ({ ...load, sourceId: (station as Json).id })),
    refill: {},
  }),
  2: (document) => ({
    ...document,
    version: 3,
    scenario: withClimate(document.scenario as Json),
    loads: (document.loads as Json[]).map(withBehaviour),
  }),
  3: (document) => ({ ...document, version: 4 }),
  4: (document) => ({ ...document, version: 5, refill: { ...NO_REFILL } }),
  5: (document) => ({ ...document, version: 6 }),
  6: (document) => ({ ...document, version: 7 }),
  7: ({ household, scenario, loads, ...document }) => ({
    ...(inTradeWords({ ...document, scenario, loads }) as Json),
    household: withUnits(household as Json),
    version: 8,
  }),
  8: (document) => ({ ...document, version: 9 }),
  9: (document) => ({ ...document, version: 10 }),
  10: (document) => ({ ...document, version: 11 }),
}

const TIER_NAMES = new Map([
  ['hold', 'critical'],
  ['ration', 'flexible'],
  ['spare', 'optional'],
  ['refuse', 'notOnBattery'],
])
const RENAMED = new Map<string, ReadonlyMap<unknown, string>>([
  ['tier', TIER_NAMES],
  ['carriedTiers', TIER_NAMES],
  ['evidence', new Map([['drilled', 'tested']])],
])

/** The same with each tier and evidence by its name of version 8, however deep it stands. */
function inTradeWords(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(inTradeWords)
  if (typeof value !== 'object' || value === null) return value
  return Object.fromEntries(
    Object.entries(value).map(([key, part]) => [key, RENAMED.get(key)?.get(part) ?? inTradeWords(part)]),
  )
}

/** A profile that knew only metric and US units, with each of its units. */
const withUnits = (profile: Json): Json =>
  profile.units === 'metric' || profile.units === 'us'
    ? { ...profile, units: { ...UNITS_OF[profile.units] } }
    : profile

const withClimate = (scenario: Json): Json => ({ indoorC: USUAL_INDOOR_C, rain: 'dry', ...scenario })

function withBehaviour(load: Json): Json {
  const { dutyFollows, ...behaviour } = load.behaviour as Json
  void dutyFollows
  return { ...load, behaviour }
}

/**
 * A stored household as it is kept now. Households carry no version: what an older release kept is told by
 * the fields it lacks or no longer has.
 */
export function upgradeHousehold(input: unknown): unknown {
  if (typeof input !== 'object' || input === null) return input
  const { scenarios, loads, profile, ...rest } = inTradeWords(input) as Json
  const isObject = (value: unknown): value is Json => typeof value === 'object' && value !== null
  const each = (list: unknown, change: (item: Json) => Json, has: string) =>
    Array.isArray(list)
      ? list.map((item) => (typeof item?.[has] === 'object' && item[has] !== null ? change(item) : item))
      : list
  return {
    ...rest,
    ...(profile === undefined ? {} : { profile: isObject(profile) ? withUnits(profile) : profile }),
    ...(scenarios === undefined ? {} : { scenarios: each(scenarios, withClimate, 'outdoor') }),
    ...(loads === undefined ? {} : { loads: each(loads, withBehaviour, 'behaviour') }),
  }
}

export type Migrated = { ok: true; document: unknown } | { ok: false; faults: Fault[] }

/**
 * Brings a document up to the current version.
 *
 * @returns the document at `current`, or one fault: no such format, a version nobody knows, or an older one that is damaged
 */
export function migrate(input: unknown, format: string, current: number, steps = MIGRATIONS): Migrated {
  const fault = (path: string, message: Told): Migrated => ({ ok: false, faults: [{ path, message }] })
  if (typeof input !== 'object' || input === null || Array.isArray(input))
    return fault('document', told('document.oneObject'))
  let document = input as Json
  if (document.format !== format)
    return fault('format', told('document.mustBe', { choices: [JSON.stringify(format)] }))
  const { version } = document
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return fault('version', told('document.noVersion', { current }))
  if (version > current) return fault('version', told('document.newer', { version, current }))
  try {
    for (let at = version; at < current; at++) document = steps[at](document)
  } catch {
    return fault('document', told('document.otherFields', { version }))
  }
  return { ok: true, document }
}
