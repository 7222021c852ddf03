import { UNITS_OF } from '@/core/quantity/units'
import { APPLIANCES } from '@/catalog/appliances'
import { coldBoxBehaviour } from '@/core/load/coldBox'
import { readLabel } from '@/core/load/label'
import { labelChanges } from '@/core/load/labelChanges'
import { plateKindOf } from '@/core/load/plateKind'
import { analyseMeter, type MeterFindings } from '@/core/meter/analyse'
import { withFindings } from '@/core/meter/withFindings'
import type { Plan } from '@/core/plan/document'
import { PLAN_FORMAT, PLAN_VERSION } from '@/core/plan/limits'
import { NO_REFILL } from '@/core/plan/noRefill'
import type { Behaviour, HouseholdLoad, Load } from '@/core/plan/schema'
import { quantity } from '@/core/quantity/quantity'
import type { DrawnHousehold, KnownLoad } from './household'

const FILL = { full: 1, 'half full': 0.5, 'nearly empty': 0.1 }

/** The plan the program makes of what was known: its catalogue, its estimator, its label reader, its meter analysis. */
export function planOfKnown({ scenario, powerSystem, known, ownPlaces }: DrawnHousehold): Plan {
  return {
    format: PLAN_FORMAT,
    version: PLAN_VERSION,
    household: {
      name: 'House',
      sample: false,
      mains: '120/240 V split phase',
      units: UNITS_OF.metric,
      currency: 'USD',
      surgeSchool: 'largest-start',
    },
    scenario,
    loads: Object.entries(known).map(([id, one]) => loadOf(id, one, ownPlaces)),
    powerSystem,
    refill: { ...NO_REFILL },
  }
}

function loadOf(id: string, known: KnownLoad, ownPlaces: DrawnHousehold['ownPlaces']): Load {
  const appliance = APPLIANCES.find((one) => one.id === known.catalogue)!
  const { start } = appliance
  let load: HouseholdLoad = {
    id,
    name: id.replace(/-/g, ' '),
    volts: 120,
    leg: 'A',
    start: start && {
      watts: quantity(start[0], 'W', 'typical', { times: 1.5 }),
      seconds: quantity(start[1], 's', 'typical', { times: 2 }),
    },
    behaviour: inPlace(known, atHours(known, sized(known, appliance.behaviour)), ownPlaces[id]),
    medical: appliance.medical ?? false,
    note: '',
    standings: {},
  }
  if (known.label) {
    const kind = plateKindOf({ name: appliance.name, behaviour: load.behaviour, hasStart: start !== null })
    const reading = readLabel(known.label, kind, 120)
    if (reading.kind !== 'read') throw new Error(`${id}: ${known.label}: ${JSON.stringify(reading)}`)
    load = { ...load, ...labelChanges(load, reading.result, kind).part }
  }
  load = { ...load, behaviour: counted(known, measured(known, load.behaviour)) }
  const { standings, ...rest } = load
  void standings
  return { ...rest, on: true, tier: 'critical', sourceId: 'main' }
}

function sized({ evidence, type, litres, year, isInverter }: KnownLoad, behaviour: Behaviour): Behaviour {
  if (!type || evidence === 'type') return behaviour
  return coldBoxBehaviour({ type, litres, year: year ?? undefined, isInverter })
}

function atHours({ hours, at }: KnownLoad, behaviour: Behaviour): Behaviour {
  if (hours && behaviour.kind === 'scheduled') return { ...behaviour, windows: hours }
  if (hours) return { kind: 'scheduled', runningW: behaviour.runningW, windows: hours }
  if (at && (behaviour.kind === 'session' || behaviour.kind === 'charging'))
    return { ...behaviour, when: { at } }
  return behaviour
}

function inPlace(
  { where, contents, offBeforeH }: KnownLoad,
  behaviour: Behaviour,
  aboutC: DrawnHousehold['ownPlaces'][string] | undefined,
): Behaviour {
  if (behaviour.kind !== 'cycling' || !behaviour.follows || !where) return behaviour
  return {
    ...behaviour,
    follows: {
      ...behaviour.follows,
      surroundings: where === 'a place of its own' ? { aboutC: aboutC! } : where,
    },
    ...(behaviour.box && contents
      ? { box: { ...behaviour.box, fillFraction: FILL[contents], offForH: offBeforeH ?? 0 } }
      : {}),
  }
}

function measured({ meter, meteredW }: KnownLoad, behaviour: Behaviour): Behaviour {
  if (meteredW !== undefined)
    return { ...behaviour, runningW: quantity(meteredW, 'W', 'measured', { times: 1.08 }) } as Behaviour
  if (!meter) return behaviour
  const found = meter.minuteW
    ? analyseMeter({
        atMin: Float64Array.from(meter.minuteW, (_, i) => i),
        watts: Float64Array.from(meter.minuteW),
        gaps: [],
        resets: 0,
        startsAt: null,
      })
    : totalOnly(meter.hours!, meter.kWhTotal!, behaviour.runningW.value)
  return withFindings(behaviour, found, meter.knownAtC).behaviour
}

/** A plug-in meter's display read once: hours and kWh, as the page takes it in. */
function totalOnly(hours: number, kWh: number, runningW: number): MeterFindings {
  const averageW = (kWh * 1000) / hours
  return {
    coveredH: hours,
    averageW,
    runningW: Math.max(runningW, averageW),
    startPeakW: null,
    sustainedW: Math.max(runningW, averageW),
    idleW: 0,
    on: [],
    meanOnMin: null,
    meanOffMin: null,
    dutyFraction: 0,
    defrosts: null,
    shape: 'cycling',
  }
}

function counted({ countedInRain }: KnownLoad, behaviour: Behaviour): Behaviour {
  if (!countedInRain || behaviour.kind !== 'pump' || behaviour.cycle.by !== 'spacing') return behaviour
  const { cycle } = behaviour
  return {
    ...behaviour,
    knownIn: 'rain',
    cycle: {
      ...cycle,
      onMin: { ...cycle.onMin, value: countedInRain.onS / 60 },
      everyMin: { ...cycle.everyMin, value: countedInRain.everyMin },
    },
  }
}
