import { servesFor } from '../load/servesFor'
import { sourceWiringOf } from '../wiring/batteryCircuit'
import { finding } from './finding'
import { DRY_ABOVE_M } from './limits'
import type { Hazard } from './hazardInput'

/** A pump in a pit, and a source that may stand in the same water. */
export const water: Hazard = ({ plan, connections, sources }) =>
  connections.loads
    .filter(({ load }) => servesFor(load) === 'pit')
    .flatMap(({ load, wiring }) => {
      const source = sources.find(({ id }) => id === load.sourceId)
      if (!source) return []
      const aboveFloorM = sourceWiringOf(plan, source.id)?.aboveFloorM ?? null
      const isProtected = wiring?.isGroundFaultProtected ?? false
      const isDry = aboveFloorM !== null && aboveFloorM >= DRY_ABOVE_M
      if (isDry && isProtected) return []
      return [
        finding('water', load.id, { page: 'hookup', part: 'load', id: load.id }, 'you', {
          name: load.name,
          source: source.name,
          aboveFloorM,
          isProtected,
        }),
      ]
    })
