import { chargerAmps, chemistryOf } from '../storage/bank'
import { sourceWiringOf } from '../wiring/batteryCircuit'
import { ventilationOf } from '../wiring/ventilation'
import { finding } from './finding'
import type { Hazard } from './hazardInput'

/** Lead-acid that is charged where people live: how much air it needs. */
export const hydrogen: Hazard = ({ plan, sources }) =>
  sources.flatMap((source) => {
    const { bank } = source
    const chemistry = chemistryOf(source)
    if (!bank || chemistry === 'lifepo4') return []
    if ((source.where ?? 'indoors') === 'outdoors') return []
    const isCharged = chargerAmps(bank) > 0 || plan.refill.panels.some(({ on }) => on)
    const { m3PerH, openingCm2 } = ventilationOf(bank)
    const saidCm2 = sourceWiringOf(plan, source.id)?.ventCm2 ?? null
    if (!isCharged || (saidCm2 !== null && saidCm2 >= openingCm2)) return []
    return [
      finding('hydrogen', source.id, { page: 'hookup', part: 'source', id: source.id }, 'you', {
        source: source.name,
        chemistry,
        m3PerH,
        openingCm2,
        saidCm2,
      }),
    ]
  })
