import type { Behaviour, Cycling } from '../plan/schema'
import { type Evidence, quantity } from '../quantity/quantity'
import type { Facts } from '../reading/facts'
import { coldBoxBehaviour } from './coldBox'
import type { KnownThing } from './knownThing'

/** What is read from a line counts as read from a label. */
export const EVIDENCE: Evidence = 'label'

/** A line as far as it is heard: its facts, the thing it names, and what its watts are. */
export interface Line {
  text: string
  name: string
  facts: Facts
  thing: KnownThing | null
  /** running watts of one thing, as far as they are known */
  watts: number | null
  /** volts × amps of a label */
  va: number | null
  /** the room it stands in, °C: where what is stated was seen */
  roomC: number
}

/** What such a thing usually does; of a refrigerator by its litres and its year where they are said. */
export function baseOf({ facts, thing }: Line): Behaviour | null {
  if (!thing) return null
  if (thing.box && (facts.litres !== null || facts.year !== null))
    return coldBoxBehaviour({
      ...thing.box,
      litres: facts.litres ?? thing.box.litres,
      year: facts.year ?? thing.box.year,
    })
  return thing.behaviour
}

/** The usual behaviour at the stated running watts; what is in proportion to them goes along. */
export function withRunning(base: Behaviour, line: Line): Behaviour {
  const { watts, facts } = line
  const idle = facts.idleW === null ? null : quantity(facts.idleW, 'W', EVIDENCE, { times: 1.2 })
  if (base.kind !== 'cycling') {
    const shown =
      watts === null ? base : { ...base, runningW: quantity(watts, 'W', EVIDENCE, { times: 1.2 }) }
    return shown.kind === 'charging' && idle ? { ...shown, idleW: idle } : shown
  }
  const defrost = base.defrost && defrostOf(line, base.defrost)
  const withParts: Cycling = { ...base, ...(defrost ? { defrost } : {}), ...(idle ? { idleW: idle } : {}) }
  if (watts === null) return withParts
  const factor = watts / base.runningW.value
  const scaled = <Q extends { value: number }>(q: Q): Q => ({
    ...q,
    value: Math.round(q.value * factor * 100) / 100,
  })
  // what a cold box needs hangs on its walls, not on its compressor
  const average = line.thing?.box
    ? { ...base.averageW, value: Math.min(base.averageW.value, watts) }
    : scaled(base.averageW)
  return {
    ...withParts,
    runningW: quantity(watts, 'W', EVIDENCE, { times: 1.2 }),
    averageW: average,
    ...(base.drive?.kind === 'inverter'
      ? { drive: { ...base.drive, floorW: scaled(base.drive.floorW) } }
      : {}),
    ...(base.drive?.kind === 'two-stage' ? { drive: { ...base.drive, lowW: scaled(base.drive.lowW) } } : {}),
    ...(base.blower ? { blower: { ...base.blower, watts: scaled(base.blower.watts) } } : {}),
  }
}

/** A label's limit on a box with a defrost heater is the heater's. */
export function defrostOf({ va, watts }: Line, defrost: NonNullable<Cycling['defrost']>): typeof defrost {
  return va !== null && watts === null
    ? { ...defrost, watts: quantity(Math.round(va), 'W', EVIDENCE, { times: 1.1 }) }
    : defrost
}
