import type { Source } from '../plan/power'
import type { Load } from '../plan/schema'
import { type Draw, drawOf, drawTogether } from './draw'
import { loadsOnLeg } from './legs'

/** Which outlet of a source feeds a load: a leg, both of them, household current of one leg, direct current. */
export type OutletKind = 'A' | 'B' | 'both' | 'ac' | 'dc'

export const OUTLET_ORDER: readonly OutletKind[] = ['A', 'B', 'both', 'ac', 'dc']

/** An outlet of a source, with all it feeds. */
export interface Outlet {
  kind: OutletKind
  volts: number
  draw: Draw
}

/** The outlet a load hangs on. */
export function outletOf({ volts, leg }: Load, source: Source): OutletKind {
  if (volts === 12) return 'dc'
  if (volts === 240) return 'both'
  return source.volts.includes(240) ? leg : 'ac'
}

/** The outlets of a source that feed something, each leg with its half of what is on both; none where all is on one. */
export function outletsOf(source: Source, loads: readonly Load[]): Outlet[] {
  const kinds = OUTLET_ORDER.filter((kind) => loads.some((load) => outletOf(load, source) === kind))
  if (kinds.length < 2) return []
  return kinds.map((kind) => {
    const on =
      kind === 'A' || kind === 'B'
        ? loadsOnLeg(loads, kind)
        : loads.filter((load) => outletOf(load, source) === kind)
    const draw = drawTogether(on.map(drawOf))!
    return { kind, volts: draw.volts, draw }
  })
}
