import { hotShare } from '../sizing/strains'
import { sourceWiringOf } from '../wiring/batteryCircuit'
import { finding } from './finding'
import type { Hazard } from './hazardInput'

/** A source in the sun, shut in, or in air so warm that it gives less. */
export const heat: Hazard = ({ plan, sources, weather }) =>
  sources.flatMap((source) => {
    const stands = sourceWiringOf(plan, source.id)?.stands
    const givesFraction = hotShare(source, plan)
    const hottestC = Math.max(...weather[source.where ?? 'indoors'])
    const why = stands === 'sun' || stands === 'shut-in' ? stands : givesFraction < 1 ? 'hot hours' : null
    return why === null
      ? []
      : [
          finding('heat', source.id, { page: 'hookup', part: 'source', id: source.id }, 'you', {
            source: source.name,
            why,
            givesFraction,
            hottestC,
          }),
        ]
  })
