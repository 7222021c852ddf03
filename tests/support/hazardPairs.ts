import { bankOf, equipmentClass, sourceOf } from '@/catalog/equipment'
import { CARS, arrayOf, generatorOf } from '@/catalog/refill'
import type { HazardId } from '@/core/hazard/finding'
import type { Plan } from '@/core/plan/document'
import { NO_CHARGING } from '@/core/plan/noRefill'
import type { Load, Source } from '@/core/plan/schema'
import type { Wiring } from '@/core/plan/wiring'
import { quantity } from '@/core/quantity/quantity'
import { burner, coldBox, constant, exactSource, loadOf, planWith, session } from './samplePlan'

/** Plans that hold something hazardous, each beside one that does not. */

const startOf = (watts: number): Load['start'] => ({
  watts: quantity(watts, 'W', 'label', { times: 1 }),
  seconds: quantity(0.5, 's', 'typical', { times: 1 }),
})
export const lamp = loadOf(constant(10), { id: 'lamp', name: 'Lamp' })
export const furnace = loadOf(burner(150, 60), { id: 'furnace', name: 'Furnace' })
export const fridge = loadOf(coldBox(150, 60), { id: 'fridge', name: 'Refrigerator', start: startOf(900) })
export const pump = loadOf(
  {
    kind: 'pump',
    runningW: quantity(500, 'W', 'label', { times: 1 }),
    cycle: {
      by: 'volume',
      volumeL: quantity(20, 'L', 'typical', { times: 1 }),
      rateLMin: quantity(60, 'L/min', 'typical', { times: 1 }),
      inflowLH: quantity(120, 'L/h', 'typical', { times: 1 }),
    },
    inflowFollows: 'rain',
  },
  { id: 'pump', name: 'Sump pump', start: startOf(1500) },
)
export const aid = loadOf(constant(40), { id: 'aid', name: 'Breathing aid', medical: true })
const computer = loadOf(constant(60), { id: 'computer', name: 'Desktop computer' })
const bank = (id = 'lfp-12-200', inverter = 'inverter-1500-12') => ({
  ...bankOf(id, 1, 1, inverter, 'bank'),
  id: 'main',
})

export const generator = (
  plan: Plan,
  change: Partial<NonNullable<Plan['refill']['generator']>> = {},
): Plan => ({
  ...plan,
  refill: { ...plan.refill, generator: { ...generatorOf(2000, 20), on: true, ...change } },
})
export const charging = (plan: Plan, from: number, to: number): Plan => ({
  ...plan,
  scenario: {
    ...plan.scenario,
    charging: { ...NO_CHARGING, generator: [{ fromMin: from, toMin: to }] },
    asleep: [{ from: '23:00', to: '07:00' }],
  },
})
export const wired = (plan: Plan, wiring: Wiring): Plan => ({
  ...plan,
  wiring: { ...plan.wiring, ...wiring },
})
export const house = (plan: Plan, said: Wiring['house']): Plan => wired(plan, { house: said })
const source = (plan: Plan, said: object): Plan =>
  wired(plan, { sources: [{ powerSystemId: 'system', sourceId: 'main', ...said }] })
const cord = (areaMm2: number | null, lengthM: number, more = {}) => ({
  id: 'cord',
  name: 'Cord',
  areaMm2,
  lengthM,
  ...more,
})
const on = (load: Load, ...cords: ReturnType<typeof cord>[]): Plan =>
  wired(planWith([load]), {
    cords,
    loads: [{ loadId: load.id, connection: 'cord', cordId: cords.at(-1)!.id }],
  })
const withSource = (loads: Load[], change: Partial<Source>) =>
  planWith(loads, [{ ...exactSource(), ...change }])
const outfit = (change: Partial<NonNullable<Source['outfit']>>) => ({
  outfit: { ...exactSource().outfit!, ...change },
})

const router = loadOf(constant(30), { id: 'router', name: 'Router', volts: 12 })
const onLead = (said: NonNullable<Wiring['loads']>[number]) =>
  wired(planWith([router], [bank()]), { loads: [said] })
const charger = (chargerA: number) => {
  const source = bank()
  return planWith([router], [{ ...source, bank: { ...source.bank!, inverter: null, chargerA } }])
}
const inParallel = (parallel: number) => ({
  ...bankOf('lfp-12-100', 1, parallel, 'inverter-1500-12', 'bank'),
  id: 'main',
})
const carOf = (change: Partial<NonNullable<Plan['refill']['car']>>): Plan => ({
  ...planWith([lamp]),
  refill: { ...planWith([]).refill, car: { ...CARS.inverter, systemW: undefined, on: true, ...change } },
})
const carInverter = (systemW: number): Plan => ({
  ...planWith([lamp]),
  refill: { ...planWith([]).refill, car: { ...CARS.inverter, on: true, watts: 900, systemW } },
})

/** Every hazard in a plan that has it, and its harmless neighbour. */
export const HAZARD_PAIRS: [HazardId, string, Plan, Plan][] = [
  [
    'carbon-monoxide',
    'a generator is planned',
    generator(planWith([lamp])),
    generator(planWith([lamp]), { on: false }),
  ],
  [
    'carbon-monoxide',
    'a car runs, not an electric one',
    { ...planWith([lamp]), refill: { ...planWith([]).refill, car: { ...CARS.inverter, on: true } } },
    { ...planWith([lamp]), refill: { ...planWith([]).refill, car: { ...CARS.electric, on: true } } },
  ],
  [
    'carbon-monoxide',
    'a car with an engine is the source',
    planWith([lamp], [sourceOf(equipmentClass('car-battery'), 'main')]),
    planWith([lamp]),
  ],
  [
    'back-feed',
    'fixed wires without a transfer switch',
    planWith([furnace]),
    house(planWith([furnace]), { transfer: 'transfer-switch' }),
  ],
  [
    'floating-neutral',
    'a furnace on a floating neutral',
    planWith([furnace]),
    source(planWith([furnace]), { neutral: 'bonded' }),
  ],
  [
    'double-bond',
    'generator and panel both bonded',
    house(generator(planWith([furnace])), { transfer: 'interlock', generatorNeutral: 'bonded' }),
    house(generator(planWith([furnace])), { transfer: 'interlock', generatorNeutral: 'floating' }),
  ],
  ['overloaded-cord', 'a pump on 30 m of 18 AWG', on(pump, cord(0.823, 30)), on(pump, cord(3.31, 30))],
  [
    'overloaded-cord',
    'a coiled reel',
    on(loadOf(constant(800)), cord(1.31, 5, { isCoiled: true })),
    on(loadOf(constant(800)), cord(1.31, 5)),
  ],
  [
    'overloaded-cord',
    'two loads share one',
    wired(planWith([loadOf(constant(900), { id: 'a' }), loadOf(constant(900), { id: 'b' })]), {
      cords: [cord(1.31, 5)],
      loads: ['a', 'b'].map((loadId) => ({ loadId, cordId: 'cord' })),
    }),
    on(loadOf(constant(900), { id: 'a' }), cord(1.31, 5)),
  ],
  [
    'hot-cord',
    'a heater on a power strip',
    on(loadOf(constant(1200), { id: 'heater', name: 'Fan heater' }), cord(3.31, 2, { isStrip: true })),
    on(loadOf(constant(1200), { id: 'heater', name: 'Fan heater' }), cord(3.31, 2)),
  ],
  [
    'hot-cord',
    'a kettle on a wound reel',
    on(
      loadOf(session(1300, 4, ['08:00']), { id: 'kettle', name: 'Kettle' }),
      cord(13.3, 5, { isCoiled: true }),
    ),
    on(
      loadOf(session(300, 4, ['08:00']), { id: 'kettle', name: 'Travel kettle' }),
      cord(13.3, 5, { isCoiled: true }),
    ),
  ],
  [
    'hot-cord',
    '1,000 W for hours on a strip, whatever it is called',
    on(loadOf(constant(1000), { id: 'rig', name: 'Workshop rig' }), cord(3.31, 2, { isStrip: true })),
    on(loadOf(constant(950), { id: 'rig', name: 'Workshop rig' }), cord(3.31, 2, { isStrip: true })),
  ],
  [
    'hot-cord',
    'hours at more than four fifths of what a plain cord carries',
    on(loadOf(constant(1300), { id: 'rig', name: 'Workshop rig' }), cord(1.31, 3)),
    on(loadOf(session(1300, 60, ['08:00']), { id: 'rig', name: 'Workshop rig' }), cord(1.31, 3)),
  ],
  ['cord-to-find', 'nobody named a cord', planWith([lamp]), on(lamp, cord(1.31, 5))],
  [
    'unfused-battery',
    'a bank without a fuse',
    source(planWith([lamp], [bank()]), { fuse: null }),
    source(planWith([lamp], [bank()]), {
      fuse: { ratedA: 250, interruptingA: 20_000 },
      cable: { areaMm2: 120, lengthM: 0.5 },
    }),
  ],
  [
    'unfused-battery',
    'a fuse that cannot interrupt a short',
    source(planWith([lamp], [bank()]), { fuse: { ratedA: 250 }, cable: { areaMm2: 120, lengthM: 0.5 } }),
    source(planWith([lamp], [bank()]), {
      fuse: { ratedA: 250, interruptingA: 20_000 },
      cable: { areaMm2: 120, lengthM: 0.5 },
    }),
  ],
  [
    'unfused-strings',
    'two batteries in parallel without a fuse each',
    source(planWith([lamp], [inParallel(2)]), { hasStringFuses: false }),
    source(planWith([lamp], [inParallel(2)]), { hasStringFuses: true }),
  ],
  ['unfused-strings', 'nobody said', planWith([lamp], [inParallel(2)]), planWith([lamp], [inParallel(1)])],
  [
    'mixed-batteries',
    'of different kinds',
    source(planWith([lamp], [inParallel(2)]), { batteriesAre: 'kind' }),
    source(planWith([lamp], [inParallel(2)]), { batteriesAre: 'alike' }),
  ],
  [
    'mixed-batteries',
    'bought a year apart',
    source(planWith([lamp], [inParallel(2)]), { batteriesAre: 'alike', boughtApartMonths: 7 }),
    source(planWith([lamp], [inParallel(2)]), { batteriesAre: 'alike', boughtApartMonths: 6 }),
  ],
  [
    'mixed-batteries',
    'of different sizes, in series too',
    source(planWith([lamp], [{ ...bankOf('lfp-12-100', 2, 1, 'inverter-1500-24', 'bank'), id: 'main' }]), {
      batteriesAre: 'size',
    }),
    source(planWith([lamp], [inParallel(1)]), { batteriesAre: 'size' }),
  ],
  [
    'car-socket',
    'more than its 12 V socket bears',
    carOf({ way: '12 V socket', watts: 150 }),
    carOf({ way: '12 V socket', watts: 120 }),
  ],
  [
    'car-socket',
    'a small inverter plugged into it',
    carOf({ way: 'inverter', watts: 300 }),
    carOf({ way: 'inverter', watts: 350 }),
  ],
  [
    'car-socket',
    'a socket that bears more was said',
    carOf({ way: '12 V socket', watts: 190, systemW: 180 }),
    carOf({ way: '12 V socket', watts: 180, systemW: 180 }),
  ],
  [
    'thin-cable',
    'thin battery cables',
    source(planWith([lamp], [bank()]), { cable: { areaMm2: 5.26, lengthM: 1 } }),
    source(planWith([lamp], [bank()]), { cable: { areaMm2: 107.2, lengthM: 1 } }),
  ],
  [
    'hydrogen',
    'flooded batteries indoors',
    planWith([lamp], [bank('flooded-12-100', 'inverter-2000-12')]),
    source(planWith([lamp], [bank('flooded-12-100', 'inverter-2000-12')]), { ventCm2: 500 }),
  ],
  [
    'charged-in-frost',
    'lithium in an icy shed under panels',
    {
      ...withSource([lamp], { where: 'outdoors' }),
      scenario: { ...planWith([]).scenario, outdoor: { lowC: -20, highC: -12 } },
      refill: { ...planWith([]).refill, panels: [arrayOf('panel-220', 'roof')] },
    },
    {
      ...withSource([lamp], { where: 'indoors' }),
      scenario: { ...planWith([]).scenario, outdoor: { lowC: -20, highC: -12 } },
      refill: { ...planWith([]).refill, panels: [arrayOf('panel-220', 'roof')] },
    },
  ],
  [
    'panel-volts',
    'three panels in a row on a 60 V input',
    {
      ...planWith([lamp]),
      refill: {
        ...planWith([]).refill,
        recordLowC: -20,
        panels: [arrayOf('panel-220', 'roof', { series: 3 })],
      },
    },
    {
      ...planWith([lamp]),
      refill: {
        ...planWith([]).refill,
        recordLowC: -20,
        panels: [arrayOf('panel-220', 'roof', { series: 1 })],
      },
    },
  ],
  [
    'wrong-voltage',
    'a 240 V load on 120 V',
    planWith([loadOf(constant(900), { volts: 240, leg: 'both' }), lamp]),
    planWith([loadOf(constant(900)), lamp]),
  ],
  [
    'start-too-large',
    'a start over the surge',
    planWith([loadOf(constant(500), { start: startOf(9000) })]),
    planWith([loadOf(constant(500), { start: startOf(2000) })]),
  ],
  [
    'modified-sine',
    'a motor on a modified sine',
    planWith([fridge], [bank('lfp-12-200', 'inverter-1500-12-modified')]),
    planWith([fridge], [bank()]),
  ],
  [
    'one-source',
    'a medical device with one source',
    planWith([aid]),
    wired(planWith([aid]), { loads: [{ loadId: 'aid', hasSecondSource: true }] }),
  ],
  [
    'transfer-gap',
    'a computer that is plugged over',
    withSource([computer], outfit({ transferMs: null })),
    withSource([computer], outfit({ transferMs: 10 })),
  ],
  [
    'ups-input',
    'a UPS beside a generator',
    generator(planWith([lamp], [{ ...exactSource(), kind: 'ups' }])),
    planWith([lamp], [{ ...exactSource(), kind: 'ups' }]),
  ],
  [
    'what-is-lost',
    'a refrigerator whose power ends early',
    planWith([{ ...fridge, behaviour: coldBox(300, 290) }], undefined, 48),
    planWith([{ ...fridge, tier: 'flexible', behaviour: coldBox(300, 290) }], undefined, 48),
  ],
  [
    'pit-unknown',
    'nobody measured the pit',
    planWith([pump]),
    wired(planWith([pump]), { risk: { pits: [{ loadId: 'pump', areaM2: 0.2, toRimM: 0.3 }] } }),
  ],
  [
    'water',
    'a source low in a cellar',
    source(planWith([pump]), { aboveFloorM: 0.1 }),
    wired(source(planWith([pump]), { aboveFloorM: 1 }), {
      loads: [{ loadId: 'pump', isGroundFaultProtected: true }],
    }),
  ],
  [
    'heat',
    'a station in a closed cupboard',
    source(planWith([lamp]), { stands: 'shut-in' }),
    source(planWith([lamp]), { stands: 'free' }),
  ],
  [
    'cord-route',
    'a cord under a carpet',
    on(lamp, cord(1.31, 5, { route: 'covered' })),
    on(lamp, cord(1.31, 5, { route: 'open' })),
  ],
  [
    'daisy-chain',
    'strip into strip',
    on(
      lamp,
      cord(1.31, 2, { id: 'first', isStrip: true }),
      cord(1.31, 2, { isStrip: true, fromCordId: 'first' }),
    ),
    on(lamp, cord(1.31, 2, { id: 'first' }), cord(1.31, 2, { isStrip: true, fromCordId: 'first' })),
  ],
  [
    'unattended',
    'a generator at night',
    charging(generator(planWith([lamp])), 360, 480),
    charging(generator(planWith([lamp])), 60, 180),
  ],
  ['smoke-alarms', 'no smoke alarm', planWith([lamp]), house(planWith([lamp]), { smokeAlarms: 2 })],
  [
    'grid-return',
    'a computer without a protector',
    planWith([computer]),
    house(planWith([computer]), { hasSurgeProtector: true }),
  ],
  [
    'fuel',
    'fuel kept indoors',
    house(generator(planWith([lamp])), { keepsFuelIndoors: true }),
    house(generator(planWith([lamp])), { keepsFuelIndoors: false }),
  ],
  [
    'direct-current',
    'nobody named plug and polarity',
    onLead({ loadId: 'router' }),
    onLead({ loadId: 'router', plug: 'barrel-plus-inside' }),
  ],
  [
    'direct-current',
    'a long thin lead',
    onLead({ loadId: 'router', plug: 'terminals', lead: { areaMm2: 0.823, lengthM: 10 } }),
    onLead({ loadId: 'router', plug: 'terminals', lead: { areaMm2: 3.31, lengthM: 3 } }),
  ],
  ['charger-budget', 'a charger hardly larger than what it feeds', charger(3), charger(20)],
  [
    'car-system',
    'an inverter asks more than a hybrid’s converter gives',
    carInverter(500),
    carInverter(1200),
  ],
  ['lifting', 'a heavy station', withSource([lamp], { weightKg: 30 }), withSource([lamp], { weightKg: 20 })],
]
