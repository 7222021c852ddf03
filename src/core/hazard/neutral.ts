import { servesFor } from '../load/servesFor'
import { sourceWiringOf } from '../wiring/batteryCircuit'
import { finding } from './finding'
import type { Hazard } from './hazardInput'

/** A furnace or boiler board that looks for ground finds none on a source whose neutral floats. */
export const floatingNeutral: Hazard = ({ plan, connections }) =>
  connections.loads
    .filter(({ load }) => servesFor(load) === 'warm house' && load.volts !== 12)
    .flatMap(({ load }) => {
      const source = plan.powerSystem.sources.find(({ id }) => id === load.sourceId)
      if (!source) return []
      const said = sourceWiringOf(plan, source.id)?.neutral
      if (said === 'bonded') return []
      return [
        finding(
          'floating-neutral',
          load.id,
          { page: 'hookup', part: 'source', id: source.id },
          'electrician',
          { name: load.name, source: source.name, isSaid: said !== undefined },
        ),
      ]
    })

/** Two ties of neutral and ground, in the generator and in the panel: ground-fault outlets trip, current runs in the ground wire. */
export const doubleBond: Hazard = ({ plan }) => {
  const house = plan.wiring?.house
  if (!plan.refill.generator?.on || house?.generatorNeutral !== 'bonded') return []
  if (house.transfer !== 'transfer-switch' && house.transfer !== 'interlock') return []
  return [
    finding('double-bond', 'generator', { page: 'hookup', part: 'generator', id: null }, 'electrician', {
      transfer: house.transfer,
    }),
  ]
}
