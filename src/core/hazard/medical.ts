import { finding } from './finding'
import type { Hazard } from './hazardInput'

/** A critical medical device with one source, or with less time than the outage asks at the chosen confidence. */
export const oneSource: Hazard = ({ clocks, result, connections, sources }) =>
  connections.loads
    .filter(({ load, wiring }) => load.medical && load.tier === 'critical' && !wiring?.hasSecondSource)
    .flatMap(({ load }) => {
      const source = sources.find(({ id }) => id === load.sourceId)
      const clock = clocks.find(({ kind, loadId }) => kind === 'breathing-aid' && loadId === load.id)
      if (!source || !clock?.powerEnds || !clock.lost) return []
      const endsMin = clock.lost.early
      const isShort = endsMin < result.outageMin
      if (!isShort && sources.length > 1) return []
      return [
        finding('one-source', load.id, { page: 'loads', part: 'load', id: load.id }, 'supplier', {
          name: load.name,
          source: source.name,
          isShort,
          endsMin: Math.round(endsMin),
        }),
      ]
    })
