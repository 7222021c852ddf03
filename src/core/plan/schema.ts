import * as z from 'zod'
import { epochMinute } from './clock'
import { clock, clockOrMidnight, dayWindowSchema } from './dayWindow'
import { bounded, boundedQuantity } from './bounded'
import { idSchema, name, note } from './fields'
import { LABEL_LENGTH, LIMITS, MOST_RULES, PLATE_KINDS, RAINS, SURROUNDINGS, TIERS } from './limits'
import { loadRuleSchema } from './loadRule'
import { chargingTimesSchema } from './refill'
import { UNIT_CHOICES } from '../quantity/units'
import { skySchema } from './weather'
import { shape } from './shape'

/**
 * The parts of the plan document. Every object is strict: a field nobody knows is refused, not dropped.
 * Settings that are chosen, not known (an outage's length, a confidence) carry their unit in the name;
 * everything that is known only so well is a quantity with unit, spread and evidence.
 */

const watts = boundedQuantity('W', 'load.watts')

const windows = z.array(dayWindowSchema).max(LIMITS.windows)

const celsius = boundedQuantity('°C', 'load.celsius')

/** A compressor or burner that is either on or off; one that modulates; one with a low stage. */
const drive = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('on-off') }),
  z.strictObject({ kind: z.literal('inverter'), floorW: watts }),
  z.strictObject({
    kind: z.literal('two-stage'),
    lowW: watts,
    /** share of full output that the low stage gives */
    lowOutputFraction: bounded('load.lowOutputFraction'),
  }),
])

const follows = z.strictObject({
  mode: z.enum(['cooling', 'heating']),
  /** the set-point of a cold box; of heating the outdoor temperature at which none is needed */
  setC: celsius,
  /** surroundings in which the average was known */
  knownAtC: celsius,
  surroundings: z.union([z.enum(SURROUNDINGS), z.strictObject({ aboutC: celsius })]),
})

const cyclingSchema = z.strictObject({
  kind: z.literal('cycling'),
  /** full output, burner and blower together; of an inverter drive its ceiling */
  runningW: watts,
  /** as it was known, defrost included */
  averageW: watts,
  periodMin: boundedQuantity('min', 'load.periodMin'),
  /** drawn between the cycles as well: a control board, a fan that runs on */
  idleW: watts.optional(),
  follows: follows.optional(),
  drive: drive.optional(),
  /** what warms up while it is off: time constant towards the surroundings, and how full it is */
  box: z
    .strictObject({
      timeConstantH: boundedQuantity('h', 'load.timeConstantH'),
      fillFraction: bounded('load.fillFraction'),
      /** hours it had been off before the outage; 1000 for one loaded warm */
      offForH: bounded('load.offForH'),
      /** could be up to so many times more or less (80 % interval); known exactly unless said */
      offForTimes: bounded('load.offForTimes').optional(),
    })
    .optional(),
  doors: z
    .strictObject({ knownADay: bounded('load.doorsADay'), nowADay: bounded('load.doorsADay') })
    .optional(),
  defrost: z
    .strictObject({
      watts,
      minutes: boundedQuantity('min', 'load.defrostMin'),
      /** hours the compressor runs between two defrosts */
      everyRunH: boundedQuantity('h', 'load.defrostEveryRunH'),
      control: z.enum(['timer', 'adaptive']),
    })
    .optional(),
  /** the blower that starts some minutes after the burner and runs on as long */
  blower: z.strictObject({ watts, lagMin: bounded('load.blowerLagMin') }).optional(),
})

const pumpSchema = z.strictObject({
  kind: z.literal('pump'),
  runningW: watts,
  cycle: z.discriminatedUnion('by', [
    z.strictObject({
      by: z.literal('spacing'),
      onMin: boundedQuantity('min', 'load.pumpOnMin'),
      everyMin: boundedQuantity('min', 'load.pumpEveryMin'),
    }),
    z.strictObject({
      by: z.literal('volume'),
      /** between the float switches, or the draw-down of a pressure tank */
      volumeL: boundedQuantity('L', 'load.pumpVolumeL'),
      rateLMin: boundedQuantity('L/min', 'load.pumpRateLMin'),
      inflowLH: boundedQuantity('L/h', 'load.pumpInflowLH'),
    }),
  ]),
  inflowFollows: z.enum(['nothing', 'rain', 'use']),
  /** how wet it was when the inflow or the spacing was known */
  knownIn: z.enum(RAINS).optional(),
})

const chargingSchema = z.strictObject({
  kind: z.literal('charging'),
  /** what the charger draws while it charges */
  runningW: watts,
  /** what goes into the battery each time */
  energyWh: boundedQuantity('Wh', 'load.chargeWh'),
  efficiencyFraction: boundedQuantity('1', 'load.chargeEfficiency'),
  /** drawn when nothing is to be charged */
  idleW: watts,
  when: z.union([z.strictObject({ at: z.array(clock).min(1).max(24) }), z.literal('start')]),
  byTimer: z.boolean().optional(),
})

export const behaviourSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('constant'), runningW: watts }),
  z.strictObject({
    kind: z.literal('scheduled'),
    runningW: watts,
    windows: windows.min(1),
    /** a timer switches it to the minute; people do, more or less, unless said */
    byTimer: z.boolean().optional(),
    /** within the windows only so many minutes from so many past each hour */
    eachHour: z
      .strictObject({ atMinute: bounded('load.eachHourAtMinute'), minutes: bounded('load.eachHourMin') })
      .optional(),
  }),
  z.strictObject({
    kind: z.literal('session'),
    runningW: watts,
    minutesEach: boundedQuantity('min', 'load.sessionMin'),
    byTimer: z.boolean().optional(),
    when: z.union([
      z.strictObject({ at: z.array(clock).min(1).max(24) }),
      z.strictObject({ timesADay: bounded('load.timesADay'), from: clock, to: clockOrMidnight }),
    ]),
  }),
  cyclingSchema,
  pumpSchema,
  chargingSchema,
])

const startSchema = z.strictObject({
  watts,
  seconds: boundedQuantity('s', 'load.startS'),
  /** where the starting watts come from, when they are computed */
  basis: z
    .discriminatedUnion('kind', [
      z.strictObject({
        kind: z.literal('code letter'),
        hp: bounded('load.hp'),
        letter: z.string().regex(/^[A-HJ-NPR-V]$/, shape('codeLetter')),
      }),
      z.strictObject({
        kind: z.literal('full-load amps'),
        amps: bounded('load.fullLoadA'),
        times: bounded('load.startTimes'),
      }),
    ])
    .optional(),
})

const loadFields = {
  id: idSchema,
  name,
  volts: z.union([z.literal(12), z.literal(120), z.literal(230), z.literal(240)]),
  leg: z.enum(['A', 'B', 'both']),
  start: startSchema.nullable(),
  /** of the whole row: every watt and watt-hour of it is that of all its things together */
  behaviour: behaviourSchema,
  /** how many equal things the row stands for; one unless said */
  count: bounded('load.count').optional(),
  /** what is printed on it, as it was typed, and what kind of thing it is on */
  label: z
    .strictObject({ text: z.string().trim().min(1).max(LABEL_LENGTH), on: z.enum(PLATE_KINDS) })
    .optional(),
  medical: z.boolean(),
  note,
}
/** What is done with a load in one outage: off for a stretch or every day, its set-point moved, its sessions at other hours. */
const steeringSchema = z.strictObject({
  /** minutes since the outage began */
  pauses: z
    .array(z.strictObject({ fromMin: z.number().min(0).max(40_000), toMin: z.number().min(0).max(40_000) }))
    .max(LIMITS.windows)
    .optional(),
  offDaily: windows.optional(),
  /** degrees the set-point is moved towards less work */
  setBackK: z.number().min(0).max(30).optional(),
  sessionsAt: z.array(clock).min(1).max(24).optional(),
  /** by which it is shed and comes back by itself */
  rules: z.array(loadRuleSchema).max(MOST_RULES).optional(),
})
const standingFields = { on: z.boolean(), tier: z.enum(TIERS), steering: steeringSchema.optional() }

export const loadSchema = z.strictObject({ ...loadFields, ...standingFields, sourceId: idSchema })

/** A load as the household keeps it: what it is, and how it stands in each scenario. */
export const householdLoadSchema = z.strictObject({
  ...loadFields,
  standings: z.record(idSchema, z.strictObject(standingFields)),
})

export const scenarioSchema = z.strictObject({
  id: idSchema,
  name,
  startsAt: z.string().refine((text) => !Number.isNaN(epochMinute(text)), shape('dateTime')),
  durationH: bounded('scenario.durationH'),
  place: z.strictObject({
    name: z.string().max(LIMITS.nameLength),
    latitudeDeg: bounded('scenario.latitudeDeg'),
    longitudeDeg: bounded('scenario.longitudeDeg'),
    /** hours the clock on the wall is ahead of UTC; by the longitude unless said */
    utcOffsetH: z.number().min(-12).max(14).optional(),
  }),
  outdoor: z.strictObject({ lowC: bounded('scenario.outdoorC'), highC: bounded('scenario.outdoorC') }),
  indoorC: bounded('scenario.indoorC'),
  rain: z.enum(RAINS),
  /** the sky of each day or hour; by the rain unless said */
  sky: skySchema.optional(),
  /** when the generator and the car run, and the grid comes back; never unless said */
  charging: chargingTimesSchema.optional(),
  away: windows,
  asleep: windows,
  /** the least important tier that is still carried */
  carriedTiers: z.enum(['critical', 'flexible', 'optional']),
  confidence: bounded('scenario.confidence'),
  note,
})

export const profileSchema = z.strictObject({
  name,
  sample: z.boolean(),
  mains: z.enum(['120/240 V split phase', '120 V', '230 V']),
  /** the units the household reads in; every figure is kept in SI */
  units: z.strictObject({
    temperature: z.enum(UNIT_CHOICES.temperature),
    mass: z.enum(UNIT_CHOICES.mass),
    volume: z.enum(UNIT_CHOICES.volume),
    length: z.enum(UNIT_CHOICES.length),
    wire: z.enum(UNIT_CHOICES.wire),
    clock: z.enum(UNIT_CHOICES.clock),
    decimal: z.enum(UNIT_CHOICES.decimal),
  }),
  currency: z.string().regex(/^[A-Z]{3}$/, shape('currency')),
  /** how starts are added up: the peak with the largest motor start of everything running, or all starts at once */
  surgeSchool: z.enum(['largest-start', 'sum-of-starts']),
  /** what a spoiled refrigerator and freezer would cost, in the household's currency */
  foodValue: bounded('profile.foodValue').optional(),
  /** whether the house can cook without electricity */
  cooksWithGas: z.boolean().optional(),
})

export type Behaviour = z.infer<typeof behaviourSchema>
export type BehaviourKind = Behaviour['kind']
export type Cycling = z.infer<typeof cyclingSchema>
export type Pump = z.infer<typeof pumpSchema>
export type Charging = z.infer<typeof chargingSchema>
export type Session = Extract<Behaviour, { kind: 'session' }>
export type Scheduled = Extract<Behaviour, { kind: 'scheduled' }>
export type Drive = z.infer<typeof drive>
export type Start = z.infer<typeof startSchema>
export type Steering = z.infer<typeof steeringSchema>
export type Standing = { on: boolean; tier: (typeof TIERS)[number]; steering?: Steering }
export type Load = z.infer<typeof loadSchema>
export type HouseholdLoad = z.infer<typeof householdLoadSchema>
export type Scenario = z.infer<typeof scenarioSchema>
export type Profile = z.infer<typeof profileSchema>

export type { Source, PowerSystem } from './power'
export { idSchema } from './fields'
