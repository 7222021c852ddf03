import type { HouseholdLoad } from '@/core/plan/schema'
import { type Evidence, quantity } from '@/core/quantity/quantity'
import type { Appliance } from './appliance'

/** A motor's start of so many watts, a fraction of a second long until it is measured. */
export function withStart(
  watts: number,
  evidence: Evidence,
  seconds = 0.3,
): NonNullable<HouseholdLoad['start']> {
  return {
    watts: quantity(watts, 'W', evidence),
    seconds: quantity(seconds, 's', 'typical', { times: 2 }),
  }
}

/** A load of the household made from a typical appliance. */
export function loadFrom(appliance: Appliance, id: string, name: string, mains: 120 | 230): HouseholdLoad {
  const volts = mains === 230 ? 230 : (appliance.volts ?? 120)
  return {
    id,
    name,
    volts,
    leg: volts === 240 ? 'both' : 'A',
    start: appliance.start && withStart(appliance.start[0], 'typical', appliance.start[1]),
    behaviour: structuredClone(appliance.behaviour),
    medical: appliance.medical ?? false,
    note: appliance.caution ?? '',
    standings: {},
  }
}

/** What stands in for a load nothing is known of. */
const UNKNOWN_W = 50

/** Whether nothing has been said of a load yet. */
export const isPlaceholder = ({ behaviour, start }: HouseholdLoad): boolean =>
  behaviour.kind === 'constant' &&
  behaviour.runningW.value === UNKNOWN_W &&
  behaviour.runningW.evidence === 'typical' &&
  start === null

/** A load nothing is known of yet. */
export function blankLoad(id: string, name: string, mains: 120 | 230): HouseholdLoad {
  return {
    id,
    name,
    volts: mains,
    leg: 'A',
    start: null,
    behaviour: { kind: 'constant', runningW: quantity(UNKNOWN_W, 'W', 'typical') },
    medical: false,
    note: '',
    standings: {},
  }
}
