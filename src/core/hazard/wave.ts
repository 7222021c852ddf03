import { servesFor } from '../load/servesFor'
import type { Load } from '../plan/schema'
import { finding } from './finding'
import type { Hazard } from './hazardInput'

/** What a modified sine wave harms or upsets: motors, medical devices, control boards, some chargers. */
const isHarmed = (load: Load) =>
  load.medical ||
  load.start !== null ||
  servesFor(load) === 'warm house' ||
  load.behaviour.kind === 'charging' ||
  load.behaviour.kind === 'pump'

export const modifiedSine: Hazard = ({ sources, connections }) =>
  sources.flatMap((source) => {
    if (source.bank?.inverter?.wave !== 'modified sine') return []
    const harmed = connections.loads.filter(
      ({ load }) => load.sourceId === source.id && load.volts !== 12 && isHarmed(load),
    )
    if (harmed.length === 0) return []
    const isMedical = harmed.some(({ load }) => load.medical)
    return [
      finding(
        'modified-sine',
        source.id,
        { page: 'power', part: 'source', id: source.id },
        isMedical ? 'supplier' : 'you',
        { source: source.name, names: harmed.map(({ load }) => load.name), isMedical },
      ),
    ]
  })
