import type { Plan } from '../plan/document'
import { MOST_STARTER_WH } from '../sizing/sourceWarnings'
import { sourceWiringOf } from '../wiring/batteryCircuit'
import { connectionsOf } from '../wiring/connections'
import type { WiringTables } from '../wiring/wire'
import type { Place } from './finding'

/** What decides whether something can hurt, and nobody said yet. */
export type UnsaidWhat =
  | 'connection'
  | 'cord size'
  | 'plug'
  | 'stands'
  | 'fuse'
  | 'cable'
  | 'string fuses'
  | 'batteries alike'
  | 'generator place'
  | 'generator distance'
  | 'car place'
  | 'carbon monoxide alarms'
  | 'smoke alarms'
  | 'pit'

export interface Unsaid {
  what: UnsaidWhat
  /** of the load, cord or source it is about; null where there is one only */
  name: string | null
  place: Place
}

/** What was looked at in a plan: the kinds of things that are in it and can hurt. */
export type Checked =
  'cords' | 'batteries' | 'exhaust' | 'fixed wires' | 'volts and starts' | 'medical devices' | 'losses'

/** What of a plan was looked at for what can hurt, and what could not be, because nobody said it. */
export interface Coverage {
  checked: Checked[]
  unsaid: Unsaid[]
}

/** @param tables wires that are sold */
export function coverageOf(plan: Plan, tables: WiringTables): Coverage {
  const { loads, cords } = connectionsOf(plan, tables)
  const { refill, wiring, powerSystem } = plan
  const house = wiring?.house
  const sources = powerSystem.sources.filter(({ isAway }) => !isAway)
  const banks = sources.filter(({ bank }) => bank)
  const isCarRunning =
    (refill.car?.on && refill.car.way !== 'electric') ||
    sources.some(({ kind, capacityWh }) => kind === 'vehicle' && capacityWh.value <= MOST_STARTER_WH)
  const hasEngine = (refill.generator?.on ?? false) || isCarRunning
  const unsaid: Unsaid[] = []
  const add = (
    what: UnsaidWhat,
    part: Place['part'],
    id: string | null,
    name: string | null,
    page: Place['page'] = 'hookup',
  ) => unsaid.push({ what, name, place: { page, part, id } })
  if (refill.generator?.on) {
    if (house?.generatorPlace === undefined) add('generator place', 'generator', null, null)
    else if (house.generatorAwayM === undefined) add('generator distance', 'generator', null, null)
  }
  if (isCarRunning && house?.carPlace === undefined) add('car place', 'car', null, null)
  if (hasEngine && house?.monoxideAlarms === undefined) add('carbon monoxide alarms', 'house', null, null)
  for (const source of sources) {
    const said = sourceWiringOf(plan, source.id)
    if (source.bank) {
      if (said?.fuse === undefined) add('fuse', 'source', source.id, source.name)
      if (said?.cable?.areaMm2 == null) add('cable', 'source', source.id, source.name)
      if (source.bank.parallel > 1 && said?.hasStringFuses === undefined)
        add('string fuses', 'source', source.id, source.name)
      if (source.bank.parallel * source.bank.series > 1 && said?.batteriesAre === undefined)
        add('batteries alike', 'source', source.id, source.name)
    }
    if (said?.stands === undefined) add('stands', 'source', source.id, source.name)
  }
  for (const { load, how, isSaid, wiring: own } of loads) {
    if (how === 'lead') {
      if (own?.plug === undefined) add('plug', 'load', load.id, load.name)
    } else if (!isSaid) add('connection', 'load', load.id, load.name)
    const isPit = load.behaviour.kind === 'pump' && load.behaviour.inflowFollows === 'rain'
    if (isPit && !wiring?.risk?.pits?.some(({ loadId }) => loadId === load.id))
      add('pit', 'load', load.id, load.name)
  }
  for (const { cord, loads: on } of cords)
    if (on.length > 0 && cord.areaMm2 === null) add('cord size', 'cord', cord.id, cord.name)
  if (sources.length > 0 && house?.smokeAlarms === undefined) add('smoke alarms', 'house', null, null)
  const checked: [Checked, boolean][] = [
    ['volts and starts', loads.length > 0],
    ['cords', cords.some(({ verdict }) => verdict !== null)],
    ['batteries', banks.length > 0],
    ['exhaust', hasEngine],
    ['fixed wires', loads.some(({ how }) => how === 'hard-wired')],
    ['medical devices', loads.some(({ load }) => load.medical)],
    ['losses', loads.some(({ load }) => load.tier === 'critical')],
  ]
  return { checked: checked.flatMap(([what, is]) => (is ? [what] : [])), unsaid }
}
