import { fallsInto } from '../risk/riskClocks'
import { finding } from './finding'
import type { Hazard } from './hazardInput'

/** What is lost within the outage once the power of a critical load has ended. */
export const whatIsLost: Hazard = ({ clocks, result }) =>
  clocks
    // a medical device has a finding of its own
    .filter((clock) => clock.kind !== 'breathing-aid' && fallsInto(clock, result.outageMin))
    .map(({ kind, name, loadId, powerEnds, lost, basis }) => {
      const isLikely = lost!.likely < result.outageMin
      return finding(
        'what-is-lost',
        `${kind}-${loadId ?? name}`,
        { page: 'runtime', part: 'load', id: loadId },
        kind === 'breathing-aid' || kind === 'medicine' ? 'supplier' : 'you',
        {
          kind,
          name,
          powerEndsMin: powerEnds ? Math.round(powerEnds.likely) : null,
          lostMin: Number.isFinite(lost!.likely) ? Math.round(lost!.likely) : result.horizonMin,
          isLikely,
          earliestMin: Math.round(lost!.early),
          basis,
        },
      )
    })

/** A pump whose pit is not described: nothing can be said of when it runs over. */
export const pitUnknown: Hazard = ({ clocks }) =>
  clocks
    .filter(({ missing }) => missing === 'pit')
    .map(({ name, loadId }) =>
      finding('pit-unknown', loadId ?? name, { page: 'hookup', part: 'load', id: loadId }, 'you', {
        name,
      }),
    )
