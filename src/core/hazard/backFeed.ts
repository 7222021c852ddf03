import { finding } from './finding'
import type { Hazard } from './hazardInput'

/** Fixed wires are fed and nothing keeps the street apart: no transfer switch, interlock or plug is named. */
export const backFeed: Hazard = ({ plan, connections }) => {
  const fixed = connections.loads.filter(({ how }) => how === 'hard-wired')
  const transfer = plan.wiring?.house?.transfer ?? 'none'
  if (fixed.length === 0 || transfer !== 'none') return []
  return [
    finding('back-feed', 'house', { page: 'hookup', part: 'house', id: null }, 'electrician', {
      names: fixed.map(({ load }) => load.name),
    }),
  ]
}
