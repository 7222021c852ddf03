import { lengthOf } from '../wiring/connections'
import { finding } from './finding'
import type { Hazard } from './hazardInput'

/** A cord that carries more than it may, or loses too much. */
export const overloadedCord: Hazard = ({ connections }) =>
  connections.cords.flatMap(({ cord, chain, loads, draw, verdict, least, wire }) => {
    if (!verdict || !wire || (!verdict.isOverloaded && !verdict.dropsTooMuch)) return []
    return [
      finding('overloaded-cord', cord.id, { page: 'hookup', part: 'cord', id: cord.id }, 'you', {
        cord: cord.name,
        names: loads.map(({ name }) => name),
        why: verdict.isOverloaded ? 'amps' : verdict.atStart ? 'start drop' : 'drop',
        limitedBy: verdict.limitedBy,
        amps: verdict.atStart && !verdict.isOverloaded ? draw.startA : draw.runningA,
        ratedA: verdict.ratedA,
        dropFraction: verdict.atStart ? verdict.startDrop : verdict.runningDrop,
        wire: wire.name,
        lengthM: lengthOf(chain),
        least: least?.name ?? null,
      }),
    ]
  })

/** A load whose cord nobody named, and a cord that is not bought yet: the least that will do. */
export const cordToFind: Hazard = ({ connections }) => [
  ...connections.toFind.map(({ load, draw, lengthM, least }) =>
    finding('cord-to-find', load.id, { page: 'hookup', part: 'load', id: load.id }, 'you', {
      name: load.name,
      amps: draw.runningA,
      lengthM,
      least: least?.name ?? null,
    }),
  ),
  ...connections.cords
    .filter(({ cord, loads }) => cord.areaMm2 === null && loads.length > 0)
    .map(({ cord, chain, draw, least }) =>
      finding('cord-to-find', cord.id, { page: 'hookup', part: 'cord', id: cord.id }, 'you', {
        name: cord.name,
        amps: draw.runningA,
        lengthM: lengthOf(chain),
        least: least?.name ?? null,
      }),
    ),
]

/** A cord that lies where it is crushed, hidden or wet. */
export const cordRoute: Hazard = ({ connections }) =>
  connections.cords.flatMap(({ cord, loads }) =>
    cord.route === undefined || cord.route === 'open' || loads.length === 0
      ? []
      : [
          finding('cord-route', cord.id, { page: 'hookup', part: 'cord', id: cord.id }, 'you', {
            cord: cord.name,
            route: cord.route,
          }),
        ],
  )

/** A power strip plugged into a power strip. */
export const daisyChain: Hazard = ({ connections }) =>
  connections.cords.flatMap(({ cord, chain, loads }) => {
    const before = chain[chain.length - 2]
    return cord.isStrip && before?.isStrip && loads.length > 0
      ? [
          finding('daisy-chain', cord.id, { page: 'hookup', part: 'cord', id: cord.id }, 'you', {
            cord: cord.name,
            into: before.name,
          }),
        ]
      : []
  })
