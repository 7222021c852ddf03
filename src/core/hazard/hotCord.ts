import { averageW } from '../load/average'
import { peakRunningW } from '../load/peak'
import type { Load } from '../plan/schema'
import type { CordUse } from '../wiring/connections'
import { STRIP_A } from '../wiring/cord'
import { finding } from './finding'
import type { Hazard } from './hazardInput'

/** What makes heat, by its name. A soldering iron or a pad for a bed does not make enough of it. */
const HEAT =
  /\bheater|\bkettle|\btoaster|\boven\b|hot ?plate|\bhob\b|cooker|hair ?dryer|\biron\b|\bgrill\b|radiator|boiling/i
const HEAT_W = 700
/** Anything that draws as much for so long warms contacts as a heater does. Common practice, no source. */
const MUCH_W = 1000
const LONG_H = 1
/** A current that lasts three hours may be four fifths of what a wire carries: NEC 210.19, 210.20. */
const CONTINUOUS_H = 3
const CONTINUOUS_SHARE = 0.8

/**
 * Heat on a power strip or a wound reel, or on a cord that lies straight but carries nearly all it may for hours: contacts and
 * coils get hot long before a fuse acts. What is over its ampacity is told by the cord itself.
 */
export const hotCord: Hazard = ({ plan, connections }) => {
  const stripA = plan.household.mains === '230 V' ? STRIP_A.other : STRIP_A.us
  return connections.loads.flatMap(({ load, draw, cords }) => {
    const uses = cords.map((cord) => connections.cords.find((use) => use.cord.id === cord.id)!)
    const found = worst(load, draw.runningA, uses, stripA)
    return found === null
      ? []
      : [
          finding(
            'hot-cord',
            `${load.id} ${found.use.cord.id}`,
            { page: 'hookup', part: 'cord', id: found.use.cord.id },
            'you',
            {
              name: load.name,
              cord: found.use.cord.name,
              on: found.on,
              drawsW: peakRunningW(load.behaviour),
              amps: draw.runningA,
              ratedA: found.ratedA,
            },
          ),
        ]
  })
}

function worst(load: Load, amps: number, uses: readonly CordUse[], stripA: number) {
  const watts = peakRunningW(load.behaviour)
  const hours = longestRunH(load)
  const isHot = (HEAT.test(load.name) && watts >= HEAT_W) || (watts >= MUCH_W && hours >= LONG_H)
  for (const use of uses) {
    if (use.verdict?.isOverloaded) continue
    const ratedA = use.verdict?.ratedA ?? stripA
    if (isHot && use.cord.isStrip) return { use, on: 'strip' as const, ratedA }
    if (isHot && use.cord.isCoiled) return { use, on: 'reel' as const, ratedA }
    if (use.verdict && hours >= CONTINUOUS_H && amps > CONTINUOUS_SHARE * ratedA)
      return { use, on: 'cord' as const, ratedA }
  }
  return null
}

/** Hours at a stretch, or of the day in all, for which it may draw its most. */
function longestRunH({ behaviour }: Load): number {
  switch (behaviour.kind) {
    case 'constant':
      return 24
    case 'session':
      return behaviour.minutesEach.value / 60
    case 'scheduled':
    case 'cycling':
    case 'pump':
    case 'charging': {
      const watts = peakRunningW(behaviour)
      return watts > 0 ? (24 * averageW(behaviour)) / watts : 0
    }
  }
}
