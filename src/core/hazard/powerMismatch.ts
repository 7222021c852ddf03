import { powerGatesOf } from '../sizing/gates'
import { finding } from './finding'
import type { Hazard } from './hazardInput'

/** A load that wants volts its source does not have. */
export const wrongVoltage: Hazard = ({ plan, result }) =>
  result.leftOut
    .filter(({ why }) => why === 'voltage')
    .flatMap(({ loadId }) => {
      const load = plan.loads.find(({ id }) => id === loadId)
      const source = plan.powerSystem.sources.find(({ id }) => id === load?.sourceId)
      return load && source
        ? [
            finding('wrong-voltage', load.id, { page: 'loads', part: 'load', id: load.id }, 'you', {
              name: load.name,
              volts: load.volts,
              source: source.name,
              isCritical: load.tier === 'critical',
            }),
          ]
        : []
    })

/** A start that asks more than the inverter gives: it switches off, and everything with it. */
export const startTooLarge: Hazard = ({ plan, result }) => {
  const { starts } = powerGatesOf(plan, result)
  if (starts.verdict !== 'short') return []
  return [
    finding(
      'start-too-large',
      starts.source.id,
      { page: 'power', part: 'source', id: starts.source.id },
      'you',
      {
        source: starts.source.name,
        name: starts.binding?.name ?? null,
        neededW: starts.neededW,
        limitW: starts.limitW,
      },
    ),
  ]
}
