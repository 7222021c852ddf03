import { connectedArrays } from '../refill/connected'
import { recordLowOf } from '../weather/recordCold'
import { finding } from './finding'
import type { Hazard } from './hazardInput'

/** A string whose volts in the record cold pass what its input bears: it would be destroyed. */
export const panelVolts: Hazard = ({ plan, charged }) => {
  const recordLow = recordLowOf(plan.refill, plan.scenario)
  return connectedArrays(plan.refill.panels, charged, recordLow).flatMap(
    ({ array, check, window, verdict }) =>
      verdict === 'refused' && check && window
        ? [
            finding('panel-volts', array.id, { page: 'recharge', part: 'panels', id: array.id }, 'you', {
              array: array.name,
              coldV: Math.max(check.coldVocByTable, check.coldVocByCoefficient),
              limitV: window.highV,
              recordC: recordLow.celsius,
            }),
          ]
        : [],
  )
}
